import { demandFor, planningShop, startingMethod } from '../../../tests/fixtures/planning';
import { startingMethods, type Method } from '../methods';
import { MS_PER_MINUTE } from '../units';
import { isSameHour, type HeldHour, type HourOf } from './hour-of';
import type { MethodPlan, MethodRequest } from './method-request';
import { planMethod } from './plan-method';
import { requestFor } from './week';

const shop = planningShop();
const MIN = MS_PER_MINUTE;

function requestOf(method: Method, key: string): MethodRequest {
  const demand = demandFor('2026-11-27T18:00', [], { balls: 24 });
  return requestFor(demand, { key, method, versionId: null }, shop);
}

function planOf(request: MethodRequest): MethodPlan {
  const plan = planMethod(request);
  if (plan.kind !== 'plan') throw new Error(plan.says ?? plan.because);
  return plan;
}

/** The plan with an hour held, its mix and its leavens where they stood. */
function withHour(request: MethodRequest, plan: MethodPlan, hours: readonly HeldHour[]) {
  const leavenAtMs = Object.fromEntries(
    plan.leavens.flatMap((one) => (one.atMs === null ? [] : [[one.leavenId, one.atMs] as const])),
  );
  const held = { mixAtMs: plan.mixAtMs, leavenAtMs, hours };
  return planMethod({ ...request, method: plan.method, held });
}

const hourOf = (plan: MethodPlan, of: HourOf) =>
  plan.steps.find((step) => step.of !== undefined && isSameHour(step.of, of))?.atMs;

const WITH_MOMENTS: Partial<Method> = {
  moments: [
    { name: 'Coil fold', from: 'mix', afterMin: 60, handsMin: 3, work: 'fold' },
    { name: 'Look at them', from: 'balls', afterMin: 45, handsMin: 2, work: null },
  ],
  reball: true,
};

test.each([
  ...startingMethods().map(({ id }) => [id, startingMethod(id)] as const),
  ['straight, with moments', { ...startingMethod('straight'), ...WITH_MOMENTS }] as const,
  [
    'levain of two feeds',
    { ...startingMethod('levain-liquid'), refreshments: { count: 2, everyH: 6 } },
  ] as const,
])(
  '%s: whatever is done by hand is held a quarter of an hour off, or refused in a sentence',
  (key, method) => {
    const request = requestOf(method, key);
    const plan = planOf(request);
    const holdable = plan.steps.flatMap(({ of, atMs }) => (of === undefined ? [] : [{ of, atMs }]));
    const others = holdable.filter(({ of }) => of.kind !== 'mix' && of.kind !== 'leaven');
    expect(others.length).toBeGreaterThan(0);
    let stood = 0;
    for (const { of: hour, atMs } of others) {
      for (const byMin of [-15, 15]) {
        const wantedMs = atMs + byMin * MIN;
        const moved = withHour(request, plan, [{ of: hour, atMs: wantedMs }]);
        if (moved.kind === 'infeasible') {
          expect(moved.says).toMatch(/^[A-Z].*\.$/);
          continue;
        }
        stood += 1;
        const asMoment =
          hour.kind === 'ball again' ? ({ kind: 'moment', index: 2 } as const) : hour;
        expect(Math.abs((hourOf(moved, asMoment) ?? 0) - wantedMs)).toBeLessThan(MIN);
        expect(moved.mixAtMs).toBe(plan.mixAtMs);
      }
    }
    expect(stood).toBeGreaterThanOrEqual(others.length);
  },
);

test('the ranges of a stay are as wide as before, or wide enough for the hour that is held', () => {
  const request = requestOf(startingMethod('poolish-two-days'), 'two');
  const plan = planOf(request);
  const out = plan.steps.find(({ of }) => of?.kind === 'balls stay')!;
  const moved = withHour(request, plan, [{ of: out.of!, atMs: out.atMs - 30 * MIN }]);
  if (moved.kind !== 'plan') throw new Error(moved.because);
  moved.method.balls.forEach((stay, index) => {
    const was = plan.method.balls[index]!;
    expect(stay.leastH).toBeLessThanOrEqual(was.leastH);
    expect(stay.mostH).toBeGreaterThanOrEqual(was.mostH);
  });
  expect(moved.method.balls.at(-1)!.hours).toBeCloseTo(plan.method.balls.at(-1)!.hours + 0.5, 6);
});

test('what stands in an order that can not be is refused by its name', () => {
  const request = requestOf(startingMethod('straight'), 'straight');
  const plan = planOf(request);
  const early = { of: { kind: 'ball' } as const, atMs: plan.mixAtMs - 15 * MIN };
  expect(withHour(request, plan, [early])).toMatchObject({
    kind: 'infeasible',
    says: expect.stringMatching(/^Bulk: /),
  });
});
