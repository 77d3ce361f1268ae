import { MISFIT_LN_SD } from './book-speed';
import { doneAt, BALL, MIX, PANTRY, PLACES, POOLISH, T0 } from '../../../tests/fixtures/baking';
import { valueAtHour } from '../ripeness';
import type { DoneAct, LookSigns, Opening, Score } from '../journal';
import { forecastShop, LEAVENED_DOUGHS, learnSpeeds, type CultureSpeed } from '.';
import { isLeavenedDough, LEAVENED_DOUGH_LN_SD, NEXT_DOUGH_LN_SD } from './leavened-doughs';

const H = 3_600_000;
const done = doneAt;

/** One bake a day: poolish, dough, balls. */
const bakeOn = (day: number): DoneAct[] => {
  const at = day * 24;
  return [
    done(at, { ...POOLISH, lotId: `P${day}` }),
    done(at + 9.5, {
      ...MIX,
      lotId: `D${day}`,
      portions: [{ lotId: `P${day}`, massG: 2004.5 }],
    }),
    done(at + 10.5, { ...BALL, lotId: `D${day}`, ballsLotId: `B${day}` }),
    done(at + 16, { kind: 'use', lotId: `B${day}`, count: 20, untilMs: T0 + (at + 18) * H }),
  ];
};

const forecast = (acts: readonly DoneAct[], speeds: ReadonlyMap<string, CultureSpeed>) =>
  forecastShop({
    folded: { done: acts, plan: [] },
    nowMs: T0 + 10 * 24 * H,
    visibleFromMs: 0,
    places: PLACES,
    pantry: PANTRY,
    cultureSpeeds: speeds,
    withBands: true,
  }).lots;

/** Looks at the balls, as they are in a shop whose doughs are so fast. */
function lookedAt(days: number, speed: number): DoneAct[] {
  const acts = Array.from({ length: days }, (_, day) => bakeOn(day)).flat();
  const truth = forecast(acts, new Map([[LEAVENED_DOUGHS, { speed, lnSd: 0.1 }]]));
  const looks = Array.from({ length: days }, (_, day) => {
    const { run } = truth.get(`B${day}`)!;
    const rises = { hours: run.hours, length: run.length, at: (row: number) => run.rises[row]! };
    const rise = valueAtHour(rises, 1.8);
    return done(day * 24 + 12.3, { kind: 'look', lotId: `B${day}`, signs: { rise } });
  });
  return [...acts, ...looks].sort((a, b) => a.atMs - b.atMs);
}

const learnt = (
  acts: readonly DoneAct[],
  resetMs: ReadonlyMap<string, number> = new Map(),
  scores: readonly Score[] = [],
) =>
  learnSpeeds({
    done: acts,
    scores,
    nowMs: T0 + 10 * 24 * H,
    resetMs,
    places: PLACES,
    pantry: PANTRY,
  }).find((one) => one.culture === LEAVENED_DOUGHS);

describe('the speed of a shop’s leavened doughs', () => {
  test.each([0.8, 1.25])('is learned from looks at their balls: ×%p', (speed) => {
    const { belief, from } = learnt(lookedAt(6, speed))!;
    expect(Math.abs(belief.lnSpeed - Math.log(speed))).toBeLessThan(0.07);
    expect(Math.sqrt(belief.variance)).toBeLessThan(0.08);
    expect(from.at(-1)!.learnedErrorMin!).toBeLessThan(from.at(-1)!.bookErrorMin! / 2);
  });
  test('moves the next dough and its balls, and narrows their bands', () => {
    const next = bakeOn(0);
    const book = forecast(next, new Map());
    const known = forecast(next, new Map([[LEAVENED_DOUGHS, { speed: 1.2, lnSd: 0.08 }]]));
    expect(known.get('B0')!.window.opensMs!).toBeLessThan(book.get('B0')!.window.opensMs!);
    expect(known.get('P0')!.window).toEqual(book.get('P0')!.window);
    expect(known.get('D0')!.runSpeed).toBeCloseTo(1.2, 9);
    expect(known.get('B0')!.extraLnSd).toBeCloseTo(Math.hypot(0.08, NEXT_DOUGH_LN_SD), 9);
    expect(book.get('B0')!.extraLnSd).toBeCloseTo(
      Math.hypot(LEAVENED_DOUGH_LN_SD, NEXT_DOUGH_LN_SD),
      9,
    );
    // Unlearned, such a dough is less sure than the model’s misfit and its yeast alone make one.
    expect(book.get('B0')!.extraLnSd).toBeGreaterThan(Math.hypot(0.1, MISFIT_LN_SD) + 0.02);
  });
  test('a ball that is domed at a rise past its window slows nothing: it is past by its rise, long before it sinks', () => {
    const acts = bakeOn(0);
    const book = forecast(acts, new Map());
    const closesMs = book.get('B0')!.window.closesMs!;
    const atH = (closesMs - T0) / H + 0.5;
    const looked = (signs: LookSigns) =>
      learnt([...acts, done(atH, { kind: 'look', lotId: 'B0', signs })])!.belief.lnSpeed;
    expect(looked({ rise: 3, dome: 'domed' })).toBeCloseTo(looked({ rise: 3 }), 9);
  });
  test('a dough raised by dough is less sure than one on a poolish', () => {
    const made = { ...MIX, lotId: 'D1', portions: [{ lotId: 'D0', massG: 1000 }] };
    const lots = forecast([...bakeOn(0).slice(0, 2), done(12, made)], new Map());
    expect(lots.get('D1')!.extraLnSd).toBeGreaterThan(1.2 * lots.get('D0')!.extraLnSd);
  });
  test('starts anew when it was reset', () => {
    const acts = lookedAt(4, 0.8);
    const before = learnt(acts)!.belief;
    const after = learnt(acts, new Map([[LEAVENED_DOUGHS, T0 + 2.6 * 24 * H]]))!.belief;
    expect(after.lots).toBe(1);
    expect(after.variance).toBeGreaterThan(before.variance);
  });
  test('a dough of yeast alone teaches it nothing and carries no extra doubt', () => {
    const straight = {
      ...MIX,
      portions: [],
      ingredients: [...MIX.ingredients, { ingredientId: 'yeast-fresh', massG: 6 }],
    };
    const acts = [
      done(0, straight),
      done(2, { ...BALL, count: 12 }),
      done(4, { kind: 'look', lotId: 'B', signs: { rise: 1.9 } }),
    ];
    expect(learnt(acts)).toBeUndefined();
    expect(forecast(acts, new Map()).get('B')!.extraLnSd).toBe(MISFIT_LN_SD);
  });
});

