import { unitsOf } from '@/core/units';
import type { DivideFact, MixView } from '@/shop/mix/view';
import type { ShopState } from '@/shop/state';
import { allergensOf, totals } from '@/core/composition';
import { divideByWeight, redivide, type Product } from '@/core/formula';
import { isAct, type ActOf } from '@/core/journal';
import { pauseProposed, type MixCard } from '@/core/mixing';
import type { ShopContext } from '../context';
import { compositionOf } from './batches';
import { loadShop } from '../shop/load-shop';
import { stockNotes } from '@/shop/tide/sheets';
import { plannedMix, type PlannedMix } from './planned-mix';
import { loadCard } from './load-card';

/** The id of a batch’s card: made of its step, so that two tablets open the same one. */
export const cardIdOf = (stepId: string, batchNumber: number) => `${stepId}.${batchNumber}`;

/** The first batch that is not finished; the first of all where every one is. */
function nextBatch(context: ShopContext, state: ShopState, planned: PlannedMix): number {
  for (let number = 1; ; number += 1) {
    const loaded = loadCard(context, state, planned, number);
    if (loaded === null) return 1;
    if (loaded.card.finished === null) return number;
  }
}

/**
 * The mix card of a planned mix; null where there is no such mix.
 * @param asked the batch; null: the one that is next
 */
export function mixView(
  context: ShopContext,
  stepId: string,
  asked: number | null,
): MixView | null {
  const state = loadShop(context);
  const planned = plannedMix(context, state, stepId);
  if (planned === null) return null;
  const batchNumber = asked ?? nextBatch(context, state, planned);
  const loaded = loadCard(context, state, planned, batchNumber);
  if (loaded === null) return null;
  const { items, marks, card, batches, water } = loaded;
  const whole = compositionOf(asWeighed(planned.act, card), context, state);
  const sums = totals(whole, state.pantry);
  const { shop } = state;
  const divides = dividesOf(state, planned.act.lotId, card.out?.doughG ?? null);
  return {
    stepId,
    cardId: cardIdOf(stepId, batchNumber),
    title: planned.act.name,
    methodName: planned.methodName,
    atMs: planned.atMs,
    nowMs: state.nowMs,
    rate: context.clock().rate,
    units: unitsOf(shop),
    batches,
    batchNumber,
    items,
    marks,
    card,
    mix: planned.mix,
    water,
    sums,
    allergens: allergensOf(whole, state.pantry),
    notes: stockNotes(planned.act, state),
    pause: pauseProposed(card, planned.mix.limitC),
    divides: divides.facts,
    remainderG: divides.remainderG,
    people: shop.people,
    written: planned.doneBatch,
  };
}

/** The mix with what was really weighed into this batch, and what is still to be weighed as it is wanted. */
function asWeighed(act: ActOf<'make'>, card: MixCard): ActOf<'make'> {
  const apart = new Map<string, number>();
  for (const { item, weighedG, wantedG, done } of card.lines) {
    if (item.kind !== 'weigh') continue;
    const id = 'lotId' in item.of ? item.of.lotId : item.of.ingredientId;
    const plannedG = item.massG;
    const isG = done ? (weighedG ?? 0) : wantedG;
    apart.set(id, (apart.get(id) ?? 0) + isG - plannedG);
  }
  const changed = (massG: number, id: string) => Math.max(0, massG + (apart.get(id) ?? 0));
  return {
    ...act,
    ingredients: act.ingredients.map((line) => ({
      ...line,
      massG: changed(line.massG, line.ingredientId),
    })),
    portions: act.portions.map((line) => ({ ...line, massG: changed(line.massG, line.lotId) })),
  };
}

function dividesOf(
  state: ShopState,
  doughId: string,
  doughG: number | null,
): { facts: DivideFact[]; remainderG: number | null } {
  const steps = state.folded.plan.flatMap((step) =>
    isAct(step.act, 'divide') && step.act.lotId === doughId ? [{ step, act: step.act }] : [],
  );
  if (steps.length === 0) return { facts: [], remainderG: null };
  const products = steps.map(({ act }): Product => ({
    name: act.name,
    count: act.count,
    weightG: act.ballG,
    keepsH: 24,
  }));
  const divided = doughG === null ? null : redivide(doughG, products, state.shop.scaleStepG);
  const whole = doughG === null || products.length > 1 ? null : divideByWeight(doughG, products);
  const facts = steps.map(({ step, act }, index) => ({
    asPlanned:
      whole === null
        ? null
        : {
            count: whole.products[0]?.count ?? 0,
            remainderG: whole.remainderG,
            remainder: whole.remainder,
          },
    stepId: step.stepId,
    name: act.name,
    count: act.count,
    plannedG: act.ballG,
    weightG: divided?.products[index]?.weightG ?? null,
  }));
  return { facts, remainderG: divided?.remainderG ?? null };
}
