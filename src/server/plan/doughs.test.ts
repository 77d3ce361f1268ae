import { FRIDAY, searched, taking } from '../../../tests/fixtures/plans';
import { value } from '../../../tests/fixtures/services';
import { isAct } from '@/core/journal';
import { openShopInMemory, saveEquipment } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { ensureShop } from '../shop/new-shop';
import { loadShop } from '../shop/load-shop';
import { undoBatch } from '../journal/undo';
import { stateDemand } from './demands';
import { takePlan } from './take-plan';
import { planView } from './view';

let context: ShopContext;
beforeEach(() => {
  const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
});

test('a service in two doughs is two plans, each taken by itself, the oven lit once', () => {
  const thing = { id: 'oven', kind: 'oven' as const, name: 'Deck', count: 1, least: 0, most: 4 };
  saveEquipment(context.db, { ...thing, heatMin: 75, bakeMin: 5 });
  const long = { ...FRIDAY, readyTo: '2026-11-27T22:00', doughs: '2' };
  const { id } = value(stateDemand(context, long));
  const names = () => planView(context).services.map((one) => [one.name, one.state, one.balls]);
  expect(names()).toEqual([
    ['Friday, dough 1', 'open', 15],
    ['Friday, dough 2', 'open', 15],
  ]);
  const first = value(takePlan(context, taking(searched(planView(context)), id, '2026-11-27')));
  const second = taking(searched(planView(context)), id, '2026-11-27/2');
  value(takePlan(context, second));
  expect(names().map((one) => one[1])).toEqual(['planned', 'planned']);
  const { plan } = loadShop(context).folded;
  const mixes = plan.filter(({ act }) => isAct(act, 'make') && act.lotKind === 'dough');
  expect(mixes).toHaveLength(2);
  expect(new Set(mixes.map((one) => one.bakeId)).size).toBe(2);
  expect(plan.filter(({ act }) => act.kind === 'light')).toHaveLength(1);
  value(undoBatch(context, first.batch));
  expect(names().map((one) => one[1])).toEqual(['open', 'planned']);
});

test('a plan for the whole day stays the plan of it when it is divided into doughs; too many are refused', () => {
  const { id } = value(stateDemand(context, FRIDAY));
  value(takePlan(context, taking(searched(planView(context)), id, '2026-11-27')));
  value(stateDemand(context, { ...FRIDAY, id, doughs: '2' }));
  expect(planView(context).services.map((one) => one.state)).toEqual(['planned']);
  const five = stateDemand(context, { ...FRIDAY, doughs: '5' });
  const four = stateDemand(context, { ...FRIDAY, readyTo: '2026-11-27T19:00', doughs: '4' });
  const said = [five, four].map((one) => (one.ok ? '' : one.refusals[0]?.sentence));
  expect(said[0]).toMatch(/Doughs: “?5”? .*1 to 4|Doughs: .*5.*Allowed: 1–4/);
  expect(said[1]).toBe(
    'Doughs: 4 are too many for so short a service. Allowed: one in each half hour.',
  );
});

test('one pair of hands takes a service in waves with a pause, and nothing of the plan stands in its way', () => {
  const { id } = value(
    stateDemand(context, {
      ...FRIDAY,
      methods: ['start-poolish-day'],
      readyFrom: '2026-11-27T17:30',
      readyTo: '2026-11-27T21:00',
      balls: '40',
      perHour: ['14', '6', '0', '20'],
    }),
  );
  const take = taking(searched(planView(context)), id, '2026-11-27');
  expect(take.waves?.length).toBeGreaterThan(2);
  value(takePlan(context, take));
  const view = planView(context);
  expect(view.services[0]!.state).toBe('planned');
  expect(view.broken).toEqual([]);
  const { plan } = loadShop(context).folded;
  const during = plan.filter(({ act, atMs }) => isAct(act, 'move') && atMs > FROM_MS);
  expect(during.length).toBeGreaterThan(0);
  expect(new Set(plan.map((one) => one.by)).size).toBe(1);
});
const FROM_MS = Date.parse('2026-11-27T17:30:00+01:00');
