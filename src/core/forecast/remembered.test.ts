import { doneAt, BALL, MIX, PANTRY, PLACES, POOLISH, T0 } from '../../../tests/fixtures/baking';
import type { DoneAct } from '../journal';
import { forecastShop, learnSpeeds, RememberedLessons, RememberedLots } from '.';

const H = 3_600_000;
const done = doneAt;
const OTHER = { ...POOLISH, lotId: 'Q', name: 'Other' };
const BAKED = [done(0, POOLISH), done(0.2, OTHER), done(9.5, MIX), done(10.5, BALL)];

function shop(
  acts: readonly DoneAct[],
  lots?: RememberedLots,
  facts = 'flours as they are',
  places = PLACES,
) {
  return forecastShop({
    folded: { done: acts, plan: [] },
    nowMs: T0 + 11 * H,
    visibleFromMs: T0 - 40 * H,
    places,
    pantry: PANTRY,
    withBands: true,
    ...(lots === undefined ? {} : { remembered: { lots, facts } }),
  }).lots;
}

test('what did not change is not run again; what did, and what came of it, is', () => {
  const lots = new RememberedLots();
  const before = shop(BAKED, lots);
  expect(shop(BAKED, lots).get('B')!.run).toBe(before.get('B')!.run);
  const look = done(6, { kind: 'look', lotId: 'P', signs: { rise: 2.6 } });
  const after = shop([...BAKED, look], lots);
  expect(after.get('Q')!.run).toBe(before.get('Q')!.run);
  for (const id of ['P', 'D', 'B']) expect(after.get(id)!.run).not.toBe(before.get(id)!.run);
});

test('a remembered forecast is the forecast', () => {
  const lots = new RememberedLots();
  const histories = [
    BAKED.slice(0, 2),
    BAKED.slice(0, 3),
    BAKED,
    [...BAKED, done(5, { kind: 'look', lotId: 'P', signs: { rise: 2 } })],
    [...BAKED, done(8, { kind: 'move', lotId: 'Q', placeId: 'fridge' })],
    BAKED,
  ];
  for (const acts of histories) {
    const kept = shop(acts, lots);
    const fresh = shop(acts);
    for (const [id, lot] of fresh) {
      expect(kept.get(id)!.window).toEqual(lot.window);
      expect(kept.get(id)!.story).toEqual(lot.story);
    }
  }
});

test('other flours make everything anew', () => {
  const lots = new RememberedLots();
  const before = shop(BAKED, lots);
  // The same flour by another name gives the same run, but it is asked for anew.
  expect(shop(BAKED, lots, 'other flours').get('Q')).not.toBe(before.get('Q'));
});

test('what was learned before is what is learned anew, and a look teaches only from its lot on', () => {
  const lessons = new RememberedLessons();
  const looks = (hours: readonly number[]) =>
    hours.map((hour) => done(hour, { kind: 'look', lotId: 'P', signs: { rise: 1 + hour / 5 } }));
  const learn = (acts: readonly DoneAct[], kept?: RememberedLessons) =>
    learnSpeeds({
      done: [...acts].sort((a, b) => a.atMs - b.atMs),
      nowMs: T0 + 11 * H,
      resetMs: new Map(),
      places: PLACES,
      pantry: PANTRY,
      ...(kept === undefined ? {} : { remembered: { lessons: kept, facts: '' } }),
    });
  for (const acts of [
    BAKED,
    [...BAKED, ...looks([4])],
    [...BAKED, ...looks([4, 6])],
    [...BAKED, ...looks([6]), done(5, { kind: 'look', lotId: 'Q', signs: { rise: 1.8 } })],
    BAKED,
  ]) {
    expect(learn(acts, lessons)).toEqual(learn(acts));
  }
});

test('a reading taken in one place leaves alone what stands in another', () => {
  const lots = new RememberedLots();
  const apart = [done(0, POOLISH), done(0.2, { ...OTHER, placeId: 'fridge' })];
  const measured = new Map(PLACES);
  const bench = PLACES.get(POOLISH.placeId)!;
  measured.set(bench.id, { ...bench, readings: [{ atMs: T0 + 3 * H, tempC: 25 }] });
  const before = shop(apart, lots);
  const after = shop(apart, lots, undefined, measured);
  expect(after.get('P')!.run).not.toBe(before.get('P')!.run);
  expect(after.get('Q')!.run).toBe(before.get('Q')!.run);
});
