import { searched, taking } from '../../../tests/fixtures/plans';
import { freshBatch, value } from '../../../tests/fixtures/services';
import { isAct, type ActOf } from '@/core/journal';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { describeCulture } from '../cultures/describe';
import { sourcesOf } from '../doughs/facts';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { ensureShop } from '../shop/new-shop';
import { oddsAhead, settleOdds } from '../odds/odds-of-bake';
import { stateDemand } from './demands';
import { planFeeds } from './plan-feeds';
import { takePlan } from './take-plan';
import { planView } from './view';

const nowMs = Date.parse('2026-11-23T08:00:00+01:00');

/** A shop with one starter, and a service of a levain dough on Friday evening. */
function shop(): { context: ShopContext; demandId: string } {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  value(
    describeCulture(context, {
      ...{ kind: 'liquid starter', name: 'Kelp', hydrationPct: 100, flourId: 'flour-00' },
      ...{ placeId: 'bench', keepG: 20, batch: freshBatch() },
      start: { how: 'bring', fedAt: '2026-11-22T20:00', massG: 200, ratio: 4, placeId: 'bench' },
    }),
  );
  const { id } = value(
    stateDemand(context, {
      ...{ id: null, name: 'Friday', balls: '6', methods: ['start-levain-liquid'] },
      ...{ readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T19:30' },
    }),
  );
  return { context, demandId: id };
}
const feedsOf = (context: ShopContext) =>
  loadShop(context).folded.plan.filter(
    (one) => isAct(one.act, 'make') && one.act.cultureId !== undefined && one.bakeId === null,
  );

test('a planned feed is a jar of its own, until the next one takes of it', () => {
  const { context } = shop();
  expect(sourcesOf(context, loadShop(context)).every((one) => one.untilMs === undefined)).toBe(
    true,
  );
  value(planFeeds(context, { batch: freshBatch(), untilMs: planView(context).span.toMs }));
  const jars = sourcesOf(context, loadShop(context)).filter((one) => one.kind === 'levain');
  const feeds = feedsOf(context);
  expect(jars.slice(1).map((one) => [one.lotId, one.fromMs])).toEqual(
    feeds.map(({ act, atMs }) => [(act as ActOf<'make'>).lotId, atMs]),
  );
  jars.forEach((jar, index) => {
    expect(jar.untilMs).toBe(jars[index + 1]?.fromMs);
    expect(jar.thereG).toBeGreaterThan(0);
  });
});

test('a levain is built from the jar that a planned feed gives before it, and no feed is planned twice', () => {
  const before = shop();
  const alone = searched(planView(before.context)).shown[0]!;
  const { context, demandId } = shop();
  value(planFeeds(context, { batch: freshBatch(), untilMs: planView(context).span.toMs }));
  const search = searched(planView(context));
  const [found] = search.shown;
  const jarId = found!.take.jars['levain']!;
  const jar = feedsOf(context).find(({ act }) => isAct(act, 'make') && act.lotId === jarId)!;
  const firstMs = Math.min(...found!.rungs.map((one) => one.atMs));
  expect(jar.atMs).toBeLessThan(firstMs);
  expect(firstMs - jar.atMs).toBeLessThan(24 * 3_600_000);
  expect(found!.take.refreshments.length).toBeLessThanOrEqual(alone.take.refreshments.length);
  expect(found!.odds.leaven).toBeGreaterThan(alone.odds.leaven - 0.05);
  const { bakeId } = value(
    takePlan(context, { ...taking(search, demandId, '2026-11-27'), anyway: true }),
  );
  const state = loadShop(context);
  const seeded = state.folded.plan.filter(
    ({ bakeId: of, act }) =>
      of === bakeId && isAct(act, 'make') && act.portions.some((line) => line.lotId === jarId),
  );
  expect(seeded).toHaveLength(1);
  expect(forecastState(context, state).conflicts).toEqual([]);
  // The same chance as before it was taken, but for the draw of truths.
  oddsAhead(context);
  settleOdds(context);
  expect(oddsAhead(context)[bakeId]!.chance! - found!.odds.service).toBeLessThan(0.12);
  expect(found!.odds.service - oddsAhead(context)[bakeId]!.chance!).toBeLessThan(0.12);
});
