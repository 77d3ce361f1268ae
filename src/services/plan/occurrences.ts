import { addHours, atWallMinute, toLocalText, wallTime } from '@/core/units';
import type { DemandRow } from '@/data';

/** One day of a demand. */
export interface Occurrence {
  readonly demandId: string;
  /** "2026-11-28" by the shop’s wall clock. */
  readonly date: string;
  readonly readyFromMs: number;
  readonly readyToMs: number;
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
  const at = (week: number): Occurrence => {
    const readyFromMs = sameHour(demand.readyFromMs, week * DAYS_A_WEEK, timeZone);
    const readyToMs = sameHour(demand.readyToMs, week * DAYS_A_WEEK, timeZone);
    const date = toLocalText(readyFromMs, timeZone).slice(0, 10);
    return { demandId: demand.id, date, readyFromMs, readyToMs };
  };
  if (!demand.weekly) return [at(0)];
  const days = (span.toMs - demand.readyFromMs) / addHours(0, HOURS_A_DAY);
  const from = (span.fromMs - demand.readyToMs) / addHours(0, HOURS_A_DAY);
  const first = Math.max(0, Math.floor(from / DAYS_A_WEEK));
  const last = Math.max(-1, Math.ceil(days / DAYS_A_WEEK));
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => at(first + i));
}

/** The same hour of the wall clock some days later. */
function sameHour(atMs: number, days: number, timeZone: string): number {
  const { hour, minute } = wallTime(atMs, timeZone);
  return atWallMinute(atMs, days, hour * 60 + minute, timeZone);
}
