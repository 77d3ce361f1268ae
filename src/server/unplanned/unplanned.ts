import { usualLengthH } from '@/core/methods';
import { nearestWorking } from '@/core/planner';
import type { DemandMethod } from '@/core/planner/week';
import { addHours } from '@/core/units';
import { listDemands } from '@/data';
import type { Bake } from '@/shop/kept/bake';
import { openOccurrences } from '@/shop/plan/open-services';
import type { Unplanned } from '@/shop/unplanned';
import { workingHours, type ShopState } from '@/shop/state';
import type { ShopContext } from '../context';
import { doughFacts } from '../doughs/facts';
import { demandMethods } from '../doughs/demand-methods';

/** Days ahead in which a service stands on the Tide, the hands’ list and in the calendar before it is planned. */
const DAYS_AHEAD = 7;

/** The services of the coming days that nobody has planned yet, each with the hour by which it has to be. */
export function unplannedServices(
  context: ShopContext,
  state: ShopState,
  bakes: readonly Bake[],
): Unplanned[] {
  const toMs = addHours(state.nowMs, DAYS_AHEAD * 24);
  const open = openOccurrences(listDemands(context.db), state, { bakes, toMs });
  if (open.length === 0) return [];
  const dough = doughFacts(context, state);
  const demands = new Map(listDemands(context.db).map((one) => [one.id, one]));
  return open.map((one) => {
    const demand = demands.get(one.demandId) ?? { methods: [] };
    return {
      key: `${one.demandId} ${one.date}`,
      name: one.name,
      fromMs: one.readyFromMs,
      toMs: one.readyToMs,
      balls: one.balls,
      planBy: planBy(one.readyFromMs, demandMethods(context, state, { demand, dough }), state),
    };
  });
}

/** The last worked quarter hour at which the longest method that still fits can begin, as it usually is. */
function planBy(
  fromMs: number,
  methods: readonly DemandMethod[],
  state: ShopState,
): Unplanned['planBy'] {
  const { nowMs } = state;
  const begins = methods
    .map(({ method }) => ({
      method: method.name,
      atMs: addHours(fromMs, -usualLengthH(method)),
    }))
    .filter((one) => one.atMs > nowMs)
    .sort((a, b) => a.atMs - b.atMs);
  const [longest] = begins;
  if (longest === undefined) return null;
  const span = { fromMs: nowMs, toMs: longest.atMs };
  const atMs = nearestWorking(longest.atMs, span, workingHours(state), state.shop.timeZone);
  return { ...longest, atMs };
}
