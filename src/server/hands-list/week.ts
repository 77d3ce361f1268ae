import { isClosedOn } from '@/core/planner/working-hours';
import { atWallMinute, type ShopUnits } from '@/core/units';
import type { HandsMoment } from '@/shop/hands/hands-list';
import type { ShopContext } from '../context';
import { planView } from '../plan/view';
import type { WeekService } from '@/server/plan/week-services';
import { loadShop } from '../shop/load-shop';
import { handsList } from './hands-list';

/** One day of a week: from 04:00 to 04:00, as a bakery works. */
export interface WeekDay {
  readonly fromMs: number;
  readonly closed: boolean;
  readonly services: readonly Pick<
    WeekService,
    'key' | 'name' | 'fromMs' | 'toMs' | 'balls' | 'state' | 'odds'
  >[];
  readonly moments: readonly HandsMoment[];
}

/** Seven days from today on: services, and what the hands do. */
export interface WeekView {
  readonly shopName: string;
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly days: readonly WeekDay[];
}

const DAYS = 7;
const NIGHT_ENDS_MIN = 4 * 60;

/** The week from today on, day by day: what the hands’ list and the plan say of it. */
export function weekView(context: ShopContext): WeekView {
  const { shopName, units, nowMs, moments } = handsList(context);
  const { services } = planView(context);
  const { closed } = loadShop(context);
  const at = (day: number) => atWallMinute(nowMs, day, NIGHT_ENDS_MIN, units.timeZone);
  const first = nowMs < at(0) ? -1 : 0;
  return {
    shopName,
    units,
    nowMs,
    days: Array.from({ length: DAYS }, (_, n) => {
      const [fromMs, toMs] = [at(first + n), at(first + n + 1)];
      const within = (ms: number) => ms >= fromMs && ms < toMs;
      return {
        fromMs,
        closed: isClosedOn(fromMs, closed, units.timeZone),
        services: services.filter((one) => within(one.fromMs)),
        // What is overdue is still to be done today.
        moments: moments.filter((one) => within(n === 0 ? Math.max(one.atMs, fromMs) : one.atMs)),
      };
    }),
  };
}
