import { shopContext } from '@/server/context';
import { servicesByDay } from '@/server/plan/services-by-day';
import { shopUnits } from '@/server/shop/shop';
import type { ShopUnits } from '@/core/units';

/** What every view goes by: the units that figures are typed in, and the shop’s clock as it was asked. */
export interface HouseFacts {
  readonly units: ShopUnits;
  readonly nowMs: number;
  /** How fast it goes; 0 where it stands. */
  readonly rate: number;
  /** The services of the days to come, by their day. */
  readonly services: Readonly<Record<string, readonly string[]>>;
}

/** What every view goes by; null where the shop can not be opened, which each view tells by itself. */
export function houseFacts(): HouseFacts | null {
  try {
    const context = shopContext();
    const units = shopUnits(context);
    if (units === null) return null;
    const { nowMs, rate } = context.clock();
    return { units, nowMs, rate, services: servicesByDay(context) };
  } catch {
    return null;
  }
}
