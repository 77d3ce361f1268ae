import { demandFor, planningShop } from '../../../tests/fixtures/planning';
import { startingMethods, methodSchema, type Method, type Moment } from '../methods';
import { planMethod, type MethodPlan } from '.';
import { handsMin } from './week';
import { requestFor } from './week/propose';

const shop = planningShop({ benchC: 22 });
const HEAT: Moment = {
  name: 'Heat the stone',
  from: 'service',
  afterMin: -90,
  handsMin: 2,
  work: null,
};
const straight = startingMethods().find((one) => one.id === 'straight')!.method;

function planned(moments: Moment[], method: Method = straight): MethodPlan {
  const demand = demandFor('2026-11-27T18:00', ['straight']);
  const request = requestFor(demand, demand.methods[0]!, shop);
  const plan = planMethod({ ...request, method: { ...method, moments } });
  if (plan.kind !== 'plan') throw new Error(plan.because);
  return plan;
}
const READY_MS = Date.parse('2026-11-27T17:00:00Z');
const steps = (plan: MethodPlan, kind: string) => plan.steps.filter(({ act }) => act.kind === kind);

test('a moment before the service stands among the steps at its minute, with its hands', () => {
  const plan = planned([HEAT]);
  const [heat] = steps(plan, 'do');
  expect(heat!.atMs).toBe(READY_MS - 90 * 60_000);
  expect(heat!.act).toMatchObject({ what: 'Heat the stone', minutes: 2 });
  expect(handsMin(heat!.act)).toBe(2);
  // Nothing that is forecast changes.
  expect(plan.balls.window).toEqual(planned([]).balls.window);
});

test('a punch-down is felt: gas leaves the dough, the balls open later', () => {
  const down: Moment = { ...HEAT, name: 'Down', from: 'balls', afterMin: -30, work: 'punch down' };
  const plan = planned([down]);
  const [work] = steps(plan, 'work');
  expect(work!.act).toMatchObject({ act: 'punch down', lotId: plan.ids.doughId });
  expect(work!.atMs).toBe(plan.ballAtMs - 30 * 60_000);
  const held = planned([], { ...straight });
  expect(plan.mixAtMs).toBeLessThanOrEqual(held.mixAtMs);
});

test('work on what is divided is done to each of its parts', () => {
  const products = [
    { name: 'Balls', count: 10, weightG: 250, keepsH: 24 },
    { name: 'Trays', count: 2, weightG: 600, keepsH: 24 },
  ];
  const again: Moment = { ...HEAT, name: 'Again', afterMin: -60, work: 'ball again' };
  const method: Method = { ...straight, target: { by: 'products', products } };
  const plan = planned([again], method);
  expect(steps(plan, 'work').map(({ act }) => 'lotId' in act && act.lotId)).toEqual(
    plan.ids.pieceIds,
  );
});

test('before there is a dough it waits for the mix, and is never after the service', () => {
  const early: Moment = { ...HEAT, afterMin: -2880 };
  const late: Moment = { ...HEAT, afterMin: 2880 };
  const [first, last] = steps(planned([early, late]), 'do');
  const plan = planned([]);
  expect(first!.atMs).toBe(plan.mixAtMs + 60_000);
  expect(last!.atMs).toBeLessThanOrEqual(READY_MS + 4 * 3_600_000);
});

test('a method of before has none; one without a name is asked for it', () => {
  const before: Record<string, unknown> = { ...straight };
  delete before['moments'];
  expect(methodSchema.parse(before).moments).toEqual([]);
  const nameless = methodSchema.safeParse({ ...straight, moments: [{ ...HEAT, name: ' ' }] });
  expect(nameless.success).toBe(false);
  expect(JSON.stringify(nameless.error)).toContain('a name is needed');
});
