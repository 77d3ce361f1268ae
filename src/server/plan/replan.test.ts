import { demoShop } from '../../../tests/demo-shop';
import { freshBatch, sentences, value } from '../../../tests/fixtures/services';
import { isAct } from '@/core/journal';
import { listBakes, listPinned, savePin } from '@/data';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { undoBatch } from '../journal/undo';
import { replanBake } from './replan';

const { context } = demoShop();
const ebb = listBakes(context.db).find((one) => one.name === 'Ebb')!;
const stepsOf = (bakeId: string) =>
  loadShop(context).folded.plan.filter((step) => step.bakeId === bakeId);
const mixOf = (bakeId: string) =>
  stepsOf(bakeId).find(({ act }) => isAct(act, 'make') && act.lotKind === 'dough')!;

test('a pinned mix keeps its hour and its pin when its bake is planned anew; one undo brings the old plan back', () => {
  const before = stepsOf(ebb.id);
  const mix = mixOf(ebb.id);
  savePin(context.db, mix.stepId, true);
  const batch = freshBatch();
  const { bakeId } = value(replanBake(context, { bakeId: ebb.id, batch }));
  expect(bakeId).not.toBe(ebb.id);
  expect(stepsOf(ebb.id)).toEqual([]);
  expect(mixOf(bakeId).atMs).toBe(mix.atMs);
  expect(listPinned(context.db).has(mixOf(bakeId).stepId)).toBe(true);
  expect(forecastState(context, loadShop(context)).conflicts).toEqual([]);
  value(undoBatch(context, batch));
  expect(stepsOf(ebb.id)).toEqual(before);
  expect(stepsOf(bakeId)).toEqual([]);
});

test('without a pin it may move, and is still for the same service and as many balls', () => {
  savePin(context.db, mixOf(ebb.id).stepId, false);
  const balls = (bakeId: string) =>
    stepsOf(bakeId).reduce((sum, { act }) => sum + (isAct(act, 'use') ? act.count : 0), 0);
  const wanted = balls(ebb.id);
  const { bakeId } = value(replanBake(context, { bakeId: ebb.id, batch: freshBatch() }));
  expect(balls(bakeId)).toBe(wanted);
  const bake = listBakes(context.db).find((one) => one.id === bakeId)!;
  expect([bake.readyFromMs, bake.readyToMs]).toEqual([ebb.readyFromMs, ebb.readyToMs]);
});

test('what has begun and what is not planned is refused; what nobody began is planned anew', () => {
  const bakes = listBakes(context.db);
  const begun = bakes.find((one) => one.name === 'Quay' && stepsOf(one.id).length > 0)!;
  const said = (bakeId: string) =>
    sentences(replanBake(context, { bakeId, batch: freshBatch() }))[0];
  expect(said(begun.id)).toMatch(/done already/);
  expect(said('nobody')).toContain('nothing of this bake is planned');
  const poolish = bakes.find((one) => one.name === 'Harbour' && stepsOf(one.id).length > 3)!;
  value(replanBake(context, { bakeId: poolish.id, batch: freshBatch() }));
});
