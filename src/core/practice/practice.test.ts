import fc from 'fast-check';
import {
  CHOICES,
  choiceOutcomes,
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

describe('what to do with a jar', () => {
  const outcomesOf = (seed: number, level: PracticeLevel) => {
    const round = practiceRound(seed, level);
    return { round, outcomes: choiceOutcomes(round) };
  };
  test('every choice is told once, the best first, and leaving it is what the jar itself comes to', () => {
    fc.assert(
      fc.property(seeds, levels, (seed, level) => {
        const { round, outcomes } = outcomesOf(seed, level);
        expect(outcomes.map((one) => one.choice).sort()).toEqual([...CHOICES].sort());
        const outside = outcomes.map((one) => one.outsideH);
        expect(Math.min(...outside)).toBeGreaterThan(outside[0]! - 0.26);
        const left = outcomes.find((one) => one.choice === 'leave it')!;
        const { opensH, closesH } = round.window;
        const hour = round.atH + round.neededInH;
        expect(left.was).toBe(
          hour < opensH! ? 'not yet' : closesH !== null && hour > closesH ? 'late' : 'use',
        );
        expect(round.neededInH).toBeGreaterThanOrEqual(0.5);
      }),
      { numRuns: 30 },
    );
  });
  test('a jar that is late is not saved by any place; warmth hurries one that is not ready yet', () => {
    const found = { late: 0, hurried: 0 };
    for (let seed = 1; seed <= 160; seed += 1) {
      const { round, outcomes } = outcomesOf(seed, 2);
      const of = (choice: (typeof CHOICES)[number]) =>
        outcomes.find((one) => one.choice === choice)!;
      if (round.truth === 'late' && round.window.closesH !== null) {
        found.late += 1;
        expect(of('leave it').was).toBe('late');
        expect(of('warmer place').was).toBe('late');
      }
      const room = round.scene.request.stays[0]!.placeC;
      if (round.truth === 'not yet' && room < 22 && of('leave it').was === 'not yet') {
        found.hurried += 1;
        const [warm, cold] = [of('warmer place'), of('colder place')];
        expect(warm.was === 'not yet' ? warm.outsideH : 0).toBeLessThan(of('leave it').outsideH);
        expect(cold.was === 'not yet' ? cold.outsideH : 0).toBeGreaterThan(0);
      }
    }
    expect(found.late).toBeGreaterThan(5);
    expect(found.hurried).toBeGreaterThan(2);
  });
  test('half for the judgement, a quarter each for hour and choice; a choice that is ripe but not the best is worth half', () => {
    const round = { truth: 'not yet', bestInH: 3, atH: 6 } as const;
    const outcome = (choice: (typeof CHOICES)[number], outsideH: number, offBestH: number) => ({
      choice,
      was: 'use' as const,
      outsideH,
      offBestH,
    });
    const outcomes = [
      outcome('leave it', 0, 0.1),
      outcome('warmer place', 0, 0.5),
      outcome('build it anew', 0, -2),
      outcome('colder place', 1, -4),
    ];
    const said = { judgement: 'not yet', bestInH: 3 } as const;
    const points = CHOICES.map((choice) => pointsFor(round, { ...said, choice }, outcomes));
    expect(points).toEqual([100, 100, 75, 88]);
    expect(pointsFor(round, { ...said, choice: null }, null)).toBe(100);
    expect(
      pointsFor(round, { judgement: 'use', bestInH: null, choice: 'leave it' }, outcomes),
    ).toBe(25);
  });
});
