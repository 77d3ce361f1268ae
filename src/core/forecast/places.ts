import { tr } from '@/words/tr';
import { atWallMinute, DomainError, hoursBetween, MS_PER_HOUR, MS_PER_MINUTE } from '../units';
import type { Span } from './place-history';
import type { DailyPoint, PlaceSetting, PlaceReading, PlaceHistory, Places } from './place-history';

/** Hours between two readings up to which the temperature between them is taken from both. */
const JOINED_READINGS_H = 6;
/** Hours in which what a reading says fades by e towards what was learned of the place. Set. */
const READING_FADES_H = 2;
/** Reach of a reading, h: after that less than a fortieth of it is left. */
const READING_REACH_H = 8;
/** Stretches into which a changing temperature is cut, min. */
export const STRETCH_MIN = 30;

/**
 * Temperature of a place at an instant as far as is known, °C: what it was set to, what was learned of it, and what
 * was measured around then.
 * @throws {DomainError} place-unknown
 */
export function placeTempC(places: Places, placeId: string, atMs: number): number {
  return tempAt(placeOf(places, placeId), atMs);
}

/** The same of one place, °C. */
export function tempAt(place: PlaceHistory, atMs: number): number {
  return setTempC(place, atMs) + correctionC(place, atMs);
}

/** What a place is set to at an instant, without anything learned or measured, °C. */
export function setTempC(place: PlaceHistory, atMs: number): number {
  let setting = place.settings[0] as PlaceSetting;
  for (const one of place.settings) if (one.fromMs <= atMs) setting = one;
  const { daily } = setting;
  const tempC =
    daily == null || daily.length === 0
      ? setting.tempC
      : dailyTempC(daily, minuteOfDay(atMs, place.timeZone ?? 'UTC'));
  return tempC + warmedC(place, tempC, atMs);
}

/** What warmer air out of doors adds to a place; rooms are heated, so that colder air takes nothing. */
function warmedC({ outdoors }: PlaceHistory, tempC: number, atMs: number): number {
  if (outdoors === undefined || outdoors.share === 0) return 0;
  const after = firstAfter(outdoors.hours, atMs);
  const [left, right] = [outdoors.hours[after - 1], outdoors.hours[after]];
  if (left === undefined || right === undefined) return 0;
  const along = (atMs - left.atMs) / (right.atMs - left.atMs);
  const outdoorC = left.tempC + along * (right.tempC - left.tempC);
  return outdoors.share * Math.max(0, outdoorC - tempC);
}

const dayStarts = new Map<string, number>();

/** Minutes since the wall clock's midnight, with the fraction. */
function minuteOfDay(atMs: number, timeZone: string): number {
  const hourMs = Math.floor(atMs / MS_PER_HOUR) * MS_PER_HOUR;
  const key = `${timeZone} ${hourMs}`;
  let startMs = dayStarts.get(key);
  if (startMs === undefined) {
    startMs = atWallMinute(hourMs, 0, 0, timeZone);
    if (dayStarts.size > 5000) dayStarts.clear();
    dayStarts.set(key, startMs);
  }
  return ((atMs - startMs) / MS_PER_MINUTE) % DAY_MIN;
}

const DAY_MIN = 1440;

function dailyTempC(daily: readonly DailyPoint[], minute: number): number {
  const last = daily[daily.length - 1] as DailyPoint;
  let before: DailyPoint = { minute: last.minute - DAY_MIN, tempC: last.tempC };
  for (const point of [...daily, { ...(daily[0] as DailyPoint), wraps: true }]) {
    const at = 'wraps' in point ? point.minute + DAY_MIN : point.minute;
    if (at >= minute) {
      const share = at === before.minute ? 1 : (minute - before.minute) / (at - before.minute);
      return before.tempC + share * (point.tempC - before.tempC);
    }
    before = { minute: at, tempC: point.tempC };
  }
  return before.tempC;
}

/** What readings and learning add to the set temperature, °C. */
function correctionC(place: PlaceHistory, atMs: number): number {
  const offset = place.offsetC ?? 0;
  const { readings } = place;
  if (readings === undefined || readings.length === 0) return offset;
  const after = firstAfter(readings, atMs);
  const [left, right] = [readings[after - 1], readings[after]];
  const over = (one: PlaceReading) => one.tempC - setTempC(place, one.atMs);
  if (left !== undefined && right !== undefined) {
    const gapH = hoursBetween(left.atMs, right.atMs);
    if (gapH <= JOINED_READINGS_H) {
      const share = gapH === 0 ? 1 : hoursBetween(left.atMs, atMs) / gapH;
      return over(left) + share * (over(right) - over(left));
    }
  }
  const fade = (one: PlaceReading | undefined) =>
    one === undefined ? 0 : Math.exp(-Math.abs(hoursBetween(one.atMs, atMs)) / READING_FADES_H);
  const [weightLeft, weightRight] = [fade(left), fade(right)];
  const nearest = weightLeft >= weightRight ? left : right;
  if (nearest === undefined) return offset;
  return offset + Math.max(weightLeft, weightRight) * (over(nearest) - offset);
}

/** Index of the first reading later than an instant. */
export function firstAfter(readings: readonly PlaceReading[], atMs: number): number {
  let low = 0;
  let high = readings.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((readings[middle] as PlaceReading).atMs <= atMs) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The part of a span that readings reach into; null where there are none. */
export function measured(place: PlaceHistory, span: Span): Span | null {
  const reach = READING_REACH_H * MS_PER_HOUR;
  const readings = place.readings ?? [];
  const first = readings[firstAfter(readings, span.fromMs - reach)];
  const last = readings[firstAfter(readings, span.toMs + reach - 1) - 1];
  if (first === undefined || last === undefined || first.atMs > last.atMs) return null;
  return { fromMs: first.atMs - reach, toMs: last.atMs + reach };
}

/**
 * A place by its id.
 * @throws {DomainError} place-unknown
 */
export function placeOf(places: Places, placeId: string): PlaceHistory {
  const place = places.get(placeId);
  if (place === undefined || place.settings.length === 0) {
    throw new DomainError('place-unknown', tr`Place: "${placeId}" is not in the shop.`, {
      placeId,
    });
  }
  return place;
}
