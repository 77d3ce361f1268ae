import { tr } from '@/words/tr';
import type { DemandRow } from '../kept/demand';
import { inDoughs, type ServicePart } from '@/core/planner/week';
import { addHours, atWallMinute, toLocalText, wallTime } from '@/core/units';

/** One day of a demand, or one of its doughs on that day. */
export interface Occurrence extends ServicePart {
  readonly demandId: string;
  /** "2026-11-28" by the shop’s wall clock; "2026-11-28/2" for its second dough. */
  readonly date: string;
  readonly name: string;
  /** True for any but the first dough: the oven is on already. */
  readonly ovenOn: boolean;
}

/** The days of demands between two instants: weekly ones at the same hours of the wall clock, whatever the clocks do. */
export function occurrencesOf(
  demands: readonly DemandRow[],
  span: { readonly fromMs: number; readonly toMs: number },
  timeZone: string,
): Occurrence[] {
  return demands
    .flatMap((demand) => daysOf(demand, span, timeZone))
    .filter((one) => one.readyToMs > span.fromMs && one.readyFromMs < span.toMs)
    .sort((a, b) => a.readyFromMs - b.readyFromMs);
}

const DAYS_A_WEEK = 7;
const HOURS_A_DAY = 24;

function daysOf(
  demand: DemandRow,
  span: { readonly fromMs: number; readonly toMs: number },
  timeZone: string,
): Occurrence[] {
  const at = (week: number): Occurrence[] => {
    const readyFromMs = sameHour(demand.readyFromMs, week * DAYS_A_WEEK, timeZone);
    const readyToMs = sameHour(demand.readyToMs, week * DAYS_A_WEEK, timeZone);
    const date = toLocalText(readyFromMs, timeZone).slice(0, 10);
    if (demand.skips?.includes(date) === true) return [];
    const { balls, perHour } = demand;
    const parts = inDoughs({ readyFromMs, readyToMs, balls, perHour }, demand.doughs ?? 1);
    return parts.map((part, index) => ({
      ...part,
      demandId: demand.id,
      date: index === 0 ? date : `${date}/${index + 1}`,
      name: parts.length === 1 ? demand.name : tr`${demand.name}, dough ${index + 1}`,
      ovenOn: index > 0,
    }));
  };
  if (!demand.weekly) return at(0);
  const days = (span.toMs - demand.readyFromMs) / addHours(0, HOURS_A_DAY);
  const from = (span.fromMs - demand.readyToMs) / addHours(0, HOURS_A_DAY);
  const first = Math.max(0, Math.floor(from / DAYS_A_WEEK));
  const last = Math.max(-1, Math.ceil(days / DAYS_A_WEEK));
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => at(first + i)).flat();
}

/** The same hour of the wall clock some days later. */
function sameHour(atMs: number, days: number, timeZone: string): number {
  const { hour, minute } = wallTime(atMs, timeZone);
  return atWallMinute(atMs, days, hour * 60 + minute, timeZone);
}
