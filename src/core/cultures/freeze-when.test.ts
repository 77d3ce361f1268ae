import { forecastShop, type Places } from '../forecast';
import { type Act } from '../journal';
import { MS_PER_HOUR } from '../units';
import { PANTRY, T0 } from '../../../tests/fixtures/baking';
import { freezeWhen } from './freeze-when';

const PLACES: Places = new Map([
  ['room', { id: 'room', name: 'room', settings: [{ fromMs: 0, tempC: 22 }] }],
]);

/** A mass made at T0, as it is forecast. */
function made(lotKind: 'dough' | 'poolish', yeastG: number) {
  const act: Act = {
    kind: 'make',
    lotId: 'L1',
    lotKind,
    name: 'Lot',
    ingredients: [
      { ingredientId: 'flour', massG: 600 },
      { ingredientId: 'water', massG: lotKind === 'dough' ? 390 : 600 },
      ...(yeastG > 0 ? [{ ingredientId: 'yeast-fresh', massG: yeastG }] : []),
    ],
    portions: [],
    placeId: 'room',
    startC: 22,
    gasKept: 0,
  };
  const done = [{ act, atMs: T0, entryId: '1', by: null, bakeId: null, fulfils: null, batch: 'b' }];
  const forecast = forecastShop({
    folded: { done, plan: [] },
    nowMs: T0 + MS_PER_HOUR,
    visibleFromMs: T0 - MS_PER_HOUR,
    places: PLACES,
    pantry: PANTRY,
    withBands: false,
  });
  return forecast.lots.get('L1')!;
}

test('a dough is frozen early in its rise: the moment comes sooner the more yeast it has', () => {
  const [slow, fast] = [made('dough', 2), made('dough', 8)].map((lot) => freezeWhen(lot, T0)!);
  expect(slow!.fromMs).toBeNull();
  expect(slow!.untilMs).toBeGreaterThan(T0);
  expect(fast!.untilMs).toBeLessThan(slow!.untilMs);
  expect(slow!.risenNow).toBe(0);
  // What has risen by then is about a third of the way to its best.
  expect(freezeWhen(made('dough', 2), slow!.untilMs)!.risenNow).toBeCloseTo(0.35, 1);
});

test('a leaven is frozen late in its rise, before it is ripe', () => {
  const lot = made('poolish', 1);
  const when = freezeWhen(lot, T0)!;
  expect(when.fromMs!).toBeGreaterThan(T0);
  expect(when.untilMs).toBeGreaterThan(when.fromMs!);
  expect(when.untilMs).toBeLessThanOrEqual(lot.window.bestMs!);
});

test('what does not rise has no such moment', () => {
  const lot = made('dough', 2);
  const never = { ...lot, window: { ...lot.window, opensMs: null, bestMs: null } };
  expect(freezeWhen(never, T0)).toBeNull();
  const flat = { ...lot, run: { ...lot.run, rises: lot.run.rises.map(() => 1) } };
  expect(freezeWhen(flat as typeof lot, T0)).toBeNull();
});
