import { shopContext } from '@/server/context';
import { shopUnits } from '@/server/shop/shop';
import type { ShopUnits } from '@/core/units';

/** The units that figures are typed in; null where the shop can not be opened, which each view tells by itself. */
export function figureUnits(): ShopUnits | null {
  try {
    return shopUnits(shopContext());
  } catch {
    return null;
  }
}
