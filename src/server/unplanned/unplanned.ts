import { usualLengthH } from '@/core/methods';
import { workedSpans, type Span } from '@/core/planner';
import type { DemandMethod } from '@/core/planner/week';
import { addHours, MS_PER_HOUR } from '@/core/units';
import { listDemands } from '@/data';
import type { Bake } from '@/shop/kept/bake';
import { openOccurrences } from '@/shop/plan/open-services';
import type { Unplanned } from '@/shop/unplanned';
import { workingHours, type ShopState } from '@/shop/state';
import type { ShopContext } from '../context';
import { sourcesOf } from '../doughs/facts';
import { demandMethods } from '../doughs/demand-methods';

/** Days ahead in which a service stands on the Tide, the hands’ list and in the calendar before it is planned. */
const DAYS_AHEAD = 7;

/** The services of the coming days, or up to an instant, that nobody has planned yet, each with the hour by which it has to be. */
export function unplannedServices(
  context: ShopContext,
  state: ShopState,
  bakes: readonly Bake[],
  toMs = addHours(state.nowMs, DAYS_AHEAD * 24),
): Unplanned[] {
  const open = openOccurrences(listDemands(context.db), state, { bakes, toMs });
  if (open.length === 0) return [];
  const methods = demandMethods(context, state, { sources: sourcesOf(context, state) });
  const { nowMs, shop } = state;
  const worked = workedSpans(nowMs, DAYS_AHEAD + 1, workingHours(state), shop.timeZone);
  const demands = new Map(listDemands(context.db).map((one) => [one.id, one]));
  return open.map((one) => {
    const demand = demands.get(one.demandId) ?? { methods: [] };
    return {
      key: `${one.demandId} ${one.date}`,
      name: one.name,
      fromMs: one.readyFromMs,
      toMs: one.readyToMs,
      balls: one.balls,
      planBy: planBy(one.readyFromMs, methods.of(demand), {
        nowMs,
        worked,
      }),
    };
  });
}

const QUARTER_MS = MS_PER_HOUR / 4;

/** The last worked quarter hour at which the longest method that still fits can begin, as it usually is. */
function planBy(
  fromMs: number,
  methods: readonly DemandMethod[],
  at: { readonly nowMs: number; readonly worked: readonly Span[] },
): Unplanned['planBy'] {
  const begins = methods
    .map(({ method }) => ({ method: method.name, atMs: addHours(fromMs, -usualLengthH(method)) }))
    .filter((one) => one.atMs > at.nowMs)
    .sort((a, b) => a.atMs - b.atMs);
  const [longest] = begins;
  return longest === undefined ? null : { ...longest, atMs: lastWorked(longest.atMs, at) };
}

/** The last worked quarter hour up to an instant; the instant itself where nobody works before it. */
function lastWorked(
  wishMs: number,
  { nowMs, worked }: { readonly nowMs: number; readonly worked: readonly Span[] },
): number {
  const span = worked.findLast((one) => one.fromMs <= wishMs);
  if (span === undefined) return wishMs;
  const lastMs = Math.floor(Math.min(wishMs, span.toMs) / QUARTER_MS) * QUARTER_MS;
  return lastMs < Math.max(nowMs, span.fromMs) ? wishMs : lastMs;
}
