import fc from 'fast-check';
import { additionOrder, orderSchema, usualOrder, type Addition } from './additions';

const of = (order?: readonly string[], steps = 2) => ({
  mix: { steps: Array.from({ length: steps }), rests: true, order },
  schools: { yeast: 'dissolved', salt: 'after a rest' } as const,
});

test('schools are presets: yeast in its water, salt after the rest, held-back water and oil last', () => {
  expect(additionOrder(of())).toEqual([
    ...['water', 'ice', 'yeast', 'liquid', 'leaven', 'flour', 'mix-1', 'rest', 'salt', 'mix-2'],
    ...['held back', 'extra', 'oil'],
  ]);
  expect(usualOrder({ ...of(), schools: { yeast: 'bloomed', salt: 'with the flour' } })[0]).toBe(
    'yeast',
  );
});

test('an order of its own holds, and what it does not name follows what it usually does', () => {
  const order = additionOrder(of(['flour', 'oil', 'water', 'mix-1', 'salt']));
  expect(order.filter((key) => ['flour', 'oil', 'water', 'mix-1', 'salt'].includes(key))).toEqual([
    ...['flour', 'oil', 'water', 'mix-1', 'salt'],
  ]);
  expect(order.indexOf('yeast')).toBe(order.indexOf('ice') + 1);
  expect(order.indexOf('mix-2')).toBe(order.indexOf('salt') + 1);
});

test('whatever order is stored, everything is added once', () => {
  const keys = usualOrder(of(undefined, 3));
  fc.assert(
    fc.property(fc.shuffledSubarray([...keys, 'mix-8' as Addition]), (order) => {
      expect([...additionOrder(of(order, 3))].sort()).toEqual([...keys].sort());
    }),
  );
});

test('what is no place, or stands twice, is refused in words', () => {
  expect(orderSchema.safeParse(['water', 'mix-3', 'rest']).success).toBe(true);
  for (const wrong of [['sand'], ['water', 'water'], ['mix-9']]) {
    expect(orderSchema.safeParse(wrong).error?.issues[0]?.message).toContain('Order of adding');
  }
});
