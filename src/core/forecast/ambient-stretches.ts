import { hoursBetween, MS_PER_HOUR, MS_PER_MINUTE } from '../units';
import { STRETCH_MIN, tempAt, setTempC, firstAfter, measured, placeOf } from './places';
import type { PlaceReading, PlaceHistory, Places, Span } from './place-history';

/** A stretch of constant temperature, hours counted from `fromMs`. */
interface AmbientStretch {
  readonly untilH: number;
  readonly ambientC: number;
}

/**
 * The temperatures that a mass meets in one place between two instants: one stretch for each setting, half-hours
 * where a daily curve or readings change it.
 * @throws {DomainError} place-unknown
 */
export function ambientStretches(places: Places, placeId: string, span: Span): AmbientStretch[] {
  const place = placeOf(places, placeId);
  const changes = place.settings
    .map((setting) => setting.fromMs)
    .filter((atMs) => atMs > span.fromMs && atMs < span.toMs);
  const stretches: AmbientStretch[] = [];
  let startMs = span.fromMs;
  for (const endMs of [...changes, span.toMs]) {
    for (const cutMs of [...cuts(place, { fromMs: startMs, toMs: endMs }), endMs]) {
      stretches.push({
        untilH: hoursBetween(span.fromMs, cutMs),
        ambientC: tempAt(place, (startMs + cutMs) / 2),
      });
      startMs = cutMs;
    }
  }
  return stretches;
}

/** Where a stretch has to be cut because its temperature changes within it. */
function cuts(place: PlaceHistory, span: Span): number[] {
  const setting = place.settings.filter((one) => one.fromMs <= span.fromMs).at(-1);
  const daily = (setting ?? place.settings[0])?.daily;
  const allDay = (daily == null || daily.length === 0) && !followsAir(place, span);
  const changing = allDay ? measured(place, span) : span;
  if (changing === null) return [];
  const all: number[] = [];
  const step = STRETCH_MIN * MS_PER_MINUTE;
  for (let atMs = Math.ceil(changing.fromMs / step) * step; atMs <= changing.toMs; atMs += step) {
    if (atMs > span.fromMs && atMs < span.toMs) all.push(atMs);
  }
  return all;
}

/** True where the air out of doors warms a place at some hour of a span. */
function followsAir(place: PlaceHistory, { fromMs, toMs }: Span): boolean {
  const { outdoors } = place;
  if (outdoors === undefined || outdoors.share === 0) return false;
  const heated = { ...place, outdoors: { share: 0, hours: [] } };
  const { hours } = outdoors;
  for (let i = Math.max(0, firstAfter(hours, fromMs) - 1); i < hours.length; i += 1) {
    const { atMs, tempC } = hours[i] as PlaceReading;
    if (atMs > toMs + MS_PER_HOUR) return false;
    if (tempC > setTempC(heated, atMs)) return true;
  }
  return false;
}
