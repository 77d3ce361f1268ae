import { shopContext } from '@/server/context';
import { shopUnits } from '@/server/shop/shop';
import type { ShopUnits } from '@/core/units';

/** What every view goes by: the units that figures are typed in, and the shop’s clock as it was asked. */
export interface HouseFacts {
  readonly units: ShopUnits;
  readonly nowMs: number;
}

/** What every view goes by; null where the shop can not be opened, which each view tells by itself. */
export function houseFacts(): HouseFacts | null {
  try {
    const context = shopContext();
    const units = shopUnits(context);
    return units === null ? null : { units, nowMs: context.clock().nowMs };
  } catch {
    return null;
  }
}
