import type { ShownMove } from '@/shop/hold/search';
import type { HoldView } from '@/server/hold/question';
import { riskKey } from '@/shop/hold/risk-key';
import { percentText } from '@/ui/format';
import { besideEachOther, holdScale } from './hold-scale';
import { behindSays, moveWords, togetherText } from './hold-words';

const HOUR_MS = 3_600_000;
const nowMs = Date.parse('2026-11-27T06:10:00+01:00');
const view = {
  units: { timeZone: 'Europe/Oslo', massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' },
  placeNames: { proofer: 'Proofer', fridge: 'Fridge' },
} as unknown as HoldView;
const half = (ready: number, young: number, slack: number) => ({
  fromMs: 0,
  toMs: 1,
  ready,
  young,
  slack,
});
const move = (changes: Partial<ShownMove>): ShownMove => ({
  kind: 'other place',
  placeId: null,
  mixAtMs: nowMs + HOUR_MS,
  ballAtMs: nowMs + 2 * HOUR_MS,
  bestMs: null,
  yeastG: 0,
  flourG: 0,
  leftLeavenG: 0,
  startC: null,
  outAtMs: null,
  count: 0,
  laterMin: 20,
  moves: 0,
  handsMin: 0,
  serviceFromMs: nowMs + 12 * HOUR_MS,
  serviceToMs: nowMs + 15 * HOUR_MS,
  changes: [],
  odds: { leaven: 1, service: 0.9, both: 0.9, halfHours: [half(0.9, 0.1, 0)], draws: 80 },
  strands: [],
  ...changes,
});

test.each<[Partial<ShownMove>, string, string]>([
  [{ placeId: 'proofer', moves: 1 }, 'Proofer until 07:10', 'then mix at 07:10, 20 min late'],
  [{ kind: 'mix at best', laterMin: -30 }, 'Mix earlier, 07:10', '30 min early, all of it'],
  [{ kind: 'boost', yeastG: 1.2 }, 'Boost, 1.2\u00a0g yeast', 'mix on time, 07:10'],
  [{ kind: 'smaller share', yeastG: 1.2 }, 'Smaller share, 1.2\u00a0g yeast', 'mix on time, 07:10'],
  [{ kind: 'smaller share' }, 'Smaller share of it', 'mix on time, 07:10'],
  [{ kind: 'water', startC: 20 }, 'Dough out of the bowl at 20°', 'mix on time, 07:10'],
  [{ kind: 'bulk', laterMin: -45 }, 'Shorter bulk', 'ball at 08:10'],
  [{ kind: 'waves', placeId: 'fridge' }, '0 waves of balls', 'the later ones wait in Fridge'],
  [{ kind: 'service later' }, 'Open at 18:10', 'everything else as it is'],
  [{ kind: 'service earlier' }, 'Open at 18:10', 'everything else as it is'],
  [{ kind: 'mix moved', laterMin: 30 }, 'Mix later, 07:10', '30 min late, as it is'],
  [
    { kind: 'boxes out', outAtMs: nowMs + 3 * HOUR_MS, laterMin: -45 },
    'Boxes out at 09:10',
    '45 min early',
  ],
  [
    { kind: 'boxes out', placeId: 'proofer', outAtMs: nowMs + 3 * HOUR_MS },
    'Boxes out into Proofer',
    'at 09:10',
  ],
  [
    { kind: 'part in the cold', placeId: 'fridge', count: 20, outAtMs: nowMs + 3 * HOUR_MS },
    '20 balls into Fridge now',
    'out again at 09:10, for the second half',
  ],
  [{ kind: 'fewer', count: 8 }, '8 pizzas fewer promised', 'the service ends at 21:10'],
])('a move %o is told as “%s”', (changes, title, under) => {
  expect(moveWords(move(changes), view)).toMatchObject({ title, under });
});

test('costs are told in moves, minutes and grams, and where the balls are weak', () => {
  expect(moveWords(move({}), view).costs).toEqual(['no moves', 'no extra ingredients']);
  const smaller = { moves: 2, handsMin: 6, yeastG: 1.2, flourG: 550, leftLeavenG: 1100 };
  expect(moveWords(move(smaller), view).costs).toEqual([
    '2 moves, 6 min of hands',
    '1.2\u00a0g yeast',
    '550\u00a0g flour and its water',
    '1\u202f100\u00a0g leaven left over',
  ]);
  const odds = (...halfHours: ReturnType<typeof half>[]) => ({ ...move({}).odds, halfHours });
  const weak = (...all: ReturnType<typeof half>[]) =>
    moveWords(move({ odds: odds(...all) }), view).costs.at(-1);
  expect(weak(half(0.5, 0.5, 0), half(0.9, 0, 0.1))).toBe('the first may spring back');
  expect(weak(half(0.9, 0.1, 0), half(0.5, 0, 0.5))).toBe('the last may be slack');
});

describe('time across the view', () => {
  const at = { nowMs, fromMs: nowMs + 20 * HOUR_MS, toMs: nowMs + 23 * HOUR_MS };
  const scale = holdScale(at, 1000, 330);
  test('now stands where it is put, the service has a column of its own, what lies between is folded', () => {
    expect(scale.x(nowMs)).toBe(330);
    expect(scale.x(at.fromMs)).toBe(scale.service.fromX);
    expect(scale.x(at.toMs)).toBe(1000);
    expect(scale.fold).toEqual({ fromX: scale.service.fromX - 40, toX: scale.service.fromX });
  });
  test('later never stands further left', () => {
    const xs = Array.from({ length: 40 }, (_, i) => scale.x(nowMs + (i - 4) * (HOUR_MS / 2)));
    expect(xs).toEqual([...xs].sort((a, b) => a - b));
  });
  test('the hours of a service of the same day stand in full, with a mark every second hour', () => {
    const evening = holdScale(
      { nowMs, fromMs: nowMs + 12 * HOUR_MS, toMs: nowMs + 14 * HOUR_MS },
      1000,
      330,
    );
    expect(evening.fold).toBeNull();
    const [first, second] = evening.ticks;
    expect(second! - first!).toBe(2 * HOUR_MS);
    expect(scale.ticks[1]! - scale.ticks[0]!).toBe(HOUR_MS);
  });
  test.each([320, 360, 390, 768, 1044])(
    'at %i px no hour lies on another, on the service or beyond the edge',
    (width) => {
      for (const aheadH of [1, 3, 6, 12, 14, 20]) {
        const fromMs = nowMs + aheadH * HOUR_MS;
        const one = holdScale({ nowMs, fromMs, toMs: fromMs + 2 * HOUR_MS }, width, 0.36 * width);
        const xs = one.ticks.map((atMs) => one.x(atMs));
        xs.slice(1).forEach((x, i) => expect(x - xs[i]!).toBeGreaterThanOrEqual(48));
        expect(xs[0] ?? width).toBeGreaterThanOrEqual(24);
        expect(xs.at(-1) ?? 0).toBeLessThanOrEqual((one.fold ?? one.service).fromX - 24);
      }
    },
  );
  test('a service within the next hours is not folded', () => {
    const soon = holdScale(
      { nowMs, fromMs: nowMs + 2 * HOUR_MS, toMs: nowMs + 4 * HOUR_MS },
      1000,
      330,
    );
    expect(soon.fold).toBeNull();
    expect(soon.x(nowMs + 2 * HOUR_MS)).toBe(soon.service.fromX);
  });
});

test('a leaven far from its best is told as ripe where it is, otherwise by how far it is off', () => {
  expect(behindSays('Quay poolish', 70, 0.95)).toBe(
    'Quay poolish is ripe at its mix, best 1 h 10 later.',
  );
  expect(behindSays('Quay poolish', -70, 0.95)).toContain('best 1 h 10 before');
  expect(behindSays('Quay poolish', 70, 0.4)).toBe('Quay poolish is 1 h 10 behind.');
  expect(behindSays('Quay poolish', -70, 0.4)).toBe('Quay poolish is 1 h 10 ahead.');
  expect(behindSays('Quay poolish', 3, 0.4)).toBe('Quay poolish is on time.');
  expect(behindSays('Quay poolish', null, 1)).toBe('Quay poolish as it stands.');
});

test('a risk is told again when its odds fall by five points, not before', () => {
  const key = (chance: number) => riskKey({ bakeId: 'b', chance });
  expect(key(0.48)).toBe(key(0.46));
  expect(key(0.48)).not.toBe(key(0.44));
  expect(key(0.48)).not.toBe(riskKey({ bakeId: 'c', chance: 0.48 }));
});

test('hours near each other stand over and under the rope in turn', () => {
  const sides = (...xs: number[]) =>
    besideEachOther(xs.map((x) => ({ x }))).map((one) => one.above);
  expect(sides(0, 100, 200)).toEqual([false, false, false]);
  expect(sides(0, 40, 80)).toEqual([false, true, false]);
  expect(sides(100, 60)).toEqual([false, true]);
});

test('what moves stand by is said where the leaven is not sure, and only there', () => {
  const odds = { leaven: 0.65, service: 0.58, both: 0.41, halfHours: [], draws: 80 };
  expect(togetherText(odds)).toBe(`together ${percentText(0.41, 0)}`);
  expect(togetherText({ ...odds, leaven: 1, both: 0.58 })).toBe('');
});
