import type { ShopState } from '@/shop/state';
import { refused, type Outcome } from '@/shop/outcome';

/** Refuses a feed in a place, or of a flour, that the shop does not have; null where it has both. */
export function refuseStrange(
  state: ShopState,
  placeId: string,
  flours: readonly { readonly flourId: string }[],
): Outcome<never> | null {
  if (!state.placeMap.has(placeId)) {
    return refused('placeId', `Place: “${placeId}” is not in the shop.`);
  }
  const strange = flours.find((line) => state.pantry.get(line.flourId)?.kind !== 'flour');
  return strange === undefined
    ? null
    : refused('flours', `Flour: “${strange.flourId}” is not a flour of the shop.`);
}
