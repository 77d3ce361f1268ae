import type { ShopForecast } from '@/core/forecast';
import { mixingMin, type Needs } from '@/core/planner/week';
import { oneMethodVersion, type Bake } from '@/data';
import type { ShopContext } from '../context';
import type { ShopState } from '../shop-state';
import { needsOfShop } from './needs-of-shop';
import { liveBakes } from './open-services';

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
  const mixMin = mixMinutes(context, about.bakes, live);
  return needsOfShop({ ...about, nowMs, pantry, live, mixMin });
}

/** Minutes that the mix of each live bake takes, as its method has it. */
export function mixMinutes(
  context: ShopContext,
  bakes: readonly Bake[],
  live: ReadonlySet<string>,
): ReadonlyMap<string, number> {
  return new Map(
    bakes.flatMap(({ id, methodVersionId }) =>
      methodVersionId === null || methodVersionId === undefined || !live.has(id)
        ? []
        : [[id, mixingMin(oneMethodVersion(context.db, methodVersionId).method, 1)] as const],
    ),
  );
}
