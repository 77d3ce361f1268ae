import { methodOf, planned, request } from '../../../tests/fixtures/method-plans';
import { hoursBetween } from '../units';
import { planMethod, type MethodPlan } from '.';

/** A starting method whose first leaven is asked for one ripeness. */
function asking(id: string, asks: 'young' | 'prime'): MethodPlan {
  const method = methodOf(id);
  const leavens = method.dough.leavens.map((one) => ({ ...one, asks }));
  const plan = planMethod(request({ ...method, dough: { ...method.dough, leavens } }));
  if (plan.kind !== 'plan') throw new Error(plan.because);
  return plan;
}
const doseOf = ({ method }: MethodPlan) => {
  const made = method.dough.leavens[0]?.made;
  return made?.by === 'yeast' ? made.freshShare : made?.by === 'seed' ? made.seedShare : NaN;
};

test.each(['poolish-day', 'levain-liquid', 'sponge'])(
  '%s asked for young is young at its mix, before its prime, from a smaller dose over the same hours',
  (id) => {
    const prime = planned(id);
    const young = asking(id, 'young');
    const [leaven] = young.leavens;
    const { youngMs, primeMs } = leaven!.forecast.window;
    expect(youngMs!).toBeLessThanOrEqual(young.mixAtMs);
    expect(primeMs ?? Infinity).toBeGreaterThan(young.mixAtMs);
    const hours = (plan: MethodPlan) => hoursBetween(plan.leavens[0]!.atMs!, plan.mixAtMs);
    expect(doseOf(young) / hours(prime)).toBeLessThan(doseOf(prime) / hours(young));
    const make = young.steps.find(({ act }) => act.kind === 'make' && act.lotKind !== 'dough');
    expect(make?.act).toMatchObject({ asks: 'young' });
  },
);

test('prime is what a warm leaven is asked for anyway: saying so changes no gram and no hour', () => {
  const said = asking('poolish-day', 'prime');
  const plain = planned('poolish-day');
  expect(said.columns).toEqual({
    ...plain.columns,
    leavens: plain.columns.leavens.map((one) => ({
      ...one,
      leaven: { ...one.leaven, asks: 'prime' },
    })),
  });
  expect(said.mixAtMs).toBe(plain.mixAtMs);
});

test('a cold leaven asked for its prime has its dose found for it', () => {
  const id = 'biga-cold-warm';
  const asked = asking(id, 'prime');
  const { bestMs } = asked.leavens[0]!.forecast.window;
  expect(bestMs).not.toBeNull();
  expect(doseOf(asked)).not.toBe(doseOf(planned(id)));
});