describe('scores of a shop’s leavened doughs', () => {
  const DAYS = 5;
  /** Bakes of five days, each scored an hour after its service. */
  const acts = Array.from({ length: DAYS }, (_, day) => day)
    .flatMap((day) => bakeOn(day).map((one) => ({ ...one, bakeId: `bake-${day}` })))
    .sort((a, b) => a.atMs - b.atMs);
  const scored = (first: Opening, last: Opening): Score[] =>
    Array.from({ length: DAYS }, (_, day) => ({
      entryId: `score-${day}`,
      batch: `score-${day}`,
      atMs: T0 + (day * 24 + 19) * H,
      by: null,
      bakeId: `bake-${day}`,
      score: { kind: 'score', opening: { first, last } },
    }));
  /** What they come to say of the speed; 0 where they say nothing. */
  const saysOf = (first: Opening, last: Opening) =>
    learnt(acts, new Map(), scored(first, last))?.belief.lnSpeed ?? 0;

  test('what opened slack or tore was faster than forecast, what sprang back was slower', () => {
    expect(saysOf('springs back', 'springs back')).toBeLessThan(-0.1);
    expect(saysOf('slack', 'tears')).toBeGreaterThan(saysOf('right', 'right') + 0.05);
  });
  test('what opened right where it was forecast to be ready leaves the speed nearly as it is, and surer', () => {
    const service = (openedH: number, closedH: number) =>
      acts.map((one) =>
        one.act.kind === 'use'
          ? {
              ...one,
              atMs: one.atMs + openedH * H,
              act: { ...one.act, untilMs: one.act.untilMs + closedH * H },
            }
          : one,
      );
    const { window } = forecast(acts, new Map()).get('B0')!;
    const middleH = (window.opensMs! + window.closesMs!) / 2 / H;
    const within = service(middleH - 0.25 - (T0 / H + 16), middleH + 0.25 - (T0 / H + 18));
    const { belief } = learnt(within, new Map(), scored('right', 'right'))!;
    expect(Math.abs(belief.lnSpeed)).toBeLessThan(0.1);
    expect(belief.variance).toBeLessThan(LEAVENED_DOUGH_LN_SD ** 2);
  });
  test('a score without openings, or of a bake that nobody knows, says nothing', () => {
    const silent = scored('slack', 'slack').map((one) => ({ ...one, bakeId: 'another' }));
    expect(learnt(acts, new Map(), silent)).toBeUndefined();
    const plain = silent.map((one) => ({
      ...one,
      bakeId: 'bake-0',
      score: { kind: 'score' as const },
    }));
    expect(learnt(acts, new Map(), plain)).toBeUndefined();
  });
});

test('a part that stands in for what it was split from is no endless line of descent', () => {
  const part = done(0, POOLISH);
  const lots = forecast([part], new Map());
  const { story } = lots.get('P')!;
  const split = {
    kind: 'split' as const,
    lotId: 'P',
    partLotId: 'Q',
    name: 'Part',
    lotKind: 'carry-over' as const,
    massG: 10,
    placeId: 'bench',
  };
  const alone = {
    ...story,
    lot: { ...story.lot, id: 'Q', kind: 'carry-over' as const },
    start: split,
  };
  expect(isLeavenedDough(alone, () => alone)).toBe(false);
  const same = { ...alone, lot: { ...alone.lot, id: 'P' } };
  expect(isLeavenedDough(same, () => alone)).toBe(false);
});
