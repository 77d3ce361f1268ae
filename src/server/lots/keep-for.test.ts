import { FRIDAY_FORM, freshBatch, sentences, value } from '../../../tests/fixtures/services';
import { expectOneTruth } from '../../../tests/fixtures/one-truth';
import { isAct, type ActOf } from '@/core/journal';
import { listBakes, openShopInMemory } from '@/data';
import { takeBake } from '../bakes/new-bake';
import { contextOver, type ShopContext } from '../context';
import { doStep } from '../hands/hands';
import { undoBatch } from '../journal/undo';
import { oddsOfBake } from '../odds/odds-of-bake';
import { ensureShop } from '../shop/new-shop';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { tideView } from '../tide';
import { keepFor } from './keep-for';

let nowMs = 0;
let context: ShopContext;
let lotId = '';

/** A bake of forty balls for Friday evening, balled ten minutes ago. */
beforeEach(() => {
  nowMs = Date.parse('2026-11-26T12:00:00+01:00');
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  value(takeBake(context, FRIDAY_FORM));
  for (const step of plan()) {
    if (isAct(step.act, 'use')) {
      lotId = step.act.lotId;
      break;
    }
    nowMs = step.atMs;
    value(doStep(context, { stepId: step.stepId, batch: freshBatch() }));
  }
  nowMs += 10 * 60_000;
});

const plan = () => loadShop(context).folded.plan;
const uses = () =>
  plan().filter(({ act }) => isAct(act, 'use')) as { act: ActOf<'use'>; bakeId: string }[];
const SUNDAY = { readyFrom: '2026-11-29T12:00', readyTo: '2026-11-29T13:00' };
const keep = (changes: object = {}) =>
  keepFor(context, {
    lotId,
    batch: freshBatch(),
    count: '12',
    placeId: 'fridge',
    ...SUNDAY,
    ...changes,
  });

test('twelve balls are kept for Sunday: a bake of their own, out of the fridge in time, the others fewer', () => {
  const kept = value(keep());
  expect(uses().map(({ act }) => act.count)).toEqual([28, 12]);
  const bakes = listBakes(context.db);
  const own = bakes.find(({ id }) => id === kept.bakeId)!;
  expect(own.name).toBe('Friday, kept');
  expect(own.readyFromMs).toBe(Date.parse('2026-11-29T12:00:00+01:00'));
  const out = plan().find(({ act }) => isAct(act, 'move') && act.lotId === kept.lotId)!;
  expect(out.atMs).toBe(kept.outMs);
  expect(out.atMs).toBeLessThan(own.readyFromMs);
  // It has a chance of its own, and the Tide shows both services with what each is to have.
  const state = loadShop(context);
  const lot = forecastState(context, state).lots.get(kept.lotId)!;
  expect(lot.story.lot.balls).toBe(12);
  expect(tideView(context).services.map(({ name, wanted }) => [name, wanted])).toEqual([
    ['Friday', 28],
    ['Friday, kept', 12],
  ]);
  expect(oddsOfBake(context, state, own)).toBeDefined();
  expectOneTruth(context, state.folded.plan);
});

test('taken back, all of it is one service again', () => {
  const before = plan();
  const { batch } = value(keep());
  value(undoBatch(context, batch));
  expect(plan()).toEqual(before);
  expect(tideView(context).services).toHaveLength(1);
});

test('what can not be kept is refused in words, and nothing is written', () => {
  const before = plan();
  const says = (changes: object) => sentences(keep(changes)).join(' ');
  expect(says({ count: '41' })).toContain('41 is not possible. Allowed: 1 to 40');
  expect(says({ placeId: 'attic' })).toContain('“attic” is not in the shop');
  expect(says({ readyTo: SUNDAY.readyFrom })).toContain('Allowed: after it');
  expect(says({ readyFrom: '2026-11-20T12:00' })).toContain('has passed');
  expect(says({ lotId: 'X9' })).toContain('has not been made yet');
  expect(plan()).toEqual(before);
  expect(listBakes(context.db)).toHaveLength(1);
});
