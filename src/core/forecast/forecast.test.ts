import {
  BALL as ball,
  MIX as mix,
  PANTRY as pantry,
  PLACES as places,
  POOLISH as poolish,
  T0,
} from '../../../tests/fixtures/baking';
import type { Act, PlannedAct, DoneAct } from '../journal';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../units';
import { forecastShop, placeTempC, type ShopForecast } from '.';

const planned = (hour: number, act: Act): PlannedAct => ({
  stepId: `s${hour}`,
  atMs: T0 + hour * MS_PER_HOUR,
  act,
  by: null,
  bakeId: null,
});
const done = (hour: number, act: Act): DoneAct => ({
  entryId: `d${hour}`,
  atMs: T0 + hour * MS_PER_HOUR,
  act,
  by: null,
  bakeId: null,
  fulfils: null,
  batch: `b${hour}`,
});

function forecast(
  acts: { done?: DoneAct[]; plan?: PlannedAct[] },
  nowH = 0,
  withBands = false,
): ShopForecast {
  return forecastShop({
    folded: { done: acts.done ?? [], plan: acts.plan ?? [] },
    nowMs: T0 + nowH * MS_PER_HOUR,
    visibleFromMs: -Infinity,
    places,
    pantry,
    withBands,
  });
}
const hour = (atMs: number | null | undefined) => (atMs! - T0) / MS_PER_HOUR;

test('a poolish done forty minutes late is ripe forty minutes later, and its dough stays where it was planned', () => {
  const plan = [planned(11, mix)];
  const onTime = forecast({ done: [done(0, poolish)], plan }, 1);
  const late = forecast({ done: [done(40 / 60, poolish)], plan }, 1);
  const shift =
    (late.lots.get('P')!.window.bestMs! - onTime.lots.get('P')!.window.bestMs!) / MS_PER_MINUTE;
  expect(shift).toBeCloseTo(40, 0);
  expect(hour(late.lots.get('D')!.story.startMs)).toBe(11);
});

test('an overdue step is taken to happen now, and what rests on it not before it', () => {
  const result = forecast({ plan: [planned(0, poolish), planned(1, mix)] }, 3);
  expect(hour(result.lots.get('P')!.story.startMs)).toBe(3);
  expect(result.lots.get('D')!.story.startMs).toBeGreaterThan(T0 + 3 * MS_PER_HOUR);
  expect(result.acts.map((act) => (act.plannedMs - T0) / MS_PER_HOUR)).toEqual([0, 1]);
});

test('a shift in time changes nothing', () => {
  const window = forecast({ done: [done(0, poolish)] }).lots.get('P')!.window;
  const later = forecast({ done: [done(500, poolish)] }, 500).lots.get('P')!.window;
  expect(hour(later.bestMs) - 500).toBeCloseTo(hour(window.bestMs), 9);
});

