import { DomainError, hoursBetween } from '../units';

/** A temperature that a place was set to from an instant on. */
export interface PlaceSetting {
  readonly fromMs: number;
  readonly tempC: number;
}

/** A place with the temperatures it was set to. */
export interface PlaceHistory {
  readonly id: string;
  readonly name: string;
  /** Ascending by `fromMs`; the first one also holds for all time before it. */
  readonly settings: readonly PlaceSetting[];
}

/** The places of a shop by id. */
export type Places = ReadonlyMap<string, PlaceHistory>;

/**
 * Temperature of a place at an instant, °C.
 * @throws {DomainError} place-unknown
 */
export function placeTempC(places: Places, placeId: string, atMs: number): number {
  const { settings } = placeOf(places, placeId);
  let tempC = (settings[0] as PlaceSetting).tempC;
  for (const setting of settings) if (setting.fromMs <= atMs) tempC = setting.tempC;
  return tempC;
}

/** A stretch of constant temperature, hours counted from `fromMs`. */
interface AmbientStretch {
  readonly untilH: number;
  readonly ambientC: number;
}

/**
 * The temperatures that a mass meets in one place between two instants.
 * @throws {DomainError} place-unknown
 */
export function ambientStretches(
  places: Places,
  placeId: string,
  span: { readonly fromMs: number; readonly toMs: number },
): AmbientStretch[] {
  const changes = placeOf(places, placeId)
    .settings.map((setting) => setting.fromMs)
    .filter((atMs) => atMs > span.fromMs && atMs < span.toMs);
  const ends = [...changes, span.toMs];
  let startMs = span.fromMs;
  return ends.map((endMs) => {
    const ambientC = placeTempC(places, placeId, startMs);
    startMs = endMs;
    return { untilH: hoursBetween(span.fromMs, endMs), ambientC };
  });
}

function placeOf(places: Places, placeId: string): PlaceHistory {
  const place = places.get(placeId);
  if (place === undefined || place.settings.length === 0) {
    throw new DomainError('place-unknown', `Place: "${placeId}" is not in the shop.`, { placeId });
  }
  return place;
}
