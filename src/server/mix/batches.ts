import { type ShopState } from '@/shop/state';
import { mixCompositions, totals } from '@/core/composition';
import { batchesOfDough, type Mixer } from '@/core/formula';
import type { ActOf } from '@/core/journal';
import { mixClock, type MixClock } from '@/core/mixing';
import { DomainError } from '@/core/units';
import type { ShopContext } from '../context';
import { forecastState } from '../shop/forecast-state';
import { howMixed, mixersThere } from './how-mixed';

/** A planned mix, with the bake that it is of. */
export interface MixOfBake {
  readonly act: ActOf<'make'>;
  readonly bakeId: string | null;
}

/** By what a mix is done, and the mixers that it can go into. */
interface MixedWith {
  readonly by: 'hand' | 'mixer';
  readonly mixers: readonly Mixer[];
}
const mixedWith = (context: ShopContext, state: ShopState, one: MixOfBake): MixedWith => ({
  by: howMixed(context, state, one).mix.by,
  mixers: mixersThere(context),
});

/** Batches that a mix is split into: as many as the shop’s largest mixer takes; by hand it is one. */
export function batchesOf(
  context: ShopContext,
  state: ShopState,
  one: MixOfBake,
  { by, mixers }: MixedWith = mixedWith(context, state, one),
): number {
  try {
    const sums = totals(compositionOf(one.act, context, state), state.pantry);
    const hydration = sums.flourG > 0 ? sums.waterG / sums.flourG : 0.65;
    return batchesOfDough(sums.massG, hydration, by, mixers);
  } catch (error) {
    // Of something that nobody knows any more: a view never fails for that.
    if (error instanceof DomainError) return 1;
    throw error;
  }
}

/** The clock of a planned mix: what its card takes, all batches of it. */
export function mixClockOf(context: ShopContext, state: ShopState, one: MixOfBake): MixClock {
  return mixClock(howMixed(context, state, one).mix, batchesOf(context, state, one));
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
