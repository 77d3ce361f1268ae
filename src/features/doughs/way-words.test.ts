import { startingMethods, variationsOf } from '@/core/methods';
import type { LeavenKind } from '@/core/formula';
import { wayWords } from './way-words';

const SHOP: Parameters<typeof variationsOf>[1] = {
  isCold: (placeId) => placeId === 'fridge',
  fridgeId: 'fridge',
  kinds: new Set<LeavenKind>(['levain', 'discard']),
};

test('each way of a method has words of its own, none of them empty', () => {
  for (const { method } of startingMethods()) {
    const ways = variationsOf(method, SHOP).map((otherwise) => wayWords({ otherwise }));
    expect(new Set(ways).size).toBe(ways.length);
    for (const words of ways) expect(words).toMatch(/^[A-Z][a-z]/);
  }
});

test.each([
  [null, 'As it stands'],
  [{ kind: 'cold hours', hours: 24, of: 'biga' }, 'Biga 24 h in the cold'],
  [{ kind: 'a night', hours: 14, of: 'balls' }, 'Balls a night in the cold'],
  [{ kind: 'straight', hours: null, of: '' }, 'Straight from the cold, not tempered'],
  [{ kind: 'boost', hours: null, of: '' }, 'With a little yeast in the dough'],
  [{ kind: 'no boost', hours: null, of: '' }, 'Without yeast in the dough'],
  [{ kind: 'leaven', hours: null, of: 'levain' }, 'With levain instead'],
] as const)('%j: %s', (otherwise, words) => {
  expect(wayWords({ otherwise })).toBe(words);
});
