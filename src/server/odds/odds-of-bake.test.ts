import { demoShop } from '../../../tests/demo-shop';
import { FRIDAY, searched, taking } from '../../../tests/fixtures/plans';
import { freshBatch, value } from '../../../tests/fixtures/services';
import { listBakes, openShopInMemory } from '@/data';
import { shopVersion } from '../journal/changes';
import { contextOver, type ShopContext } from '../context';
import { holdView } from '../hold/question';
import { searchHold } from '@/shop/hold/search';
import { ensureShop } from '../shop/new-shop';
import { stateDemand } from '../plan/demands';
import { takePlan } from '../plan/take-plan';
import { planView } from '../plan/view';
import { loadShop } from '../shop/load-shop';
import { tideView } from '../tide';
import { undoBatch } from '../journal/undo';
import { oddsAhead, oddsOfBake, settleOdds } from './odds-of-bake';

const ahead = (context: ShopContext) =>
  listBakes(context.db).filter((one) => one.readyFromMs > context.clock().nowMs);
const settled = (context: ShopContext, bakeId: string) => {
  const bake = () => listBakes(context.db).find((one) => one.id === bakeId)!;
  oddsOfBake(context, loadShop(context), bake());
  settleOdds(context);
  return oddsOfBake(context, loadShop(context), bake());
};

test('a chance is told when it is worked out, and who listens is told', () => {
  const { context } = demoShop();
  const [bake] = ahead(context);
  const state = loadShop(context);
  expect(oddsOfBake(context, state, bake!)).toEqual({
    ...{ chance: null, worst: null, settled: false, sureFrom: 0.8 },
  });
  const before = shopVersion(context);
  const { chance, worst } = settled(context, bake!.id);
  expect(shopVersion(context)).not.toBe(before);
  expect(chance).toBeGreaterThanOrEqual(0);
  expect(worst!).toBeGreaterThanOrEqual(chance!);
  expect(worst!).toBeLessThanOrEqual(1);
});

test('the Tide, the Plan and Hold or hurry tell one figure for one service', () => {
  const { context } = demoShop();
  tideView(context);
  settleOdds(context);
  const onTide = new Map(tideView(context).services.map((one) => [one.bakeId, one.odds]));
  const inPlan = new Map(planView(context).services.map((one) => [one.bakeId, one.odds]));
  expect(oddsAhead(context)).toMatchObject(
    Object.fromEntries(ahead(context).map(({ id }) => [id, onTide.get(id)])),
  );
  let held = 0;
  for (const bake of ahead(context).slice(0, 4)) {
    expect(inPlan.get(bake.id)).toEqual(onTide.get(bake.id));
    const facts = structuredClone(holdView(context, bake.id)!.facts);
    const first = searchHold(facts).next().value;
    // Before its leaven is made there is nothing to hold or hurry yet.
    if (first === null || !('answer' in first) || first.answer === null) continue;
    expect(first.answer.stands.odds.service).toBe(onTide.get(bake.id)!.chance);
    held += 1;
  }
  expect(held).toBeGreaterThan(0);
});

test('a plan’s odds are the same before it is taken, after it, and after it was taken back and again', () => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
  const context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  const { id } = value(stateDemand(context, FRIDAY));
  const search = searched(planView(context));
  const best = search.shown.find((one) => one.key === search.bestKey)!;
  const take = taking(search, id, '2026-11-27');
  const { bakeId, batch } = value(takePlan(context, take));
  const after = settled(context, bakeId);
  expect(after.chance).toBeCloseTo(best.odds!.service, 9);
  value(undoBatch(context, batch));
  expect(planView(context).services[0]).toMatchObject({ state: 'open', odds: null });
  const again = value(takePlan(context, { ...take, batch: freshBatch() }));
  expect(settled(context, again.bakeId)).toEqual(after);
});

test('a note changes no chance, and nothing is worked out again for it; a colder room does', () => {
  const { context, db } = demoShop();
  const bake = ahead(context).at(-1)!;
  const before = settled(context, bake.id);
  db.prepare('UPDATE shop SET name = name').run();
  expect(oddsOfBake(context, loadShop(context), bake)).toEqual(before);
  db.prepare('UPDATE place_setting SET temp_c = temp_c - 6').run();
  expect(oddsOfBake(context, loadShop(context), bake)).toEqual({ ...before, settled: false });
  const colder = settled(context, bake.id);
  expect(colder.settled).toBe(true);
  expect(colder.chance).not.toBe(before.chance);
});
