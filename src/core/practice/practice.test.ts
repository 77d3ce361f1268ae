import fc from 'fast-check';
import {
  doughHours,
  HARDEST,
  JUDGEMENTS,
  lapse,
  nextLevel,
  pointsFor,
  practiceRound,
  whyOf,
  type PracticeLevel,
} from '.';

const seeds = fc.integer({ min: 1, max: 100_000 });
const levels = fc.integer({ min: 1, max: HARDEST }) as fc.Arbitrary<PracticeLevel>;

test('the truth of a jar agrees with its window, whatever is drawn', () => {
  fc.assert(
    fc.property(seeds, levels, (seed, level) => {
      const { truth, window, atH, bestInH } = practiceRound(seed, level);
      const opened = atH >= window.opensH!;
      const closed = window.closesH !== null && atH > window.closesH;
      expect(truth).toBe(!opened ? 'not yet' : closed ? 'late' : 'use');
      expect(bestInH).toBeCloseTo((window.bestH ?? window.opensH!) - atH, 9);
    }),
    { numRuns: 60 },
  );
});

test('the same seed gives the same jar; other seeds give every judgement', () => {
  expect(practiceRound(7, 3).sight).toEqual(practiceRound(7, 3).sight);
  const truths = new Set(Array.from({ length: 30 }, (_, i) => practiceRound(i + 1, 2).truth));
  expect([...truths].sort()).toEqual([...JUDGEMENTS].sort());
});

test('what is seen follows the state: it rises, and a late one that sinks is lower than its peak', () => {
  fc.assert(
    fc.property(seeds, levels, (seed, level) => {
      const round = practiceRound(seed, level);
      const { sight, window } = round;
      expect(sight.rise).toBeGreaterThanOrEqual(0.9);
      expect(sight.rise).toBeLessThanOrEqual(window.peakRise + 1e-6);
      expect(lapse(round, 0.1).rise).toBeLessThan(1.6);
      expect(lapse(round, round.atH)).toEqual(sight);
      if (sight.dome === 'sinking') expect(sight.rise).toBeLessThan(window.peakRise);
    }),
    { numRuns: 40 },
  );
});

test('only the hardest label lies, and then it is told', () => {
  const lies = (level: PracticeLevel) =>
    Array.from({ length: 25 }, (_, i) => practiceRound(i + 1, level)).filter(
      (round) => Math.abs(round.toldH - round.atH) > 1,
    );
  expect(lies(4)).toEqual([]);
  const found = lies(5);
  expect(found.length).toBeGreaterThan(8);
  expect(whyOf(found[0]!).join(' ')).toContain('The label lied');
});

test('a leaven taken at its best raises its dough; one taken far too early is slower', () => {
  const early = Array.from({ length: 40 }, (_, i) => practiceRound(i + 1, 1)).find(
    (round) => round.truth === 'not yet' && round.scene.kind === 'poolish' && round.bestInH > 4,
  )!;
  const { now, best } = doughHours(early)!;
  expect(best).not.toBeNull();
  expect(now === null || now > best!).toBe(true);
});

describe('points', () => {
  const round = { truth: 'not yet', bestInH: 3, atH: 6 } as const;
  test('sixty for the judgement, forty for the hour, less by how far it is off', () => {
    expect(pointsFor(round, { judgement: 'not yet', bestInH: 3 })).toBe(100);
    expect(pointsFor(round, { judgement: 'not yet', bestInH: null })).toBe(60);
    expect(pointsFor(round, { judgement: 'use', bestInH: 2 })).toBe(20);
    expect(pointsFor(round, { judgement: 'late', bestInH: -5 })).toBe(0);
  });
  test('three right in a row make it harder, two wrong easier, never past the ends', () => {
    const of = (level: PracticeLevel, ...rights: boolean[]) =>
      rights.map((right) => ({ level, right }));
    expect(nextLevel([])).toBe(1);
    expect(nextLevel(of(1, true, true))).toBe(1);
    expect(nextLevel(of(1, true, true, true))).toBe(2);
    expect(nextLevel(of(5, true, true, true))).toBe(5);
    expect(nextLevel(of(3, false, false))).toBe(2);
    expect(nextLevel(of(1, false, false))).toBe(1);
    expect(nextLevel([...of(1, true, true), ...of(2, true)])).toBe(2);
  });
});