describe('a look', () => {
  const at = 8;
  const withLook = (signs: object) =>
    forecast(
      { done: [done(0, poolish), done(at, { kind: 'look', lotId: 'P', signs } as Act)] },
      at,
      true,
    ).lots.get('P')!;
  const plain = forecast({ done: [done(0, poolish)] }, at, true).lots.get('P')!;
  const expected = plain.run.rises[Array.from(plain.run.hours).findIndex((h) => h >= at)]!;

  test('of what was forecast moves nothing to speak of, and narrows the band', () => {
    const same = withLook({ rise: expected });
    expect(Math.abs(same.window.bestMs! - plain.window.bestMs!) / MS_PER_MINUTE).toBeLessThan(4);
    const width = (lot: typeof plain) => lot.window.bestBand![1] - lot.window.bestBand![0];
    expect(width(same)).toBeLessThan(0.8 * width(plain));
  });
  test('of more rise brings the best forward, of less puts it back, never past the look itself', () => {
    const ahead = withLook({ rise: expected + 0.5 });
    const behind = withLook({ rise: expected - 0.5 });
    expect(ahead.window.bestMs!).toBeLessThan(plain.window.bestMs! - 15 * MS_PER_MINUTE);
    expect(behind.window.bestMs!).toBeGreaterThan(plain.window.bestMs! + 15 * MS_PER_MINUTE);
    expect(ahead.lookEffects[0]).toMatchObject({ hour: at });
  });
  test('that was mis-logged does not wreck it', () => {
    const wrong = withLook({ rise: 1 });
    expect(hour(wrong.window.bestMs)).toBeLessThan(1.75 * hour(plain.window.bestMs));
  });
  test('of a sinking dome says the best has passed', () => {
    const early = withLook({ dome: 'sinking' });
    expect(early.window.bestMs!).toBeLessThan(plain.window.bestMs! - 20 * MS_PER_MINUTE);
  });
  test('of a spoonful that sinks says it is not open yet, and costs nothing when that was clear', () => {
    const first = forecast(
      {
        done: [done(0, poolish), done(3, { kind: 'look', lotId: 'P', signs: { float: 'sinks' } })],
      },
      3,
    ).lots.get('P')!;
    expect(Math.abs(first.window.bestMs! - plain.window.bestMs!) / MS_PER_MINUTE).toBeLessThan(5);
  });
});

test('the band holds the best, and is wider for a dough raised by a leaven', () => {
  const result = forecast(
    { plan: [planned(0, poolish), planned(11, mix), planned(12, ball)] },
    0,
    true,
  );
  for (const id of ['P', 'B']) {
    const { bestMs, bestBand, opensBand, opensMs } = result.lots.get(id)!.window;
    expect(bestBand![0]).toBeLessThan(bestMs!);
    expect(bestBand![1]).toBeGreaterThan(bestMs!);
    expect(opensBand![0]).toBeLessThanOrEqual(opensMs!);
  }
  expect(result.lots.get('B')!.band!.lnSd).toBeGreaterThan(result.lots.get('P')!.band!.lnSd + 0.1);
});

test('moving to the fridge holds it; a later setting of a place leaves the past alone', () => {
  const held = forecast(
    { done: [done(0, poolish), done(6, { kind: 'move', lotId: 'P', placeId: 'fridge' })] },
    7,
  ).lots.get('P')!;
  const left = forecast({ done: [done(0, poolish)] }, 7).lots.get('P')!;
  expect(held.window.youngMs).toBeCloseTo(left.window.youngMs!, -1);
  expect(held.window.closesMs! - left.window.closesMs!).toBeGreaterThan(12 * MS_PER_HOUR);
  const history = new Map([
    [
      'bench',
      {
        id: 'bench',
        name: 'Bench',
        settings: [
          { fromMs: 0, tempC: 21 },
          { fromMs: T0, tempC: 27 },
        ],
      },
    ],
  ]);
  expect(placeTempC(history, 'bench', T0 - 1)).toBe(21);
  expect(placeTempC(history, 'bench', T0)).toBe(27);
});

test('a mix that wants more leaven than there is becomes a conflict in a sentence', () => {
  const greedy: Act = {
    ...(mix as Extract<Act, { kind: 'make' }>),
    portions: [{ lotId: 'P', massG: 9000 }],
  };
  const result = forecast({ done: [done(0, poolish)], plan: [planned(11, greedy)] });
  expect(result.conflicts[0]?.sentence).toContain('9000 g is not possible');
  expect(result.lots.has('D')).toBe(false);
});

test('water added to a lot thins it and is in its composition', () => {
  const add: Act = {
    kind: 'add',
    lotId: 'P',
    ingredients: [{ ingredientId: 'water', massG: 100 }],
    startC: 20,
  };
  const result = forecast({ done: [done(0, poolish), done(1, add)] }, 2);
  expect(result.lots.get('P')!.story.handling).toHaveLength(1);
  expect(result.lots.get('P')!.window.bestMs).not.toBe(
    forecast({ done: [done(0, poolish)] }).lots.get('P')!.window.bestMs,
  );
});
