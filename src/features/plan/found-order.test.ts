import type { PlanSearch } from '@/shop/plan/search';
import { foundOrder, inFoundOrder } from './found-order';

const search = (keys: string, bestKey: string | null = keys[0] ?? null) =>
  ({ shown: [...keys].map((key) => ({ key })), bestKey }) as unknown as PlanSearch;
const shownOf = (found: PlanSearch) => found.shown.map((one) => one.key).join('');

test('while plans are sought none moves: a better one comes behind those that are there', () => {
  let order = foundOrder([], search('b'));
  order = foundOrder(order, search('ab'));
  order = foundOrder(order, search('cab'));
  expect(order.join('')).toBe('bac');
  expect(shownOf(inFoundOrder(search('cab'), order, true))).toBe('bac');
  // The same again is the same list, so that nothing is drawn anew.
  expect(foundOrder(order, search('cab'))).toBe(order);
});

test('once all are found they stay where the best is in sight, and come best first where it is not', () => {
  const order = ['b', 'a', 'c'];
  expect(shownOf(inFoundOrder(search('abc'), order, false))).toBe('bac');
  expect(shownOf(inFoundOrder(search('cab'), order, false))).toBe('cab');
});

test('one that is no longer among them goes', () => {
  expect(foundOrder(['b', 'a'], search('ac'))).toEqual(['a', 'c']);
});
