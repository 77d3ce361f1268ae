/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { GRAMS, pressable, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { ShopUnitsProvider } from '@/ui/fields/shop-units';
import type { BakePageView } from '@/server/scores/bake-page';
import { ScoreForm } from './score-form';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const view = (changes: Partial<BakePageView> = {}): BakePageView => ({
  units: GRAMS,
  nowMs: SIX_MS,
  people: ['Jo', 'Maren'],
  bakeId: 'b1',
  name: 'Quay',
  fromMs: SIX_MS - 36_000_000,
  toMs: SIX_MS - 30_000_000,
  state: 'baked',
  balls: 24,
  score: null,
  scoredBy: null,
  scoredMs: null,
  rows: [],
  others: [],
  ...changes,
});
const DONE = { ok: true, value: { batch: 'batch-1' } } as const;

function opened(of = view(), outcome: object = DONE, units: typeof GRAMS = GRAMS) {
  const actions = {
    score: jest.fn(() => Promise.resolve(outcome as typeof DONE)),
    undo: jest.fn(() => Promise.resolve(DONE)),
  };
  const form = (
    <ShopUnitsProvider units={units}>
      <ScoreForm view={of} actions={actions} />
    </ShopUnitsProvider>
  );
  return { ...shown(form), actions };
}
const group = (name: string) => within(screen.getByRole('group', { name }));

test('one tap for each judgement; what was not judged is left out, and a second tap takes one back', async () => {
  const { user, actions, askedAnew } = opened();
  await user.click(group('The first one opened').getByRole('button', { name: 'springs back' }));
  await user.click(group('The last one opened').getByRole('button', { name: 'right' }));
  await user.click(group('Colour').getByRole('button', { name: 'dark' }));
  await user.click(group('Colour').getByRole('button', { name: 'dark' }));
  await user.click(await pressable(/Write the score/));
  expect(actions.score).toHaveBeenCalledWith({
    bakeId: 'b1',
    batch: expect.any(String),
    photos: [],
    first: 'springs back',
    lastOpening: 'right',
    colour: null,
  });
  await screen.findByText('Quay scored.');
  expect(askedAnew).toHaveBeenCalled();
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  expect(actions.undo).toHaveBeenCalledWith('batch-1');
});

test('figures are typed in the shop’s units and held in mm and °C', async () => {
  const ounces = { ...GRAMS, massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' } as never;
  const { user, actions } = opened(view(), DONE, ounces);
  await user.type(screen.getByLabelText('Rim, in'), '1');
  await user.type(screen.getByLabelText('Oven floor, °F'), '752');
  await user.type(screen.getByLabelText('Seconds a pizza'), '90');
  await user.click(await pressable(/Write the score/));
  const [form] = actions.score.mock.calls[0] as unknown as [Record<string, string>];
  expect(Number(form['rimMm'])).toBeCloseTo(25.4, 6);
  expect(Number(form['floorC'])).toBeCloseTo(400, 6);
  expect(form['bakeS']).toBe('90');
});

test('a score that was written stands in the form and is written anew', () => {
  opened(
    view({
      scoredBy: 'Maren',
      score: {
        kind: 'score',
        opening: { first: 'right', last: 'slack' },
        taste: 'sour',
        rimMm: 22,
        note: 'an hour earlier',
      },
    }),
  );
  const pressed = screen.getAllByRole('button', { pressed: true }).map((one) => one.textContent);
  expect(pressed).toEqual(['right', 'slack', 'sour']);
  expect(screen.getByLabelText<HTMLInputElement>('Rim, mm').value).toBe('22');
  expect(screen.getByDisplayValue('an hour earlier')).toBeDefined();
  expect(screen.getByText('Maren')).toBeDefined();
  expect(screen.getByRole('button', { name: 'Write it anew' })).toBeDefined();
});

test('each refusal is told, and what was tapped stays', async () => {
  const sentence = 'Rim: 900 mm is not possible. Allowed: 1 to 120 mm.';
  const refused = { ok: false, refusals: [{ field: 'rimMm', sentence }] };
  const { user } = opened(view(), refused);
  await user.click(group('Taste').getByRole('button', { name: 'mild' }));
  await user.type(screen.getByLabelText('Rim, mm'), '900');
  await user.click(await pressable(/Write the score/));
  expect((await screen.findByRole('alert')).textContent).toBe(sentence);
  expect(group('Taste').getByRole('button', { pressed: true }).textContent).toBe('mild');
});
