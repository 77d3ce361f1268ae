import type { ShopState } from '@/shop/state';
import { wantedWay } from '@/core/compare';

import { scoreOf } from './baked-shop';

/** Which way the score of a bake points: too young, too far gone, or neither. */
export function wantedWayOf(state: ShopState, bakeId: string): -1 | 0 | 1 {
  return wantedWay(scoreOf(state, bakeId)?.score ?? null);
}
