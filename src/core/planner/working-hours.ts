import { addHours, atWallMinute, MS_PER_HOUR, wallTime } from '../units';

/** When the hands work, minutes of the wall clock since midnight; `untilMinute` under `fromMinute` runs past midnight. */
export interface WorkingHours {
  readonly fromMinute: number;
  readonly untilMinute: number;
  /** Who is there when; left out, everybody is there in the hours above, every day. */
  readonly presences?: readonly Presence[];
  /** Days on which nobody is there. */
  readonly closed?: ClosingDays;
}

/** One person's hours on one day of the week. */
export interface Presence {
  readonly who: string;
  /** ISO weekday, 1 = Monday … 7 = Sunday. */
  readonly weekday: number;
  readonly fromMinute: number;
  readonly untilMinute: number;
}

/** Days the shop is shut: every week, or once ("2026-12-24"). */
export interface ClosingDays {
  readonly weekdays: readonly number[];
  readonly dates: readonly string[];
}

/** A stretch of time, UTC ms. */
export interface Span {
  readonly fromMs: number;
  readonly toMs: number;
}

/** A stretch of somebody’s working time. */
export interface Shift extends Span {
  /** Null: everybody. */
  readonly who: string | null;
}

/** The shifts that touch the span from two days before an instant to some days after it. */
export function shiftsAround(
  aroundMs: number,
  days: number,
  hours: WorkingHours,
  timeZone: string,
): readonly Shift[] {
  const known = knownOf(hours, timeZone);
  // Every wall clock of the world turns its day at a quarter of an hour.
  const quarter = Math.floor(aroundMs / QUARTER_MS) * MOST_DAYS + days;
  const near = known.byQuarter.get(quarter);
  if (near !== undefined) return near;
  const { year, month, day } = wallTime(aroundMs, timeZone);
  const date = `${days} ${year} ${month} ${day}`;
  const shifts = known.byDate.get(date) ?? shiftsOf(aroundMs, days, hours, timeZone);
  known.byDate.set(date, shifts);
  known.byQuarter.set(quarter, shifts);
  return shifts;
}

/** More days than anybody asks for at once. */
const MOST_DAYS = 1000;

/** Shifts around a date and around a quarter of an hour. */
interface ShiftsKnown {
  readonly timeZone: string;
  readonly byDate: Map<string, readonly Shift[]>;
  readonly byQuarter: Map<number, readonly Shift[]>;
}

/** What is known of the hours somebody works: a search asks for the same shifts a thousand times. */
const shiftsKnown = new WeakMap<WorkingHours, ShiftsKnown>();

function knownOf(hours: WorkingHours, timeZone: string): ShiftsKnown {
  const known = shiftsKnown.get(hours);
  if (known?.timeZone === timeZone) return known;
  const anew = { timeZone, byDate: new Map(), byQuarter: new Map() };
  shiftsKnown.set(hours, anew);
  return anew;
}

function shiftsOf(aroundMs: number, days: number, hours: WorkingHours, timeZone: string): Shift[] {
  const shifts: Shift[] = [];
  for (let day = -2; day <= days; day += 1) {
    const noonMs = atWallMinute(aroundMs, day, NOON_MINUTE, timeZone);
    for (const one of presencesOn(noonMs, hours, timeZone)) {
      const overnight = one.untilMinute <= one.fromMinute ? 1 : 0;
      shifts.push({
        fromMs: atWallMinute(aroundMs, day, one.fromMinute, timeZone),
        toMs: atWallMinute(aroundMs, day + overnight, one.untilMinute, timeZone),
        who: one.who,
      });
    }
  }
  return shifts;
}
const NOON_MINUTE = 720;

function presencesOn(
  noonMs: number,
  hours: WorkingHours,
  timeZone: string,
): readonly { who: string | null; fromMinute: number; untilMinute: number }[] {
  if (isClosedOn(noonMs, hours.closed, timeZone)) return [];
  if (hours.presences === undefined) return [{ ...hours, who: null }];
  const { weekday } = wallTime(noonMs, timeZone);
  return hours.presences.filter((one) => one.weekday === weekday);
}

/** The stretches in which anybody works, in order: shifts that touch are one. */
export function workedSpans(
  aroundMs: number,
  days: number,
  hours: WorkingHours,
  timeZone: string,
): Span[] {
  const shifts = [...shiftsAround(aroundMs, days, hours, timeZone)];
  const spans: Span[] = [];
  for (const { fromMs, toMs } of shifts.sort((a, b) => a.fromMs - b.fromMs)) {
    const last = spans.at(-1);
    if (last === undefined || fromMs > last.toMs) spans.push({ fromMs, toMs });
    else spans[spans.length - 1] = { fromMs: last.fromMs, toMs: Math.max(last.toMs, toMs) };
  }
  return spans;
}

/** True when the shop is shut on the day of an instant. */
export function isClosedOn(
  atMs: number,
  closed: ClosingDays | undefined,
  timeZone: string,
): boolean {
  if (closed === undefined) return false;
  const { year, month, day, weekday } = wallTime(atMs, timeZone);
  const two = (part: number) => String(part).padStart(2, '0');
  const date = `${year}-${two(month)}-${two(day)}`;
  return closed.weekdays.includes(weekday) || closed.dates.includes(date);
}

/** True when somebody works at an instant. */
export function isWorking(atMs: number, hours: WorkingHours, timeZone: string): boolean {
  return shiftsAround(atMs, 1, hours, timeZone).some(
    (shift) => atMs >= shift.fromMs && atMs <= shift.toMs,
  );
}

const QUARTER_MS = MS_PER_HOUR / 4;

/**
 * The working instant nearest to a wish within a range, on the quarter hour; the wish itself when nobody works in the range.
 */
export function nearestWorking(
  wishMs: number,
  range: Span,
  hours: WorkingHours,
  timeZone: string,
): number {
  let nearest: number | null = null;
  const firstMs = Math.ceil(range.fromMs / QUARTER_MS) * QUARTER_MS;
  for (let atMs = firstMs; atMs <= range.toMs; atMs += QUARTER_MS) {
    const nearer = nearest === null || Math.abs(atMs - wishMs) < Math.abs(nearest - wishMs);
    if (nearer && isWorking(atMs, hours, timeZone)) nearest = atMs;
  }
  return nearest ?? Math.max(range.fromMs, Math.min(wishMs, addHours(range.toMs, 0)));
}
