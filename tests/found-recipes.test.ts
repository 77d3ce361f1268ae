import { checkRecipe, doughOfRecipe, recipeStages } from '@/core/formula/check';
import { methodSchema, nearestFlour, type Method } from '@/core/methods';
import { isAct } from '@/core/journal';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { describeCulture } from '@/server/cultures/describe';
import { doughFacts } from '@/server/doughs/facts';
import { takeMethodBake } from '@/server/doughs/take-method-bake';
import { loadShop } from '@/server/shop/load-shop';
import { ensureShop } from '@/server/shop/new-shop';
import { methodOfRecipe } from '@/shop/doughs/method-of-recipe';
import { ownNames } from '@/shop/doughs/own-names';
import { keptStages, notKept } from '@/shop/doughs/recipe-notes';
import { FOUND_RECIPES, type FoundRecipe } from './fixtures/found-recipes';
import { expectEveryView, expectOneTruth } from './fixtures/one-truth';

const NOW = Date.parse('2026-11-23T08:00:00+01:00');

/** A shop with a liquid and a stiff starter and a piece of yesterday’s dough, fed and mixed this morning. */
function shop(): ShopContext {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context = { ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 0, demo: false }) };
  for (const [kind, name, hydrationPct] of [
    ['liquid starter', 'Tolk', 100],
    ['stiff starter', 'Gard', 50],
    ['carry-over', 'Arv', 65],
  ] as const) {
    const brought = describeCulture(context, {
      ...{ batch: `bring-${name}`, kind, name, hydrationPct },
      ...{ flourId: 'flour-strong', placeId: 'bench' },
      start: { how: 'bring', fedAt: '2026-11-23T06:00', massG: 900, ratio: 4 },
    });
    if (!brought.ok) throw new Error(JSON.stringify(brought));
  }
  return context;
}

/** A recipe read in a shop, as its page reads it. */
function readIn(context: ShopContext, { text }: Pick<FoundRecipe, 'text'>) {
  const facts = doughFacts(context, loadShop(context));
  const check = checkRecipe({ text, own: ownNames(facts) });
  const made = doughOfRecipe(check, (id) => nearestFlour(id, facts.flours));
  const stages = recipeStages(check.lines, check.parts);
  return { facts, check, made, stages, method: methodOfRecipe(made, check, stages, facts) };
}

const plan = (context: ShopContext, method: Method) =>
  takeMethodBake(context, {
    ...{ name: 'Found', method, versionId: null, mixAt: null, leavenAt: {} },
    ...{ readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T19:00' },
  });

describe.each(FOUND_RECIPES.map((one) => [one.name, one] as const))('%s', (_name, recipe) => {
  const context = shop();
  const { check, made, method, stages, facts } = readIn(context, recipe);
  test('is understood to the last line, and is what a pencil makes of it', () => {
    expect(check.open).toBe(0);
    const { flourG, hydration, saltShare } = check.sums!;
    expect(flourG.value).toBeCloseTo(recipe.flourG, -0.2);
    expect(100 * hydration.value).toBeCloseTo(recipe.waterPct, 1);
    expect(100 * saltShare.value).toBeCloseTo(recipe.saltPct, 1);
    expect(made.dough.leavens).toHaveLength(recipe.leavens.length);
    recipe.leavens.forEach(([kind, flourPct, waterPct], index) => {
      const leaven = made.dough.leavens[index]!;
      expect(leaven.kind).toBe(kind);
      expect(100 * leaven.flourShare).toBeCloseTo(flourPct, 0);
      expect(100 * leaven.hydration).toBeCloseTo(waterPct, 0);
    });
  });
  test('becomes a method that can be stored, with its stages told', () => {
    expect(methodSchema.safeParse(method).error).toBeUndefined();
    const kept = keptStages(method, stages, facts);
    expect(kept.filter(({ said }) => said).length).toBeGreaterThan(0);
    expect(notKept(method, made, stages, facts).every((sentence) => sentence.includes('”:'))).toBe(
      true,
    );
  });
  test('is planned, and every view tells the same grams and hours of it', () => {
    const outcome = plan(context, method);
    expect(outcome).toMatchObject({ ok: true });
    if (!outcome.ok) return;
    const steps = loadShop(context).folded.plan;
    expectOneTruth(context, steps);
    expectEveryView(context, outcome.value.bakeId);
    const mixes = steps.filter(({ act }) => isAct(act, 'make') && act.lotKind === 'dough');
    expect(mixes).toHaveLength(1);
  });
});

test('the leaven of a recipe is weighed as the recipe weighs it', () => {
  const recipe = FOUND_RECIPES.find(({ built }) => built !== undefined)!;
  const context = shop();
  const { method, facts } = readIn(context, recipe);
  expect(plan(context, method)).toMatchObject({ ok: true });
  const steps = loadShop(context).folded.plan;
  const biga = steps
    .map(({ act }) => act)
    .find((act) => isAct(act, 'make') && act.lotKind === 'biga');
  const names = new Map(facts.flours.map(({ id, name }) => [id, name]));
  const said: Record<string, string> = { water: 'Water', 'yeast-fresh': 'Fresh yeast' };
  const grams = isAct(biga!, 'make')
    ? biga.ingredients.map(
        ({ ingredientId, massG }) =>
          [names.get(ingredientId) ?? said[ingredientId] ?? ingredientId, massG] as const,
      )
    : [];
  // 34 balls of 251.5 g are 8 551 g where the recipe weighs 8 552 g.
  for (const [name, massG] of grams) {
    expect(Math.abs(massG / recipe.built![name]! - 1)).toBeLessThan(0.01);
  }
  expect(grams).toHaveLength(3);
});

test('a starter of which the jar has not enough is built before the mix, and that is said', () => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context = { ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 0, demo: false }) };
  const brought = describeCulture(context, {
    ...{ batch: 'bring-little', kind: 'liquid starter', name: 'Tolk', hydrationPct: 100 },
    ...{ flourId: 'flour-strong', placeId: 'bench' },
    start: { how: 'bring', fedAt: '2026-11-23T06:00', massG: 80, ratio: 4 },
  });
  expect(brought).toMatchObject({ ok: true });
  const recipe = FOUND_RECIPES.find(({ name }) => name.startsWith('starter from the jar'))!;
  const { method, made, stages, facts } = readIn(context, recipe);
  expect(made.dough.leavens[0]!.kind).toBe('starter');
  expect(method.dough.leavens[0]).toMatchObject({
    ...{ kind: 'levain', flourShare: expect.closeTo(0.1, 9), hydration: 1 },
    made: { by: 'seed', cultureId: 'tolk' },
  });
  expect(notKept(method, made, stages, facts)).toEqual([
    '“Starter”: there is not enough of it, so a levain is built of Tolk before the mix',
  ]);
  expect(plan(context, method)).toMatchObject({ ok: true });
  const kinds = loadShop(context).folded.plan.flatMap(({ act }) =>
    isAct(act, 'make') ? [act.lotKind] : [],
  );
  expect(kinds).toEqual(['levain', 'dough']);
});
