import { openShopInMemory } from '@/data';
import { FRIDAY_FORM, value } from '../../../tests/fixtures/services';
import { takeBake } from '../bakes/new-bake';
import { contextOver, type ShopContext } from '../context';
import { undoBatch } from '../journal/undo';
import { ensureShop } from '../shop/new-shop';
import { planView } from './view';

let nowMs = 0;
let context: ShopContext;

beforeEach(() => {
  nowMs = Date.parse('2026-11-26T12:00:00+01:00');
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
});

const changes = () => planView(context).changes.map((one) => one.says);

/** A bake taken into the plan. */
const taken = () => value(takeBake(context, FRIDAY_FORM));

test('a plan that was taken stands there; taken back again within the day, nothing changed', () => {
  const { batch } = taken();
  expect(changes()).toEqual([expect.stringMatching(/: planned$/)]);
  undoBatch(context, batch);
  expect(changes()).toEqual([]);
});

test('a plan that stood since yesterday and is taken back is a change', () => {
  const { batch } = taken();
  nowMs += 25 * 3_600_000;
  expect(changes()).toEqual([]);
  undoBatch(context, batch);
  expect(changes()).toEqual([expect.stringMatching(/: withdrawn$/)]);
});
