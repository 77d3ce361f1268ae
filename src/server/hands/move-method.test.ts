import { freshBatch, sentences, value } from '../../../tests/fixtures/services';
import { isAct, type ActOf, type PlannedAct } from '@/core/journal';
import { placedMethod, startingMethods } from '@/core/methods';
import { toLocalText } from '@/core/units';
import { listFlours, openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { takeMethodBake } from '../doughs/take-method-bake';
import { takeMove } from '../hold/take-move';
import { moveStep } from './move-step';
import { ensureShop } from '../shop/new-shop';
import { pinStep } from '../shop/hours';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { undoBatch } from '../journal/undo';

const ZONE = 'Europe/Oslo';
const nowMs = Date.parse('2026-11-26T08:00:00+01:00');
let context: ShopContext;
let bakeId: string;

beforeEach(() => {
  const db = openShopInMemory();
  ensureShop(db, ZONE);
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  const state = loadShop(context);
  const library = startingMethods().find((one) => one.id === 'poolish-day')!;
  const method = placedMethod(library, {
    places: state.places,
    flours: listFlours(db),
    atMs: nowMs,
    yeastType: 'fresh',
  });
  ({ bakeId } = value(
    takeMethodBake(context, {
      name: 'Friday',
      method,
      versionId: null,
      readyFrom: '2026-11-27T18:00',
      readyTo: '2026-11-27T19:30',
      mixAt: null,
      leavenAt: {},
    }),
  ));
});

const plan = () => loadShop(context).folded.plan;
const made = (kind: string) =>
  plan().find((one) => isAct(one.act, 'make') && one.act.lotKind === kind) as PlannedAct & {
    act: ActOf<'make'>;
  };
const yeastG = () =>
  made('poolish').act.ingredients.find((one) => one.ingredientId.startsWith('yeast'))!.massG;
const massG = () => made('poolish').act.ingredients.reduce((sum, one) => sum + one.massG, 0);
const offPeakMin = () => {
  const { lots } = forecastState(context, loadShop(context));
  const bestMs = lots.get(made('poolish').act.lotId)!.window.bestMs!;
  return Math.abs(bestMs - made('dough').atMs) / 60_000;
};
const move = (step: PlannedAct, byH: number) =>
  moveStep(context, {
    stepId: step.stepId,
    at: toLocalText(step.atMs + byH * 3_600_000, ZONE),
    batch: freshBatch(),
  });

test('a poolish made earlier keeps its mix: less yeast, as much poolish, best at the mix again', () => {
  const before = { yeast: yeastG(), mass: massG(), mixAtMs: made('dough').atMs };
  expect(offPeakMin()).toBeLessThan(20);
  const { batch } = value(move(made('poolish'), -3));
  expect(yeastG()).toBeLessThan(before.yeast * 0.8);
  expect(massG()).toBeCloseTo(before.mass, 6);
  expect(made('dough').atMs).toBe(before.mixAtMs);
  expect(offPeakMin()).toBeLessThan(20);
  value(undoBatch(context, batch));
  expect(yeastG()).toBe(before.yeast);
});

test('a mix moved earlier takes its balls along and asks more yeast of its poolish', () => {
  const before = yeastG();
  const divide = () => plan().find((one) => isAct(one.act, 'divide'))!;
  const apart = divide().atMs - made('dough').atMs;
  value(move(made('dough'), -1));
  expect(divide().atMs - made('dough').atMs).toBe(apart);
  expect(yeastG()).toBeGreaterThan(before);
  expect(offPeakMin()).toBeLessThan(20);
});

test('what is pinned stays where it is when the mix moves', () => {
  const divide = plan().find((one) => isAct(one.act, 'divide'))!;
  value(pinStep(context, divide.stepId, true));
  value(move(made('dough'), -0.5));
  expect(plan().find((one) => one.stepId === divide.stepId)!.atMs).toBe(divide.atMs);
});

test('a move that can not be is refused in words and changes nothing', () => {
  const mix = made('dough');
  const take = (change: object, id = bakeId) =>
    sentences(
      takeMove(context, {
        bakeId: id,
        batch: freshBatch(),
        changes: [{ stepId: mix.stepId, atMs: mix.atMs, act: mix.act, ...change }],
      }),
    )[0];
  const before = plan();
  expect(take({ atMs: nowMs - 3_600_000 })).toContain('its start has passed');
  expect(take({ stepId: 'gone' })).toContain('done or withdrawn meanwhile');
  expect(take({ act: { kind: 'move', lotId: 'x', placeId: 'moon' } })).toContain('“moon”');
  expect(take({ act: { kind: 'discard', lotId: 'x', massG: 1 } })).toContain('another step');
  expect(take({}, 'nobody')).toContain('not in the shop');
  expect(take({ act: { kind: 'make' } })).toBeDefined();
  expect(plan()).toEqual(before);
  const later = { stepId: mix.stepId, atMs: mix.atMs + 600_000, act: mix.act };
  value(takeMove(context, { bakeId, batch: freshBatch(), changes: [later] }));
  expect(made('dough').atMs).toBe(mix.atMs + 600_000);
});
