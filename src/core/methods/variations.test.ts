import { startingMethods, methodSchema, variationsOf, type Method } from '.';
import type { LeavenKind } from '../formula';

const SHOP: Parameters<typeof variationsOf>[1] = {
  isCold: (placeId: string) => placeId === 'fridge',
  fridgeId: 'fridge',
  kinds: new Set<LeavenKind>(['levain', 'discard']),
};
const methodOf = (id: string) => startingMethods().find((one) => one.id === id)!.method;
const told = (method: Method, shop = SHOP) =>
  variationsOf(method, shop).map(({ kind, hours, of }) => [kind, hours, of]);

test.each([
  [
    'poolish-two-days',
    [
      ['cold hours', 12, 'balls'],
      ['cold hours', 24, 'balls'],
      ['cold hours', 36, 'balls'],
      ['straight', null, ''],
      ['boost', null, ''],
    ],
  ],
  [
    'biga-cold-boost',
    [
      ['cold hours', 24, 'biga'],
      ['cold hours', 36, 'biga'],
      ['no boost', null, ''],
    ],
  ],
  ['straight', [['a night', 14, 'balls']]],
  [
    'discard-yeast',
    [
      ['a night', 14, 'balls'],
      ['leaven', null, 'levain'],
    ],
  ],
])('%s', (id, expected) => {
  expect(told(methodOf(id))).toEqual(expected);
});

test('a shop without a fridge or a jar offers neither', () => {
  const bare = { isCold: () => false, fridgeId: null, kinds: new Set<LeavenKind>() };
  expect(told(methodOf('discard-yeast'), bare)).toEqual([]);
});

test('every way of every starting method is a method that can be stored, and differs from it', () => {
  for (const { method } of startingMethods()) {
    for (const one of variationsOf(method, SHOP)) {
      expect(methodSchema.safeParse(one.method).success).toBe(true);
      expect(one.method).not.toEqual(method);
    }
  }
});

test('a levain that takes the place of discard has a place and hours to ripen', () => {
  const [, levain] = variationsOf(methodOf('discard-yeast'), SHOP);
  const [leaven] = levain!.method.dough.leavens;
  expect(leaven).toMatchObject({ kind: 'levain', made: { by: 'seed' } });
  expect(levain!.method.leavenStays[leaven!.id]).toHaveLength(1);
});
