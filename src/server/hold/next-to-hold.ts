import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import { holdFacts } from '../odds/hold-facts';
import { loadShop } from '../shop/load-shop';

/** The id of the next bake of which something can still be held or hurried; null where none is under way or planned. */
export function nextToHold(context: ShopContext): string | null {
  const state = loadShop(context);
  const next = bakesInSight(context)
    .toSorted((a, b) => a.readyFromMs - b.readyFromMs)
    .find((bake) => holdFacts(context, state, bake) !== null);
  return next?.id ?? null;
}
