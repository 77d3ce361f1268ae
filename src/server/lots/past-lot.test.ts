import { demoShop } from '../../../tests/demo-shop';
import { isAct } from '@/core/journal';
import { lotView } from './lot-view';
import { loadShop } from '../shop/load-shop';
import { tideView } from '../tide';

const { context } = demoShop();
const { folded } = loadShop(context);
const onTide = new Set(tideView(context).strands.map((one) => one.lotId));
const old = folded.done.find(
  ({ act }) => isAct(act, 'make') && act.lotKind === 'poolish' && !onTide.has(act.lotId),
)!;
const oldId = isAct(old.act, 'make') ? old.act.lotId : '';
const mix = folded.done.find(
  ({ act }) => isAct(act, 'make') && act.portions.some((line) => line.lotId === oldId),
)!;

test('a poolish that went into its dough weeks ago is shown as it stood then, and nothing can be done to it', () => {
  const view = lotView(context, oldId)!;
  expect(view.pastMs).toBe(mix.atMs);
  expect(view.nowMs).toBe(mix.atMs);
  expect([view.leftG, view.offer, view.next]).toEqual([0, null, null]);
  expect(view.becomes.map((one) => one.lotId)).toEqual([
    isAct(mix.act, 'make') ? mix.act.lotId : '',
  ]);
  expect(view.massG).toBeGreaterThan(100);
  expect(Math.max(...view.curve.rise)).toBeGreaterThan(1.5);
  const { opensMs, closesMs } = view.strand.window;
  expect(opensMs).toBeLessThan(mix.atMs + 3 * 3_600_000);
  expect(closesMs).toBeGreaterThan(opensMs!);
});

test('balls that were baked are shown until the end of their service, their dough before them', () => {
  const divide = folded.done.find(
    ({ act }) => isAct(act, 'divide') && !onTide.has(act.ballsLotId),
  )!;
  const act = isAct(divide.act, 'divide') ? divide.act : null;
  const view = lotView(context, act!.ballsLotId)!;
  const use = folded.done.findLast(
    (one) => isAct(one.act, 'use') && one.act.lotId === act!.ballsLotId,
  )!;
  expect(view.pastMs).toBeGreaterThanOrEqual(use.atMs);
  expect(view.madeFrom.map((one) => one.lotId)).toEqual([act!.lotId]);
  expect(view.balls).toBe(act!.count);
});

test('a lot that was never made has no page', () => {
  expect(lotView(context, 'X0101-1')).toBeNull();
});
