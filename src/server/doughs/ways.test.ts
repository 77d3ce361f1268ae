import { startingMethods } from '@/core/methods';
import { proposalsOf, requestFor } from '@/core/planner/week/propose';
import { oddsOfPlan, plannedInTurns } from '@/core/planner/week';
import { openShopInMemory } from '@/data';
import { contextOver } from '../context';
import { doughFacts } from './facts';
import { methodRows } from './methods';
import { loadShop } from '../shop/load-shop';
import { ensureShop } from '../shop/new-shop';
import { demandFor, planningShop } from '../../../tests/fixtures/planning';
import { methodAnswer } from '@/shop/doughs/method-answer';
import { waysOf, type Way } from '@/shop/doughs/ways';

const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const NOW = Date.parse('2026-11-24T08:00:00+01:00');
const context = { ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 0, demo: false }) };
const facts = doughFacts(context, loadShop(context));
const rows = methodRows(context, loadShop(context));
const bakeOf = (id: string) => ({
  name: 'Friday',
  method: rows.find((one) => one.id === `start-${id}`)!.method,
  readyFrom: '2026-11-27T18:00',
  readyTo: '2026-11-27T21:00',
  mixAt: null,
  leavenAt: {},
});

function all(id: string): readonly Way[] {
  const steps = waysOf({ bake: bakeOf(id), facts });
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
    expect(step.value.share).toBeLessThanOrEqual(1);
  }
}

test('the ways of one method, as it stands first, each planned for its service with its odds', () => {
  const ways = all('poolish-two-days');
  expect(ways.length).toBeGreaterThanOrEqual(4);
  expect(ways[0]!.otherwise).toBeNull();
  for (const { plan } of ways) {
    expect(plan!.odds.service).toBeGreaterThanOrEqual(0);
    expect(plan!.moments).toBeGreaterThanOrEqual(3);
    expect(plan!.firstMs).toBeLessThan(plan!.plan.mixAtMs);
  }
  // A longer stay in the cold begins earlier.
  const cold = ways.filter((way) => way.otherwise?.kind === 'cold hours' && way.plan !== null);
  const starts = cold.map((way) => way.plan!.firstMs);
  expect(starts).toEqual([...starts].sort((a, b) => b - a));
});

test('no two ways come to the same hours and odds', () => {
  for (const id of ['poolish-two-days', 'straight', 'biga-cold-boost']) {
    const told = all(id).map(({ plan }) =>
      [plan?.odds.service, ...(plan?.plan.steps ?? []).map((step) => step.atMs)].join(),
    );
    expect(new Set(told).size).toBe(told.length);
  }
});

test('as it stands is what the page itself plans', () => {
  const [first] = all('poolish-two-days');
  const answer = methodAnswer(bakeOf('poolish-two-days'), facts);
  expect(answer.kind === 'plan' && answer.plan.steps.map((one) => one.atMs)).toEqual(
    first!.plan!.plan.steps.map((one) => one.atMs),
  );
});

describe('balls that wait in the cold', () => {
  const shop = planningShop({ benchC: 22 });
  const service = { readyToMs: Date.parse('2026-11-27T20:00:00Z') };
  const cold = startingMethods()
    .filter(({ method }) => method.balls.length > 1)
    .map(({ id }) => id);
  test.each(cold)('%s: come out in turns, far likelier than at once; Plan says the same', (id) => {
    const demand = demandFor('2026-11-27T18:00', [id], service);
    const request = requestFor(demand, demand.methods[0]!, shop);
    const found = plannedInTurns(request);
    if (found.kind !== 'plan') throw new Error(found.because);
    expect(found.plan.waves!.length).toBeGreaterThan(1);
    const odds = oddsOfPlan(found.plan, demand, found.request);
    const proposed = proposalsOf(demand, demand.methods[0]!, shop, 0);
    const best = proposed.kind === 'proposals' ? proposed.proposals[0]! : null;
    expect(best!.plan.waves).not.toBeNull();
    const same = oddsOfPlan(best!.plan, demand, best!.request);
    expect(Math.abs(same.service - odds.service)).toBeLessThan(0.12);
  });
});
