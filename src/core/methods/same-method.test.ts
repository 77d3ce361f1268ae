import { startingMethods } from './library';
import type { Method } from './method';
import { saysTheSame } from './same-method';

const [first, second] = startingMethods().map((one) => one.method) as [Method, Method];
const turned = (one: object): object => Object.fromEntries(Object.entries(one).toReversed());

test('the same in another order of its parts is the same; another dough is not', () => {
  expect(saysTheSame(first, turned(first) as Method)).toBe(true);
  const stays = { a: first.bulk, b: first.balls };
  expect(
    saysTheSame({ ...first, leavenStays: stays }, {
      ...first,
      leavenStays: turned(stays),
    } as Method),
  ).toBe(true);
  expect(saysTheSame(first, second)).toBe(false);
  expect(saysTheSame(first, { ...first, lossShare: first.lossShare + 0.01 })).toBe(false);
});

test('how many are made, and a dose that each bake finds, are the bake’s; a typed dose is the method’s', () => {
  const made = startingMethods()
    .map((one) => one.method)
    .find((one) => one.dough.leavens[0]?.made.by === 'yeast' && one.target.by === 'products')!;
  const { dough, target } = made;
  const [leaven] = dough.leavens;
  const dosed = (freshShare: number, typed?: true): Method => ({
    ...made,
    dough: {
      ...dough,
      leavens: [{ ...leaven!, made: { by: 'yeast', freshShare, ...(typed ? { typed } : {}) } }],
    },
  });
  expect(saysTheSame(dosed(0.001), dosed(0.002))).toBe(true);
  expect(saysTheSame(dosed(0.001, true), dosed(0.002, true))).toBe(false);
  if (target.by !== 'products') throw new Error('no products');
  const products = target.products.map((one) => ({ ...one, count: one.count + 9 }));
  expect(saysTheSame(made, { ...made, target: { ...target, products } })).toBe(true);
});
