import { openShopInMemory } from '@/data';
import { methodsFor } from '@/shop/plan/methods-for';
import { contextOver } from '../context';
import { stateDemand } from '../plan/demands';
import { planView } from '../plan/view';
import { loadShop } from '../shop/load-shop';
import { ensureShop } from '../shop/new-shop';
import { methodRows, retire, saveMethod } from './methods';

const nowMs = Date.parse('2026-11-27T08:00:00+01:00');

function emptyShop() {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  return { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
}
const START = 'start-straight';

/** A shop that keeps a starting method as its own, changed as said. */
function keeping(change: object) {
  const context = emptyShop();
  const { method } = methodRows(context, loadShop(context)).find((one) => one.id === START)!;
  const saved = saveMethod(context, { methodId: START, method: { ...method, ...change } });
  if (!saved.ok) throw new Error('not saved');
  return { context, own: saved.value.methodId };
}
const keysOf = (context: ReturnType<typeof emptyShop>) =>
  planView(context).methods.map((one) => one.key);

test('a starting method is offered once: as the shop’s own from when it is one, be it renamed or changed', () => {
  expect(keysOf(emptyShop())).toContain(START);
  for (const change of [{}, { name: 'House dough', says: 'ours' }, { lossShare: 0.04 }]) {
    const { context, own } = keeping(change);
    expect(keysOf(context)).toContain(own);
    expect(keysOf(context)).not.toContain(START);
  }
});

test('one that was renamed and changed is another dough: both are offered', () => {
  const { context, own } = keeping({ name: 'House dough', lossShare: 0.04 });
  expect(keysOf(context)).toEqual(expect.arrayContaining([own, START]));
});

test('retired, the starting one is there again', () => {
  const { context, own } = keeping({});
  retire(context, own, true);
  expect(keysOf(context)).toContain(START);
});

test('a service that was asked for with the starting method is planned with the own one, and says so where it is changed', () => {
  const { context, own } = keeping({});
  stateDemand(context, {
    ...{ id: null, name: 'Friday', balls: '20', methods: [START] },
    ...{ readyFrom: '2026-11-28T18:00', readyTo: '2026-11-28T20:00' },
  });
  const view = planView(context);
  expect(view.demands[0]?.methods).toEqual([own]);
  expect(methodsFor(view.demands[0]!.methods, view.methods).map((one) => one.key)).toEqual([own]);
});

test('a service whose methods are all gone takes any, on the page as on the server', () => {
  const all = [{ key: 'a' }, { key: 'b' }];
  expect(methodsFor(['gone'], all)).toBe(all);
  expect(methodsFor([], all)).toBe(all);
  expect(methodsFor(['b', 'gone'], all)).toEqual([{ key: 'b' }]);
});
