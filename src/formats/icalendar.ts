import ical, { ICalAlarmType, ICalEventStatus } from 'ical-generator';

/** A moment of hands as a calendar has it. */
export interface CalendarMoment {
  /** Stays the same when the moment moves, so that calendars move theirs. */
  readonly id: string;
  readonly atMs: number;
  readonly toMs: number;
  readonly title: string;
  /** Grams and places, a line each. */
  readonly lines: readonly string[];
  readonly who: string | null;
  readonly place: string;
}

/** Minutes before a moment at which a calendar rings. */
const ALARM_MIN = 10;

/**
 * Moments of hands as an iCalendar file: one event each with its grams, an alarm, a stable identity. Instants are written
 * in UTC, so that they stand right across the night the clocks change, in any zone.
 * Source: RFC 5545.
 */
export function handsCalendar(
  moments: readonly CalendarMoment[],
  shop: { readonly name: string; readonly madeMs: number },
): string {
  const calendar = ical({ name: shop.name, prodId: { company: 'Olvik', product: 'Olvik' } });
  for (const moment of moments) {
    const event = calendar.createEvent({
      id: `${moment.id}@olvik`,
      start: new Date(moment.atMs),
      end: new Date(moment.toMs),
      stamp: new Date(shop.madeMs),
      summary: moment.who === null ? moment.title : `${moment.title}, ${moment.who}`,
      description: moment.lines.join('\n'),
      location: moment.place,
      status: ICalEventStatus.CONFIRMED,
    });
    event.createAlarm({
      type: ICalAlarmType.display,
      triggerBefore: ALARM_MIN * 60,
      description: moment.title,
    });
  }
  return `${calendar.toString()}\r\n`;
}
