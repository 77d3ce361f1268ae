import fc from 'fast-check';
import { massOf } from '../composition';
import { foldJournal, isUsedUp, stockAfter, struckIds, type Act, type Entry } from '.';

let seq = 0;
function entry(
  tense: Entry['tense'],
  atMs: number,
  body: Entry['body'],
  rest: Partial<Entry> = {},
): Entry {
  seq += 1;
  const id = `e${seq}`;
  return {
    id,
    atMs,
    recordedMs: atMs,
    tense,
    batch: id,
    by: null,
    bakeId: null,
    fulfils: null,
    body,
    ...rest,
  };
}

const make = (
  lotId: string,
  grams: number,
  portions: { lotId: string; massG: number }[] = [],
): Act => ({
  kind: 'make',
  lotId,
  lotKind: 'poolish',
  name: lotId,
  ingredients: [
    { ingredientId: 'flour', massG: grams / 2 },
    { ingredientId: 'water', massG: grams / 2 },
  ],
  portions,
  placeId: 'bench',
  startC: 21,
  gasKept: 0,
});

describe('the two tenses', () => {
  test('a done entry takes its step out of the plan', () => {
    const step = entry('planned', 100, make('P1', 200));
    const folded = foldJournal([step, entry('done', 140, make('P1', 198), { fulfils: step.id })]);
    expect(folded.plan).toEqual([]);
    expect(folded.done).toMatchObject([{ atMs: 140, fulfils: step.id }]);
  });

  test('a replacement moves a step and keeps its name; a withdrawal takes it out', () => {
    const step = entry('planned', 100, make('P1', 200));
    const moved = entry('planned', 50, {
      kind: 'replace',
      supersedes: step.id,
      atMs: 300,
      act: make('P1', 220),
    });
    expect(foldJournal([step, moved]).plan).toMatchObject([{ stepId: step.id, atMs: 300 }]);
    const gone = entry('planned', 60, { kind: 'withdraw', supersedes: step.id });
    expect(foldJournal([step, moved, gone]).plan).toEqual([]);
  });

  test('a strike takes back any entry, and a strike of the strike puts it back', () => {
    const step = entry('planned', 100, make('P1', 200));
    const done = entry('done', 140, make('P1', 200), { fulfils: step.id });
    const strike = entry('done', 150, { kind: 'strike', strikes: done.id });
    const again = entry('done', 160, { kind: 'strike', strikes: strike.id });
    expect(foldJournal([step, done, strike]).plan).toHaveLength(1);
    expect(foldJournal([step, done, strike]).done).toHaveLength(0);
    expect(foldJournal([step, done, strike, again]).done).toHaveLength(1);
    expect([...struckIds([step, done, strike, again])]).toEqual([strike.id]);
  });

  test('a struck replacement lets the step fall back', () => {
    const step = entry('planned', 100, make('P1', 200));
    const moved = entry('planned', 50, {
      kind: 'replace',
      supersedes: step.id,
      atMs: 300,
      act: make('P1', 200),
    });
    const strike = entry('done', 60, { kind: 'strike', strikes: moved.id });
    expect(foldJournal([step, moved, strike]).plan).toMatchObject([{ atMs: 100 }]);
  });
});

describe('stock', () => {
  test('grams are conserved through makes, divides, uses and discards', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            share: fc.double({ min: 0, max: 1, noNaN: true }),
            add: fc.integer({ min: 1, max: 900 }),
          }),
          { minLength: 1, maxLength: 12 },
        ),
        (steps) => {
          const acts = [{ atMs: 0, act: make('L0', 1000) }];
          let inG = 1000;
          let mass = 1000;
          steps.forEach(({ share, add }, i) => {
            const takeG = mass * share;
            acts.push({
              atMs: i + 1,
              act: make(`L${i + 1}`, add, [{ lotId: `L${i}`, massG: takeG }]),
            });
            inG += add;
            mass = takeG + add;
          });
          const lots = [...stockAfter(acts).values()];
          const there = lots.reduce((sum, lot) => sum + massOf(lot.composition), 0);
          expect(Math.abs(there - inG)).toBeLessThan(1e-9 * inG);
          for (const lot of lots) {
            for (const massG of Object.values(lot.composition))
              expect(massG).toBeGreaterThan(-1e-9);
          }
        },
      ),
    );
  });

  test('dividing makes balls that can be used one by one, never more than there are', () => {
    const divide: Act = {
      kind: 'divide',
      lotId: 'D',
      ballsLotId: 'B',
      name: 'Balls',
      count: 4,
      ballG: 240,
      placeId: 'bench',
      gasKept: 0.3,
    };
    const use = (count: number): Act => ({ kind: 'use', lotId: 'B', count, untilMs: 9 });
    const acts = [make('D', 1000), divide, use(3)].map((act, atMs) => ({ atMs, act }));
    expect(stockAfter(acts).get('B')).toMatchObject({ balls: 1, madeFrom: ['D'] });
    expect(massOf(stockAfter(acts).get('D')!.composition)).toBeCloseTo(40, 9);
    expect(isUsedUp(stockAfter([...acts, { atMs: 9, act: use(1) }]).get('B')!)).toBe(true);
    expect(() => stockAfter([...acts, { atMs: 9, act: use(2) }])).toThrow('Allowed: 0 to 1');
  });

  test('taking more than there is, or from nothing, is refused', () => {
    const over = [
      { atMs: 0, act: make('A', 100) },
      { atMs: 1, act: make('B', 10, [{ lotId: 'A', massG: 101 }]) },
    ];
    expect(() => stockAfter(over)).toThrow('Taken: 101 g is not possible');
    expect(() =>
      stockAfter([{ atMs: 0, act: { kind: 'move', lotId: 'X', placeId: 'bench' } }]),
    ).toThrow('has not been made');
    expect(() =>
      stockAfter([
        { atMs: 0, act: make('A', 1) },
        { atMs: 1, act: make('A', 1) },
      ]),
    ).toThrow('exists already');
  });
});
