import fc from 'fast-check';
import { reachOf, type Weighed } from '.';

const at = (atMs: number, massG: number): Weighed => ({ atMs, ingredientId: 'flour', massG });

test('what was weighed since it was counted is gone; the plans take the rest, act by act', () => {
  const reach = reachOf(
    { thereG: 10_000, countedMs: 100 },
    [at(50, 900), at(100, 1000), at(150, 2000)],
    [at(300, 4000), at(200, 3000), at(400, 1500)],
  );
  expect(reach).toEqual({ neededG: 8500, thereG: 7000, missingG: 1500, shortMs: 400 });
});

test('never counted: only what is needed is known', () => {
  expect(reachOf(null, [at(1, 5)], [at(2, 7)])).toEqual({
    neededG: 7,
    thereG: null,
    missingG: null,
    shortMs: null,
  });
});

test('exactly enough is enough; more weighed than was counted leaves nothing, not less', () => {
  const counted = { thereG: 100, countedMs: 0 };
  expect(reachOf(counted, [], [at(1, 60), at(2, 40)])).toMatchObject({
    missingG: 0,
    shortMs: null,
  });
  expect(reachOf(counted, [at(1, 130)], [at(2, 40)])).toMatchObject({
    thereG: 0,
    missingG: 40,
    shortMs: 2,
  });
});

test('something is missing exactly where an act falls short, and never more than is needed', () => {
  const acts = fc.array(
    fc.tuple(fc.integer({ min: 0, max: 99 }), fc.integer({ min: 0, max: 500 })),
    {
      maxLength: 8,
    },
  );
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 2000 }), acts, acts, (thereG, done, planned) => {
      const weighed = (list: readonly (readonly [number, number])[]) =>
        list.map(([ms, massG]) => at(ms, massG));
      const reach = reachOf({ thereG, countedMs: 0 }, weighed(done), weighed(planned));
      expect(reach.missingG! > 0).toBe(reach.shortMs !== null);
      expect(reach.missingG!).toBeLessThanOrEqual(reach.neededG);
      expect(reach.thereG! + reach.missingG!).toBeGreaterThanOrEqual(reach.neededG);
    }),
  );
});
