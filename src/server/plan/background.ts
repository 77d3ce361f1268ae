import type { ShopState } from '@/shop/state';
import type { Bake } from '@/shop/kept/bake';
import type { ShopForecast } from '@/core/forecast';
import { isAct } from '@/core/journal';
import type { MixSpan } from '@/core/mixing';
import type { Needs } from '@/core/planner/week';

import type { ShopContext } from '../context';
import { mixClockOf } from '../mix/batches';

import { needsOfShop } from '@/shop/plan/needs-of-shop';
import { liveBakes } from '@/shop/plan/open-services';

/** Everything that the journal and the plan take of the shop from now on, but for some bakes that are planned anew. */
export function backgroundOf(
  context: ShopContext,
  state: ShopState,
  about: {
    readonly forecast: ShopForecast;
    readonly bakes: readonly Bake[];
    readonly without: ReadonlySet<string>;
  },
): Needs {
  const { nowMs, pantry } = state;
  const live = liveBakes(state);
  const spans = mixSpans(context, state, live);
  return needsOfShop({ ...about, nowMs, pantry, live, mixSpans: spans });
}

/** When the planned mix of each live bake takes hands and mixer, as its card does. */
export function mixSpans(
  context: ShopContext,
  state: ShopState,
  live: ReadonlySet<string>,
): ReadonlyMap<string, readonly MixSpan[]> {
  return new Map(
    state.folded.plan.flatMap(({ act, bakeId }) => {
      if (!isAct(act, 'make') || act.lotKind !== 'dough') return [];
      if (bakeId === null || !live.has(bakeId)) return [];
      return [[bakeId, mixClockOf(context, state, { act, bakeId }).spans] as const];
    }),
  );
}
