/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { FLOURS } from '../../../tests/fixtures/doughs';
import { fieldNamed, GRAMS, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { blendFor, type Flour } from '@/core/flour';
import type { DoughsView } from '@/server/doughs/view';
import type { StockRow } from '@/shop/stock-view';
import { blendFlows } from './blend-picture';
import { FloursView } from './flours-view';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: jest.fn() }) }));

const flours = FLOURS.slice(0, 2).map((flour) => ({ ...flour, retiredMs: null as number | null }));
const [strong, other] = flours as [(typeof flours)[number], (typeof flours)[number]];
const counted: StockRow = {
  ingredientId: strong.id,
  name: strong.name,
  neededG: 6200,
  thereG: 5000,
  missingG: 1200,
  shortMs: SIX_MS + 7_200_000,
  countedMs: SIX_MS,
  pricePerKg: null,
  cost: null,
};
const doing = () => jest.fn(() => Promise.resolve({ ok: true, value: null } as never));
function open(rows: readonly StockRow[], of = flours) {
  const view = {
    facts: { flours: of, units: GRAMS, nowMs: SIX_MS },
  } as unknown as DoughsView;
  const retireFlour = doing();
  const actions = { changeFlour: doing(), retireFlour } as never;
  return { ...shown(<FloursView view={view} stock={rows} actions={actions} />), retireFlour };
}
const line = (name: string | RegExp) => screen.getByRole('rowheader', { name }).closest('tr')!;
const said = (element: Element) => element.textContent!.replaceAll(/\u202f|\u00a0/g, ' ');

test('each flour says what is there of it and from when it is short, and leads to what to buy', () => {
  open([counted]);
  expect(said(line(strong.name))).toContain('5 000 g');
  expect(said(line(strong.name))).toContain('short from');
  expect(said(line(other.name))).toContain('not counted');
  const link = within(line(other.name)).getByRole('link');
  expect(link.getAttribute('href')).toBe('/stock');
});

test('what is enough says what the plans take', () => {
  open([{ ...counted, thereG: 9000, missingG: 0, shortMs: null }]);
  expect(said(line(strong.name))).toContain('plans take 6 200 g');
});

test('whose rules come first is said once', () => {
  open([]);
  expect(screen.getAllByText(/licensed practice come first/)).toHaveLength(1);
});

test('a flour that has run out is put aside and taken back', async () => {
  const { user, retireFlour } = open([], [strong, { ...other, retiredMs: SIX_MS }]);
  expect(said(line(new RegExp(`^${other.name}`)))).toContain(', out of stock');
  await user.click(within(line(strong.name)).getByRole('button', { name: 'Out of stock' }));
  expect(retireFlour).toHaveBeenLastCalledWith({ id: strong.id, retired: true });
  await user.click(await screen.findByRole('button', { name: 'Undo' }));
  expect(retireFlour).toHaveBeenLastCalledWith({ id: strong.id, retired: false });
});

test('a blend is drawn while there is one; out of reach it says what the two give', async () => {
  const { user } = open([]);
  const wanted = fieldNamed('wanted');
  const between = Math.round((Number(strong.strengthW) + Number(other.strengthW)) / 2);
  await user.clear(wanted);
  await user.type(wanted, `${between}{Enter}`);
  expect(said(await screen.findByTestId('blend-picture'))).toContain(`W ${between}`);
  await user.clear(wanted);
  await user.type(wanted, '900{Enter}');
  expect(await screen.findByText(/These two give/)).toBeDefined();
  expect(screen.queryByTestId('blend-picture')).toBeNull();
});

test('the flour with most of what is wanted flows in on top, whichever is named first', () => {
  const named = (first: Flour, second: Flour) => {
    const wish = { of: 'strength', value: Number(first.strengthW) } as const;
    const answer = blendFor(first, second, wish);
    if (answer.kind !== 'found') throw new Error(answer.kind);
    return blendFlows(answer.parts, flours, 'strength');
  };
  for (const flows of [named(strong, other), named(other, strong)]) {
    expect(Number(flows[0]!.flour.strengthW)).toBeGreaterThan(Number(flows[1]!.flour.strengthW));
    expect(flows.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  }
});
