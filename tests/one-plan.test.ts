import { startingMethods } from '@/core/methods';
import { planMethod, type MethodPlan, type NoMethodPlan } from '@/core/planner';
import { requestFor } from '@/core/planner/week';
import { fromLocalText } from '@/core/units';
import { openShopInMemory } from '@/data';
import { contextOver } from '@/server/context';
import { doughFacts } from '@/server/doughs/facts';
import { methodRows } from '@/server/doughs/methods';
import { planFacts } from '@/server/plan/facts';
import { loadShop } from '@/server/shop/load-shop';
import { ensureShop } from '@/server/shop/new-shop';
import { methodAnswer } from '@/shop/doughs/method-answer';
import { bakeFormSchema } from '@/shop/doughs/bake-form';
import { planningShop } from '@/shop/plan/facts';
import { planOfForm, planRequestOf } from '@/shop/doughs/poolish-form';
import { FRIDAY_FORM } from './fixtures/services';

/** An empty shop on a Monday morning: nothing of a demo’s. */
const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
const context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
const state = loadShop(context);
const dough = doughFacts(context, state);
const READY = { readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T20:00' };

/** What a baker weighs and when: the same, whichever way the bake was asked for. */
function told(plan: MethodPlan | NoMethodPlan) {
  if (plan.kind !== 'plan') throw new Error(plan.says ?? plan.because);
  return {
    mixAtMs: plan.mixAtMs,
    leavenAtMs: plan.leavens.map((one) => one.atMs),
    doses: plan.leavens.map((one) => one.raisedBy),
    grams: plan.columns.rows.map((row) => [row.ingredientId, row.wholeG, row.finalG]),
  };
}

test.each(startingMethods().map(({ id }) => id))(
  'Doughs and Plan plan %s to the same hours, doses and grams',
  (id) => {
    const row = methodRows(context, state).find((one) => one.id === `start-${id}`)!;
    const { method } = row;
    const shown = methodAnswer(
      { name: 'Friday', method, mixAt: null, leavenAt: {}, ...READY },
      dough,
    );
    const products = method.target.by === 'products' ? method.target.products : [];
    const demand = {
      id: 'friday',
      name: 'Friday',
      readyFromMs: fromLocalText(READY.readyFrom, 'Europe/Oslo'),
      readyToMs: fromLocalText(READY.readyTo, 'Europe/Oslo'),
      balls: products.reduce((sum, one) => sum + one.count, 0),
      perHour: null,
      methods: [],
    };
    const asked = { key: row.id, method, versionId: null };
    const shop = planningShop(planFacts(context, state));
    const planned = planMethod(requestFor(demand, asked, shop));
    const [a, b] = [told(shown.kind === 'plan' ? shown.plan : shown), told(planned)];
    // Plans are sought in coarser runs: a clock’s step, and what that moves a dose by.
    expect(Math.abs(a.mixAtMs - b.mixAtMs)).toBeLessThanOrEqual(5 * 60_000);
    expect(a.leavenAtMs.length).toBe(b.leavenAtMs.length);
    a.doses.forEach((dose, i) => {
      const other = b.doses[i] ?? null;
      if (dose === null) expect(other).toBeNull();
      else expect(Math.abs(Math.log(dose / other!))).toBeLessThan(0.05);
    });
    for (const [i, [ingredientId, wholeG]] of a.grams.entries()) {
      expect(b.grams[i]![0]).toBe(ingredientId);
      expect(Math.abs(Number(wholeG) - Number(b.grams[i]![1]))).toBeLessThanOrEqual(
        Math.max(1, 0.002 * Number(wholeG)),
      );
    }
  },
);

test('the short form of a poolish is the method it stands for: to the last digit', () => {
  const form = bakeFormSchema.parse(FRIDAY_FORM);
  const { method } = planRequestOf(form, dough, false);
  const bake = {
    name: form.name,
    method,
    readyFrom: form.readyFrom,
    readyTo: form.readyTo,
    mixAt: null,
    leavenAt: {},
  };
  const long = methodAnswer(bake, dough);
  expect(told(planOfForm(form, dough, false))).toEqual(
    told(long.kind === 'plan' ? long.plan : long),
  );
});

test('a shop that mixes by hand puts the short form in no mixer, though it has one', () => {
  const form = bakeFormSchema.parse(FRIDAY_FORM);
  const mixers = [{ name: 'Davit', leastKg: 1, mostKg: 4 }];
  const by = (mixedBy: 'hand' | 'mixer') =>
    planRequestOf(form, { ...dough, mixers, mixedBy }, false);
  expect(by('mixer').mixers).toEqual(mixers);
  expect(by('hand').mixers).toEqual([]);
});
