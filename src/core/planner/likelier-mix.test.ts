import { demandFor, planningShop } from '../../../tests/fixtures/planning';
import { startingMethods } from '../methods';
import { addHours, hoursBetween } from '../units';
import { planMethod, type MethodPlan, type MethodRequest } from '.';
import { chanceOfTurn } from './likelier-hour';
import { proposalsOf, requestFor } from './week/propose';

const FROM = '2026-11-27T18:00';
const FROM_MS = Date.parse('2026-11-27T17:00:00Z');
const shop = planningShop({ benchC: 22 });

function asked(id: string, hours: number) {
  const demand = demandFor(FROM, [id], { readyToMs: addHours(FROM_MS, hours) });
  return { demand, request: requestFor(demand, demand.methods[0]!, shop) };
}

function planned(request: MethodRequest): MethodPlan {
  const plan = planMethod(request);
  if (plan.kind !== 'plan') throw new Error(plan.because);
  return plan;
}

const chanceOf = (plan: MethodPlan, toMs: number) =>
  chanceOfTurn({
    lot: plan.balls,
    mixedAtMs: plan.mixAtMs,
    fromMs: FROM_MS,
    toMs,
    extraLnSd: plan.dough.extraLnSd ?? 0,
  });

const WAYS = startingMethods().map(({ id }) => id);

test.each(WAYS)('%s: its own page and the plan of a service mix it at the same hour', (id) => {
  const { demand, request } = asked(id, 1);
  const own = planned(request);
  const found = proposalsOf(demand, demand.methods[0]!, shop, 0);
  const plan = found.kind === 'proposals' ? found.proposals[0]!.plan : null;
  // In waves it is another plan; more feeds before a leaven are the planner's to find.
  if (plan === null || plan.waves !== null) return;
  if (plan.method.refreshments.count !== own.method.refreshments.count) return;
  expect({ mix: plan.mixAtMs, balls: plan.method.balls }).toEqual({
    mix: own.mixAtMs,
    balls: own.method.balls,
  });
});

test.each(WAYS)('%s: no mix half an hour away holds its service likelier', (id) => {
  const { request } = asked(id, 2);
  const own = planned(request);
  if (own.method.balls.length > 1) return;
  const chance = chanceOf(own, request.readyToMs);
  for (const shiftH of [-0.5, 0.5]) {
    const held = { mixAtMs: addHours(own.mixAtMs, shiftH) };
    const other = planMethod({ ...request, held });
    const [stay] = own.method.balls;
    const ballsH = hoursBetween(other.kind === 'plan' ? other.ballAtMs : 0, FROM_MS);
    const fits = other.kind === 'plan' && ballsH <= stay!.mostH && ballsH >= stay!.leastH;
    if (fits) expect(chanceOf(other, request.readyToMs)).toBeLessThan(chance + 0.06);
  }
});

test('a pinned mix stays, and so do the hours of waves', () => {
  const { request } = asked('straight', 3);
  const own = planned(request);
  const mixAtMs = addHours(own.mixAtMs, 1);
  expect(planned({ ...request, held: { mixAtMs } }).mixAtMs).toBe(mixAtMs);
});
