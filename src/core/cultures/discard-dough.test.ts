import { massOf } from '../composition';
import { X } from '../kinetics';
import { MS_PER_HOUR } from '../units';
import { T0 } from '../../../tests/fixtures/baking';
import { WEIGHED_BY, jarWith, LIQUID } from '../../../tests/fixtures/jars';
import { discardDough } from './discard-dough';
import type { DiscardDoughQuestion } from './discard-dough-weighed';

const layer = (id: string, massG: number) => {
  const jar = jarWith(massG, LIQUID);
  // Weeks in the fridge have left little of it alive.
  const state = jar.state.map((value, index) => (index === X.yeastW ? value * 0.05 : value));
  return { jar: { ...jar, state, lot: { ...jar.lot, id, kind: 'discard' as const } }, massG };
};
const question = (changed: Partial<DiscardDoughQuestion>): DiscardDoughQuestion => ({
  layers: [layer('W1', 200), layer('W2', 300)],
  discardG: 320,
  use: 'flavour',
  yeastType: 'fresh',
  balls: 8,
  ballG: 250,
  hydration: 0.62,
  saltShare: 0.026,
  oilShare: 0.01,
  flourId: 'flour',
  as: { lotId: 'D1', name: 'Flatbread' },
  atMs: T0,
  placeId: 't22',
  readyMs: T0 + 6 * MS_PER_HOUR,
  ...WEIGHED_BY,
  ...changed,
});

test('the flour and water of the discard count, the oldest goes first, the yeast meets the hour', () => {
  const dough = discardDough(question({}));
  expect(dough.taken).toEqual([
    { lotId: 'W1', massG: 200 },
    { lotId: 'W2', massG: 120 },
  ]);
  expect(dough.brings.flourG).toBeCloseTo(160, 6);
  const flourG = dough.flourG + 160;
  expect((dough.waterG + 160 + (dough.dose?.stock?.waterBroughtG ?? 0)) / flourG).toBeCloseTo(
    0.62,
    2,
  );
  expect(dough.saltG / flourG).toBeCloseTo(0.026, 3);
  expect(Math.abs(dough.totalG - 2000)).toBeLessThan(4);
  expect(dough.totalG).toBeCloseTo(
    massOf(
      Object.fromEntries(dough.act.ingredients.map((line) => [line.ingredientId, line.massG])),
    ) + 320,
    6,
  );
  expect(dough.bound).toBeNull();
  expect(Math.abs(dough.missedH ?? 9) * 60).toBeLessThan(12);
  const slower = discardDough(question({ readyMs: T0 + 9 * MS_PER_HOUR }));
  expect(slower.dose?.weighedG ?? 9).toBeLessThan(dough.dose?.weighedG ?? 0);
});

test('as leaven it takes no yeast and says when it is there', () => {
  const dough = discardDough(question({ use: 'leaven' }));
  expect(dough.dose).toBeNull();
  expect(dough.window.bestMs).not.toBeNull();
  expect(dough.act.ingredients.map((line) => line.ingredientId)).not.toContain('yeast-fresh');
});

test('more than there is, and more than the dough holds, is refused by name', () => {
  expect(() => discardDough(question({ discardG: 900 }))).toThrow(
    'up to 500 g, what is in the jar',
  );
  expect(() => discardDough(question({ balls: 1, ballG: 250, discardG: 320 }))).toThrow(
    'may hold. Allowed: less of it, or more dough',
  );
});
