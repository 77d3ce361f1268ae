import { massOf } from '../composition';
import { lineageActs, stockAfter, type Act, type DoneAct } from '.';

const made = (lotId: string, hour: number, from: readonly [string, number][] = []): DoneAct => ({
  entryId: `e${hour}`,
  atMs: hour * 3_600_000,
  act: {
    kind: 'make',
    lotId,
    lotKind: 'starter',
    name: lotId,
    ingredients: [
      { ingredientId: 'flour', massG: 50 },
      { ingredientId: 'water', massG: 50 },
    ],
    portions: from.map(([id, massG]) => ({ lotId: id, massG })),
    placeId: 'bench',
    startC: 22,
    gasKept: 0,
  },
  by: null,
  bakeId: null,
  fulfils: null,
  batch: 'b',
});
const doing = (act: Act, hour: number): DoneAct => ({ ...made('x', hour), act });

test('a jar alone weighs what it weighs in the whole journal: what others took of it is taken away', () => {
  const done = [
    made('mother', 0),
    made('jar', 8, [['mother', 20]]),
    made('levain', 10, [['jar', 60]]),
    doing({ kind: 'discard', lotId: 'jar', massG: 10 }, 11),
    made('other', 12),
  ];
  const alone = lineageActs(done, ['jar']);
  expect(alone.map((one) => one.act.kind)).toEqual(['make', 'make', 'discard', 'discard']);
  const weight = (acts: readonly DoneAct[]) => massOf(stockAfter(acts).get('jar')!.composition);
  expect(weight(alone)).toBeCloseTo(weight(done), 9);
});

test('lots too far back are left out, and the acts still fold', () => {
  const line = Array.from({ length: 8 }, (_, i) =>
    made(`g${i}`, i * 8, i === 0 ? [] : [[`g${i - 1}`, 20]]),
  );
  const alone = lineageActs(line, ['g7']);
  expect(alone).toHaveLength(5);
  expect(stockAfter(alone).has('g7')).toBe(true);
});
