import fc from 'fast-check';
import { clash, type Stay } from './lanes';
import { searchLanes, type LaneQuestion } from './search';

const H = 3_600_000;
const stay = (
  lotId: string,
  fromH: number,
  toH: number,
  { placeId = 'bench', width = 20 } = {},
): Stay => ({
  lotId,
  placeId,
  fromMs: fromH * H,
  toMs: toH * H,
  width,
  asleep: false,
});
const asked = (
  stays: readonly Stay[],
  parents: LaneQuestion['parents'] = {},
  memory: LaneQuestion['memory'] = [],
): LaneQuestion => ({
  places: ['bench', 'fridge'].map((placeId) => ({
    placeId,
    least: 78,
    stays: stays.filter((one) => one.placeId === placeId),
  })),
  parents,
  memory,
});
const laneIn = (answer: ReturnType<typeof searchLanes>, key: string) =>
  new Map(answer).get(key)!.lane;

const hour = fc.integer({ min: 0, max: 40 });
const shop = fc
  .array(fc.tuple(hour, fc.integer({ min: 1, max: 9 }), fc.boolean()), {
    minLength: 2,
    maxLength: 14,
  })
  .map((lots) =>
    lots.map(([from, long, cold], i) =>
      stay(`L${i}`, from, from + long, {
        placeId: cold ? 'fridge' : 'bench',
        width: 6 + ((i * 7) % 39),
      }),
    ),
  );
/** Every third lot goes into the next one. */
const parentsOf = (stays: readonly Stay[]) =>
  Object.fromEntries(stays.map((one, i) => [one.lotId, i % 3 === 1 ? [stays[i - 1]!.lotId] : []]));

test('a leaven that goes into the cold lies on the lane next to it, not across the others', () => {
  const stays = [
    stay('poolish', 0, 8),
    stay('other', 1, 20),
    stay('third', 2, 20),
    stay('dough', 8, 20, { placeId: 'fridge' }),
  ];
  const answer = searchLanes(asked(stays, { dough: ['poolish'] }));
  const poolish = laneIn(answer, 'poolish bench 0');
  for (const other of ['other bench 0', 'third bench 0']) {
    expect(laneIn(answer, other)).toBeLessThan(poolish);
  }
});

test('no two stays that clash share a lane, and the same question has the same answer', () => {
  fc.assert(
    fc.property(shop, (stays) => {
      const parents = parentsOf(stays);
      const answer = searchLanes(asked(stays, parents));
      expect(searchLanes(asked(stays, parents))).toEqual(answer);
      const lane = new Map(
        stays.map((one) => [one, laneIn(answer, `${one.lotId} ${one.placeId} 0`)]),
      );
      for (const a of stays) {
        for (const b of stays) {
          if (a === b || a.placeId !== b.placeId || lane.get(a) !== lane.get(b)) continue;
          const apart =
            !clash(a, b, parents[a.lotId] ?? []) || !clash(b, a, parents[b.lotId] ?? []);
          expect(apart).toBe(true);
        }
      }
    }),
    { numRuns: 60 },
  );
});

test('stays that lay still keep their order when another is moved', () => {
  fc.assert(
    fc.property(shop, fc.nat(), hour, (stays, which, toH) => {
      const parents = parentsOf(stays);
      const before = searchLanes(asked(stays, parents));
      const at = which % stays.length;
      const moved = stays.map((one, i) =>
        i === at ? stay(one.lotId, toH + 0.5, toH + 3, one) : one,
      );
      const after = searchLanes(asked(moved, parents, before));
      const others = before
        .map(([key]) => key)
        .filter((key) => key !== `L${at} ${stays[at]!.placeId} 0`);
      for (const a of others) {
        for (const b of others) {
          const place = a.split(' ')[1];
          if (place !== b.split(' ')[1] || laneIn(before, a) >= laneIn(before, b)) continue;
          expect(laneIn(after, a)).toBeLessThanOrEqual(laneIn(after, b));
        }
      }
    }),
    { numRuns: 60 },
  );
});
