import { MS_PER_MINUTE, wallTime } from '../../units';
import type { MethodPlan } from '../method-request';
import { besideServices } from './assign-hands';
import type { PlanCosts } from './cost';
import type { HandsNeed } from './needs';

/** Night, hours of the wall clock: who works then does not sleep. Set. */
const NIGHT = { fromHour: 23, untilHour: 5 } as const;
const TRIP_MS = 15 * MS_PER_MINUTE;

/** What a plan costs beside its odds. */
export function costsOfPlan(
  plan: MethodPlan,
  hands: readonly HandsNeed[],
  timeZone: string,
): PlanCosts {
  // Of a plan’s own service nobody says that it costs hands; what is done beside it makes nobody come.
  const own = hands.filter((need) => need.part !== 'service').sort((a, b) => a.fromMs - b.fromMs);
  const beside = besideServices(hands);
  const comes = own.filter((need) => !beside.has(need));
  const trips = comes.filter((need, i) => {
    const before = comes[i - 1];
    return before === undefined || need.fromMs - before.toMs > TRIP_MS;
  });
  return {
    handsMin: own.reduce((sum, need) => sum + (need.toMs - need.fromMs) / MS_PER_MINUTE, 0),
    nightMoments: comes.filter((need) => atNight(need.fromMs, timeZone)).length,
    moves: plan.steps.filter((step) => step.act.kind === 'move').length,
    discardG: discardOf(plan),
    trips: trips.length,
    offPeakMin: offPeak(plan),
  };
}

/** True for an instant of the night. */
export function atNight(atMs: number, timeZone: string): boolean {
  const { hour } = wallTime(atMs, timeZone);
  return hour >= NIGHT.fromHour || hour < NIGHT.untilHour;
}

/** Feeds in a row leave what sticks to the jar; leavens are used whole. */
function discardOf(plan: MethodPlan): number {
  return plan.refreshments.reduce((sum, feed, i, all) => {
    const next = all[i + 1];
    const taken =
      next !== undefined && next.leavenId === feed.leavenId
        ? next.motherG
        : (plan.columns.leavens.find((one) => one.leaven.id === feed.leavenId)?.seedG ?? 0);
    return sum + Math.max(0, feed.motherG + feed.flourG + feed.waterG - taken);
  }, 0);
}

function offPeak({ leavens, mixAtMs }: MethodPlan): number {
  const minutes = leavens.flatMap((one) =>
    one.atMs === null || one.forecast.window.bestMs === null
      ? []
      : [Math.abs(mixAtMs - one.forecast.window.bestMs) / MS_PER_MINUTE],
  );
  return Math.max(0, ...minutes);
}
