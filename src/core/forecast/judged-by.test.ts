import { doneAt, PANTRY, PLACES, POOLISH, T0 } from '../../../tests/fixtures/baking';
import { ripenessAt } from '../ripeness';
import type { Act, PlannedAct } from '../journal';
import { MS_PER_HOUR } from '../units';
import { askedOf, forecastShop } from '.';

const toFridge: Act = { kind: 'move', lotId: 'P', placeId: 'fridge' };
const plannedAt = (hour: number, act: Act): PlannedAct => ({
  stepId: `s${hour}`,
  atMs: T0 + hour * MS_PER_HOUR,
  act,
  by: null,
  bakeId: null,
});
const lotAt = (nowH: number, done: readonly [number, Act][], plan: PlannedAct[] = []) =>
  forecastShop({
    folded: { done: done.map(([hour, act]) => doneAt(hour, act)), plan },
    nowMs: T0 + nowH * MS_PER_HOUR,
    visibleFromMs: -Infinity,
    places: PLACES,
    pantry: PANTRY,
    withBands: false,
  }).lots.get('P')!;

test('on the journal’s path a planned move changes nothing that is true now', () => {
  const [left, moved] = [[], [plannedAt(14, toFridge)]].map((plan) =>
    lotAt(8, [[0, POOLISH]], plan),
  );
  for (const moment of ['youngMs', 'primeMs'] as const) {
    expect(moved!.window[moment]).toBe(left!.window[moment]);
  }
  const nowMs = T0 + 8 * MS_PER_HOUR;
  expect(ripenessAt(moved!.window, nowMs)).toBe(ripenessAt(left!.window, nowMs));
});

test('nor what a look says: it is held against the lot as it stands', () => {
  const look: Act = { kind: 'look', lotId: 'P', signs: { rise: 1.6 } };
  const seen: [number, Act][] = [
    [0, POOLISH],
    [6, look],
  ];
  const left = lotAt(6.1, seen);
  for (const hour of [6.5, 8, 30]) {
    expect(lotAt(6.1, seen, [plannedAt(hour, toFridge)]).speed).toBeCloseTo(left.speed, 9);
  }
  expect(left.speed).not.toBe(1);
});

test('what a leaven was made for is kept with it; entries of earlier versions go by where it stood first', () => {
  const asked = (act: typeof POOLISH, done: readonly [number, Act][] = []) =>
    askedOf(lotAt(1, [[0, act], ...done]).story, PLACES);
  expect(asked(POOLISH)).toBe('prime');
  expect(asked({ ...POOLISH, asks: 'young' })).toBe('young');
  expect(asked({ ...POOLISH, placeId: 'fridge' })).toBe('young');
  expect(asked({ ...POOLISH, placeId: 'fridge', asks: 'prime' })).toBe('prime');
  expect(asked(POOLISH, [[1, toFridge]])).toBe('young');
  expect(asked({ ...POOLISH, placeId: 'fridge', cultureId: 'grusa' })).toBe('prime');
});

test('asked for young, a leaven opens when it is usable; asked for prime, the same leaven opens later', () => {
  const young = lotAt(1, [[0, { ...POOLISH, asks: 'young' }]]).window;
  const prime = lotAt(1, [[0, POOLISH]]).window;
  expect(young.opensMs).toBe(prime.youngMs);
  expect(prime.opensMs).toBe(prime.primeMs);
  expect(young).toMatchObject({ bestMs: null, closesMs: prime.closesMs });
});
