import { mixCompositions, totals } from '@/core/composition';
import { batchesFor } from '@/core/formula';
import type { ActOf } from '@/core/journal';
import { listEquipmentThere } from '@/data';
import type { ShopContext } from '../context';
import { forecastState, type ShopState } from '../shop-state';

/** Batches that a mix is split into: as many as the shop’s largest mixer takes; by hand it is one. */
export function batchesOf(context: ShopContext, state: ShopState, act: ActOf<'make'>): number {
  const mixers = listEquipmentThere(context.db).filter((thing) => thing.kind === 'mixer');
  const [mixer] = [...mixers].sort((a, b) => b.most - a.most);
  if (mixer === undefined || state.shop.mixedBy === 'hand') return 1;
  const sums = totals(compositionOf(act, context, state), state.pantry);
  const hydration = sums.flourG > 0 ? sums.waterG / sums.flourG : 0.65;
  const { name, least, most } = mixer;
  const answer = batchesFor(Math.max(1, sums.massG), hydration, {
    name,
    leastKg: least,
    mostKg: most,
  });
  return answer.kind === 'batches' ? answer.batches.count : 1;
}

/** Everything of a planned mix, its leavens as they are or as they are planned to be. */
export function compositionOf(act: ActOf<'make'>, context: ShopContext, state: ShopState) {
  const { lots } = forecastState(context, state);
  const parts = act.portions.map(({ lotId, massG }) => {
    const composition = lots.get(lotId)?.story.lot.composition ?? {};
    const whole = Object.values(composition).reduce((a, b) => a + b, 0);
    const share = whole > 0 ? massG / whole : 0;
    return Object.fromEntries(Object.entries(composition).map(([id, one]) => [id, one * share]));
  });
  const fresh = act.ingredients.map(({ ingredientId, massG }) => ({ [ingredientId]: massG }));
  return mixCompositions([...fresh, ...parts]);
}
