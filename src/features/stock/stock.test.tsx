/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { fieldNamed, GRAMS, shown, SIX_MS } from '../../../tests/fixtures/shown';
import type { StockView } from '@/shop/stock-view';
import { Stock } from './stock';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }));

const salt = {
  ingredientId: 'salt',
  name: 'Salt',
  neededG: 620,
  thereG: 500,
  missingG: 120,
  shortMs: SIX_MS + 7_200_000,
  countedMs: SIX_MS,
  pricePerKg: null,
  cost: null,
};
const view = (changes: Partial<StockView> = {}): StockView => ({
  units: GRAMS,
  shopName: 'Slip Four',
  nowMs: SIX_MS,
  days: 7,
  rows: [
    salt,
    {
      ...salt,
      ingredientId: 'oil',
      name: 'Oil',
      thereG: null,
      missingG: null,
      shortMs: null,
      countedMs: null,
    },
  ],
  bakes: [],
  thrown: { flourG: 280, cost: null },
  ...changes,
});
const noted = (before: object | null = null) =>
  jest.fn(() => Promise.resolve({ ok: true, value: { before } } as never));
const line = (name: string) =>
  screen
    .getByRole('rowheader', { name })
    .closest('tr')!
    .textContent.replaceAll(/\u202f|\u00a0/g, ' ');

test('what is taken, there, missing and from when; what was never counted says so', () => {
  shown(<Stock view={view()} actions={{ noteStock: noted() }} />);
  expect(line('Salt')).toContain('620 g');
  expect(line('Salt')).toContain('120 g');
  expect(line('Salt')).toContain('08:10');
  expect(line('Oil')).toContain('not counted');
  expect(fieldNamed('thereG-salt').value).toBe('500');
});

test('counted in its line when the field is left; undone to what stood before', async () => {
  const noteStock = noted({ thereG: 500, pricePerKg: null });
  const { user } = shown(<Stock view={view()} actions={{ noteStock }} />);
  await user.clear(fieldNamed('thereG-salt'));
  await user.type(fieldNamed('thereG-salt'), '2.5 kg');
  await user.tab();
  expect(noteStock).toHaveBeenCalledWith({ ingredientId: 'salt', thereG: '2500' });
  await screen.findByText('Salt: counted.');
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  expect(noteStock).toHaveBeenLastCalledWith({ ingredientId: 'salt', thereG: 500 });
});

test('a field that is left as it stood notes nothing', async () => {
  const noteStock = noted();
  const { user } = shown(<Stock view={view()} actions={{ noteStock }} />);
  await user.click(fieldNamed('thereG-salt'));
  await user.tab();
  expect(noteStock).not.toHaveBeenCalled();
});

test('a price is taken with Enter, a comma is a decimal point; what is refused is told at its field', async () => {
  const sentence = 'Price: 900000 per kg is not possible. Allowed: 0 to 100000 per kg.';
  const noteStock = jest.fn(() =>
    Promise.resolve({ ok: false, refusals: [{ field: 'pricePerKg', sentence }] } as never),
  );
  const { user } = shown(<Stock view={view()} actions={{ noteStock }} />);
  await user.type(fieldNamed('pricePerKg-salt'), '0,45{Enter}');
  expect(noteStock).toHaveBeenCalledWith({ ingredientId: 'salt', pricePerKg: '0.45' });
  expect(await screen.findByText(sentence)).toBeDefined();
});

test('a shop of ounces prices by the pound, and keeps by the kilo', async () => {
  const noteStock = noted({ thereG: null, pricePerKg: 2 });
  const units = { ...GRAMS, massUnit: 'oz' as const };
  const { user } = shown(
    <Stock view={view({ units, rows: [{ ...salt, pricePerKg: 2 }] })} actions={{ noteStock }} />,
  );
  expect(screen.getByText('A pound costs')).toBeDefined();
  expect(fieldNamed('pricePerKg-salt').value).toBe('0.9072');
  await user.clear(fieldNamed('pricePerKg-salt'));
  await user.type(fieldNamed('pricePerKg-salt'), '1{Enter}');
  expect(noteStock).toHaveBeenCalledWith({
    ingredientId: 'salt',
    pricePerKg: expect.closeTo(2.2046, 3) as number,
  });
  await user.click(await screen.findByRole('button', { name: 'Undo' }));
  expect(noteStock).toHaveBeenLastCalledWith({ ingredientId: 'salt', pricePerKg: 2 });
});

test('with prices: the cost of each bake and of a ball, what has none is named; what is thrown away', () => {
  const bake = {
    bakeId: 'b',
    name: 'Harbour',
    atMs: SIX_MS + 43_200_000,
    balls: 40,
    cost: 8,
    without: ['Oil'],
  };
  const priced = view({
    rows: [{ ...salt, pricePerKg: 0.5, cost: 0.31 }],
    bakes: [bake],
    thrown: { flourG: 280, cost: 0.34 },
  });
  shown(<Stock view={priced} actions={{ noteStock: noted() }} />);
  const costs = within(screen.getByRole('region', { name: 'Costs' }));
  expect(costs.getByText(/Harbour/).closest('p')!.textContent).toMatch(
    /18:10: 8, a ball 0.2; without oil/,
  );
  expect(costs.getByText(/thrown away/).textContent).toContain('about 0.34');
});

test('without a plan it says where to begin', () => {
  shown(<Stock view={view({ rows: [] })} actions={{ noteStock: noted() }} />);
  expect(document.body.textContent).toContain('Take a plan of a service under Plan first');
});
