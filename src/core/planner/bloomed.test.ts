import { demandFor, planningShop } from '../../../tests/fixtures/planning';
import type { Method } from '../methods';
import { cardItems } from '../mixing';
import { isAct } from '../journal';
import { planMethod, type MethodPlan } from '.';
import { requestFor } from './week/propose';

const shop = planningShop({ benchC: 22 });
const DEMAND = demandFor('2026-11-27T18:00', ['straight']);
const PANTRY = requestFor(DEMAND, DEMAND.methods[0]!, shop).pantry;

function planned(type: 'fresh' | 'active dry', yeast: Method['schools']['yeast']): MethodPlan {
  const request = requestFor(DEMAND, DEMAND.methods[0]!, shop);
  const { method } = request;
  const plan = planMethod({
    ...request,
    method: {
      ...method,
      dough: { ...method.dough, yeast: { ...method.dough.yeast, type } },
      schools: { ...method.schools, yeast },
    },
  });
  if (plan.kind !== 'plan') throw new Error(plan.because);
  return plan;
}
const mixOf = (plan: MethodPlan) =>
  plan.steps.map(({ act }) => act).find((act) => isAct(act, 'make'))!;
const bloomOf = (plan: MethodPlan) =>
  plan.steps.find(({ act }) => isAct(act, 'do') && act.what === 'Bloom the yeast');

test('dry yeast that is bloomed has its moment before the mix, its line on the card, and ripens sooner', () => {
  const bloomed = planned('active dry', 'bloomed');
  const step = bloomOf(bloomed)!;
  expect(bloomed.mixAtMs - step.atMs).toBe(10 * 60_000);
  expect(step.act).toMatchObject({ minutes: 3 });
  expect(mixOf(bloomed)).toMatchObject({ bloomed: true });
  const plain = planned('active dry', 'dry in the flour');
  expect(bloomOf(plain)).toBeUndefined();
  // Awake from the first minute: its balls open sooner.
  const opensH = (plan: MethodPlan) => (plan.balls.window.opensMs! - plan.mixAtMs) / 3_600_000;
  expect(opensH(bloomed)).toBeLessThan(opensH(plain) - 0.1);
  const act = mixOf(bloomed);
  if (act.kind !== 'make') throw new Error('make');
  const items = cardItems({
    act,
    batches: 1,
    mix: bloomed.method.mix,
    schools: bloomed.method.schools,
    pantry: PANTRY,
    lotNames: {},
    iceG: 0,
    stepG: 1,
    fineStepG: 0.1,
  });
  expect(items[0]).toMatchObject({ says: 'bloomed 10 min before, in some of the water' });
});

test('fresh yeast is awake as it is: nothing is bloomed before its mix', () => {
  const plan = planned('fresh', 'bloomed');
  expect(bloomOf(plan)).toBeUndefined();
  expect(mixOf(plan)).not.toHaveProperty('bloomed');
});
