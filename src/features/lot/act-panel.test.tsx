/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { GRAMS, pressable, shown } from '../../../tests/fixtures/shown';
import type { LotView } from '@/server/lots/lot-view';
import { ActPanel } from './act-panel';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const view = {
  code: 'L-D1',
  units: GRAMS,
  strand: { name: 'Harbour dough' },
  places: [
    { id: 'bench', name: 'Bench' },
    { id: 'fridge', name: 'Fridge' },
  ],
  ingredients: [
    { id: 'water', name: 'Water' },
    { id: 'salt', name: 'Salt' },
  ],
} as unknown as LotView;
const DONE = { ok: true, value: { batch: 'b' } } as const;

function opened(answer: (form: { sure: boolean }) => object = () => DONE) {
  const actOnLot = jest.fn((form: { sure: boolean }) => Promise.resolve(answer(form)));
  return { ...shown(<ActPanel view={view} actions={{ actOnLot } as never} />), actOnLot };
}
const acts = (actOnLot: jest.Mock) =>
  actOnLot.mock.calls.map(([form]) => (form as { act: object }).act);

test('it is folded where it stands, and carried to a place that is chosen', async () => {
  const { user, actOnLot } = opened();
  await user.click(await pressable(/^Fold$/));
  await screen.findByText('Harbour dough: folded.');
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Place' }));
  await user.click(await screen.findByRole('option', { name: 'Fridge' }));
  await user.click(await pressable(/^Move$/));
  expect(acts(actOnLot)).toEqual([{ kind: 'fold' }, { kind: 'move', placeId: 'fridge' }]);
});

test('grams are added by feel; the field is empty for the next ones', async () => {
  const { user, actOnLot } = opened();
  const field = document.querySelector<HTMLInputElement>('input[type="text"]')!;
  await user.type(field, '12,5');
  await user.click(await pressable(/^Add$/));
  expect(acts(actOnLot)).toEqual([{ kind: 'add', ingredientId: 'water', massG: '12,5' }]);
  await screen.findByText(/12.5.g added/);
  expect(field.value).toBe('');
});

test('what is asked about is done once it is confirmed, as it was asked', async () => {
  const question = 'Water: 900 g to 300 g of dough. Is that right?';
  const asks = { ok: false, refusals: [{ field: 'sure', sentence: question }] };
  const { user, actOnLot } = opened(({ sure }) => (sure ? DONE : asks));
  await user.type(document.querySelector('input[type="text"]')!, '900');
  await user.click(await pressable(/^Add$/));
  expect(await screen.findByText(question)).toBeDefined();
  expect(actOnLot).toHaveBeenCalledTimes(1);
  await user.click(await pressable(/^Yes/));
  expect(actOnLot).toHaveBeenLastCalledWith(
    expect.objectContaining({ sure: true, act: expect.objectContaining({ massG: '900' }) }),
  );
});

test('what is refused is said, and the grams stay typed', async () => {
  const sentence = 'Add: nothing is not possible. Allowed: above 0 g.';
  const { user } = opened(() => ({ ok: false, refusals: [{ field: 'massG', sentence }] }));
  const field = document.querySelector<HTMLInputElement>('input[type="text"]')!;
  await user.type(field, '0');
  await user.click(await pressable(/^Add$/));
  expect((await screen.findByRole('alert')).textContent).toBe(sentence);
  expect(field.value).toBe('0');
});
