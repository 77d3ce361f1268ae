import { demandFor, planningShop } from '../../../tests/fixtures/planning';
import { startingMethods, type Method } from '../methods';
import { cardItems, hoursToBalls } from '../mixing';
import { planMethod, type MethodPlan } from '.';
import { requestFor } from './week/propose';

const shop = planningShop({ benchC: 22 });
const straight = startingMethods().find((one) => one.id === 'straight')!.method;

function asked(autolyse: Method['mix']['autolyse'], heldBackShare = 0) {
  const demand = demandFor('2026-11-27T18:00', ['straight']);
  const request = requestFor(demand, demand.methods[0]!, shop);
  const { method } = request;
  return { ...request, method: { ...method, mix: { ...method.mix, autolyse, heldBackShare } } };
}
function planned(...[autolyse, held]: Parameters<typeof asked>): MethodPlan {
  const plan = planMethod(asked(autolyse, held));
  if (plan.kind !== 'plan') throw new Error(plan.because);
  return plan;
}
const soakIn = (placeId: string) => ({ minutes: 600, placeId });
const step = (plan: MethodPlan, kind: string) => plan.steps.find(({ act }) => act.kind === kind)!;

test('ten hours of flour and water alone lie before the mix, and nothing ferments in them', () => {
  const plan = planned(soakIn('bench'));
  const soak = step(plan, 'soak');
  const mixing = straight.mix.steps[0]!.minutes + 10;
  expect(plan.mixAtMs - soak.atMs).toBe(Math.ceil((600 + mixing) / 5) * 5 * 60_000);
  // The balls are as far from the mix as without a rest at all.
  const plain = planned(null);
  expect(plan.ballAtMs - plan.mixAtMs).toBe(plain.ballAtMs - plain.mixAtMs);
  expect(hoursToBalls(plan.method, 1)).toBe(hoursToBalls(plain.method, 1));
});

test('what soaks is flour and water, what is held back is not; its grams are those of the mix', () => {
  const plan = planned(soakIn('bench'), 0.05);
  const soak = step(plan, 'soak').act;
  const make = step(plan, 'make').act;
  if (soak.kind !== 'soak' || make.kind !== 'make') throw new Error('acts');
  const grams = (lines: readonly { ingredientId: string; massG: number }[], id: string) =>
    lines.find((one) => one.ingredientId === id)?.massG ?? 0;
  const [flour] = soak.ingredients;
  expect(grams(make.ingredients, flour!.ingredientId)).toBe(flour!.massG);
  expect(grams(soak.ingredients, 'water')).toBeCloseTo(
    grams(make.ingredients, 'water') - 0.05 * flour!.massG,
    0,
  );
  expect(soak.ingredients.map((one) => one.ingredientId)).not.toContain('salt');
});

test('flour from the fridge makes a colder dough, which takes longer', () => {
  const startOf = (plan: MethodPlan) => {
    const { act } = step(plan, 'make');
    return act.kind === 'make' ? act.startC : NaN;
  };
  const cold = planned(soakIn('fridge'));
  const warm = planned(soakIn('bench'));
  expect(startOf(cold)).toBeLessThan(startOf(warm) - 8);
  expect(startOf(warm)).toBeGreaterThan(22);
  expect(cold.mixAtMs).toBeLessThan(warm.mixAtMs);
});

test('the card says that they are in already, and has no rest of ten hours', () => {
  const plan = planned(soakIn('fridge'));
  const { act } = step(plan, 'make');
  if (act.kind !== 'make') throw new Error('act');
  const items = cardItems({
    ...{ act, batches: 1, mix: plan.method.mix, schools: plan.method.schools },
    ...{ pantry: asked(null).pantry, lotNames: {}, iceG: 0, stepG: 1, fineStepG: 0.1 },
  });
  expect(items.some((one) => one.kind === 'time' && one.what === 'rest')).toBe(false);
  const water = items.find((one) => one.kind === 'weigh' && one.name === 'Water');
  expect(water?.says).toContain('soaked already');
});

test('a rest of half an hour is part of the mix as before', () => {
  const plan = planned({ minutes: 30, placeId: 'bench' });
  expect(plan.steps.some(({ act }) => act.kind === 'soak')).toBe(false);
  const { act } = step(plan, 'make');
  expect(act.kind === 'make' && act.soaked).toBeUndefined();
});

test('a soak that would have to begin in the past is told with the nearest hour', () => {
  const request = asked(soakIn('bench'));
  const late = planMethod({ ...request, nowMs: request.readyFromMs - 12 * 3_600_000 });
  expect(late).toMatchObject({ kind: 'infeasible', because: 'too late to start' });
});
