import { atWallMinute, wallTime } from '@/core/units';

/** The demo shop's time zone. */
export const DEMO_TIME_ZONE = 'Europe/Oslo';
const FRIDAY = 5;
const START_MINUTE = 6 * 60 + 10;

/** Instants of the demo's calendar, counted in days from its busy Friday. */
export interface DemoCalendar {
  /** Friday 06:10 of the current week. */
  readonly startMs: number;
  /** The instant of a wall clock time, days after that Friday. */
  readonly at: (day: number, clock: string) => number;
}

/** The demo's calendar for the week that an instant lies in. */
export function demoCalendar(nowMs: number): DemoCalendar {
  const { weekday } = wallTime(nowMs, DEMO_TIME_ZONE);
  const at = (day: number, clock: string) => {
    const [hour = 0, minute = 0] = clock.split(':').map(Number);
    return atWallMinute(nowMs, FRIDAY - weekday + day, hour * 60 + minute, DEMO_TIME_ZONE);
  };
  const startMs = atWallMinute(nowMs, FRIDAY - weekday, START_MINUTE, DEMO_TIME_ZONE);
  return { startMs, at };
}
