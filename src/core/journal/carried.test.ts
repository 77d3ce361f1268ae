import fc from 'fast-check';
import { played, step } from '../../../tests/fixtures/histories';
import { massOf } from '../composition';
import { carriedOver, onKnownLots } from './carried';
import { NOTHING_WRITTEN, type DoneAct, type Folded } from './fold';
import { isUsedUp, stockAfter, type Lot, type TimedAct } from './stock';

const asDone = (acts: readonly TimedAct[]): DoneAct[] =>
  acts.map((one, i) => ({
    ...one,
    entryId: `e${i}`,
    by: null,
    bakeId: null,
    fulfils: null,
    batch: `b${i}`,
  }));
const fold = (done: readonly DoneAct[]): Folded => ({ ...NOTHING_WRITTEN, done });
const standing = (acts: readonly TimedAct[]) =>
  new Map([...stockAfter(acts)].filter(([, lot]) => !isUsedUp(lot)));

function expectSame(found: ReadonlyMap<string, Lot>, wanted: ReadonlyMap<string, Lot>) {
  expect([...found.keys()].sort()).toEqual([...wanted.keys()].sort());
  for (const [id, lot] of wanted) {
    const other = found.get(id)!;
    expect(massOf(other.composition)).toBeCloseTo(massOf(lot.composition), 6);
    for (const [line, massG] of Object.entries(lot.composition)) {
      expect(other.composition[line] ?? 0).toBeCloseTo(massG, 6);
    }
    const { placeId, balls, ballG, kind, cultureId, madeAtMs, part } = lot;
    expect(other).toMatchObject({ placeId, balls, ballG, kind, cultureId, madeAtMs, part });
  }
}

test('what stands after any history stands after what was carried over of it, however often it is cut', () => {
  const cuts = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 1, maxLength: 4 });
  fc.assert(
    fc.property(fc.array(step, { maxLength: 40 }), cuts, (steps, shares) => {
      const done = asDone(played(steps));
      let start = fold([]);
      let from = 0;
      for (const at of shares
        .map((share) => Math.floor(share * done.length))
        .sort((a, b) => a - b)) {
        start = carriedOver(fold([...start.done, ...done.slice(from, at)]));
        from = at;
      }
      const whole = onKnownLots([...start.done, ...done.slice(from)]);
      expectSame(standing(whole), standing(done));
    }),
    { numRuns: 300 },
  );
});

test('a long line of feeds is carried as its last generations, the mothers before as what they were', () => {
  const acts: TimedAct[] = [];
  for (let n = 0; n < 200; n += 1) {
    acts.push({
      atMs: 2 * n,
      act: {
        kind: 'make',
        lotId: `S${n}`,
        lotKind: 'starter',
        name: 'Starter',
        cultureId: 'starter',
        ingredients: [
          { ingredientId: 'flour', massG: 80 },
          { ingredientId: 'water', massG: 80 },
        ],
        portions: n === 0 ? [] : [{ lotId: `S${n - 1}`, massG: 20 }],
        placeId: 'bench',
        startC: 22,
        gasKept: 0,
      },
    });
    if (n > 0) {
      const massG = n === 1 ? 140 : 160;
      acts.push({ atMs: 2 * n + 1, act: { kind: 'discard', lotId: `S${n - 1}`, massG } });
    }
  }
  const carried = carriedOver(fold(asDone(acts)));
  expect(carried.done.length).toBeLessThan(12);
  expectSame(standing(carried.done), standing(acts));
});

test('a look at a lot that was used up long ago is left out', () => {
  const look: TimedAct = { atMs: 9, act: { kind: 'look', lotId: 'gone', signs: { rise: 2 } } };
  expect(onKnownLots(asDone([look]))).toEqual([]);
});
