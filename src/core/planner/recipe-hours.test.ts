import { FLOURS, leaven, PLAIN } from '../../../tests/fixtures/doughs';
import { blendOf } from '../flour';
import type { Dough } from '../formula';
import { recipeHours } from '.';

const blend = blendOf([{ flourId: 'strong', share: 1 }], FLOURS);
const yeasted = (freshShare: number, type: 'fresh' | 'instant' = 'fresh'): Dough => ({
  ...PLAIN,
  yeast: { type, freshShare },
});
const best = (dough: Dough, tempC = 22) => recipeHours(dough, blend, tempC).bestH!;

test('more yeast is sooner, a cooler kitchen later, and the band holds the best', () => {
  expect(best(yeasted(0.01))).toBeLessThan(best(yeasted(0.003)));
  expect(best(yeasted(0.003), 18)).toBeGreaterThan(best(yeasted(0.003), 25));
  const { bestH, bestBand, opensH, closesH } = recipeHours(yeasted(0.003), blend, 22);
  expect(bestBand![0]).toBeLessThan(bestH!);
  expect(bestBand![1]).toBeGreaterThan(bestH!);
  expect(opensH!).toBeLessThan(bestH!);
  expect(closesH!).toBeGreaterThan(bestH!);
});

test('yeast put in dry wakes later than fresh yeast of the same worth', () => {
  expect(best(yeasted(0.004, 'instant'))).toBeGreaterThan(best(yeasted(0.004)));
});

test.each(['starter', 'levain', 'poolish', 'biga', 'sponge'] as const)(
  'a dough with a ripe %s rises by itself, sooner with more of it',
  (kind) => {
    const withShare = (flourShare: number): Dough => ({
      ...PLAIN,
      leavens: [leaven(kind, flourShare)],
    });
    expect(best(withShare(0.3))).toBeLessThan(best(withShare(0.1)));
  },
);

test('flour, water and salt alone do not rise within four days that anybody waits for', () => {
  const { opensH, bestBand } = recipeHours(PLAIN, blend, 22);
  expect(opensH).toBeNull();
  expect(bestBand).toBeNull();
});

test('sugar over a little slows it', () => {
  const sweet: Dough = {
    ...yeasted(0.004),
    added: [{ ingredientId: 'sugar', share: 0.15 }],
  };
  expect(best(sweet)).toBeGreaterThan(best(yeasted(0.004)));
});
