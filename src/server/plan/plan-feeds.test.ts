import { workingHours } from '@/shop/state';
import { demoShop } from '../../../tests/demo-shop';
import { freshBatch, value } from '../../../tests/fixtures/services';
import { isAct, type ActOf } from '@/core/journal';
import { massOf } from '@/core/composition';
import { isClosedOn, isWorking } from '@/core/planner/working-hours';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { undoBatch } from '../journal/undo';
import { feedsWanted } from './keep-alive';
import { planFeeds } from './plan-feeds';
import { planView } from './view';

const { context } = demoShop();
const { span, feeds } = planView(context);
const planned = () => loadShop(context).folded.plan;
const before = planned();
const batch = freshBatch();
const outcome = value(planFeeds(context, { batch, untilMs: span.toMs }));
const state = loadShop(context);
const made = state.folded.plan.filter((step) => !before.some((one) => one.stepId === step.stepId));
const acts = made.map(({ act, atMs }) => ({ act: act as ActOf<'make'>, atMs }));

test('every starter is fed through the week, and none is left to ask for', () => {
  expect(feeds.length).toBeGreaterThan(1);
  expect(feedsWanted(context, state, span.toMs)).toEqual([]);
  expect(acts).toHaveLength(outcome.feeds);
  expect(new Set(acts.map(({ act }) => act.lotId)).size).toBe(acts.length);
});

test('each feed is from the one before, early enough, while somebody is in, its grams there', () => {
  const grusa = state.folded.plan
    .flatMap(({ act, atMs }) =>
      isAct(act, 'make') && act.cultureId === 'grusa' ? [{ act, atMs }] : [],
    )
    .sort((a, b) => a.atMs - b.atMs);
  expect(grusa.length).toBeGreaterThan(5);
  expect(
    acts.filter(({ atMs }) => isClosedOn(atMs, state.closed, state.shop.timeZone)).length,
  ).toBeLessThan(4);
  grusa.slice(1).forEach(({ act, atMs }, i) => {
    const from = grusa[i]!;
    expect(act.portions[0]!.lotId).toBe(from.act.lotId);
    expect(atMs - from.atMs).toBeLessThanOrEqual(1.3 * 24 * 3_600_000);
    expect(atMs).toBeGreaterThan(from.atMs);
  });
  for (const { act, atMs } of acts) {
    const { timeZone } = state.shop;
    // A culture does not wait for a closed day to pass: that one feed is asked for all the same.
    const closed = isClosedOn(atMs, state.closed, timeZone);
    expect(closed || isWorking(atMs, workingHours(state), timeZone)).toBe(true);
    expect(act.portions[0]!.massG).toBeGreaterThan(0);
  }
});

test('nothing takes what is not there, and every jar has what its feed leaves', () => {
  const { conflicts, lots } = forecastState(context, state);
  expect(conflicts).toEqual([]);
  for (const { act } of acts) {
    const { composition } = lots.get(act.lotId)!.story.lot;
    const weighedG = act.ingredients.reduce((sum, one) => sum + one.massG, act.portions[0]!.massG);
    expect(massOf(composition)).toBeCloseTo(weighedG, 6);
  }
});

test('once planned there is nothing more to plan, and one undo takes all of it back', () => {
  const again = planFeeds(context, { batch: freshBatch(), untilMs: span.toMs });
  expect(again.ok).toBe(false);
  value(undoBatch(context, batch));
  expect(planned()).toEqual(before);
});
