/** One point of a day's temperature curve. */
export interface DailyPoint {
  /** Minutes since midnight by the wall clock, 0–1439. */
  readonly minute: number;
  readonly tempC: number;
}

/** A temperature, or a curve over each day, that a place was set to from an instant on. */
export interface PlaceSetting {
  readonly fromMs: number;
  /** The set temperature; the mean of the day where there is a curve. */
  readonly tempC: number;
  /** Ascending by minute, joined by straight lines around midnight; null for the same all day. */
  readonly daily?: readonly DailyPoint[] | null;
}

/** A temperature that was measured in a place. */
export interface PlaceReading {
  readonly atMs: number;
  readonly tempC: number;
}

/** A place with the temperatures it was set to and those that were measured in it. */
export interface PlaceHistory {
  readonly id: string;
  readonly name: string;
  /** Ascending by `fromMs`; the first one also holds for all time before it. */
  readonly settings: readonly PlaceSetting[];
  /** How slowly a core follows here, against air = 1: less in water, more in an insulated box. */
  readonly insulation?: number;
  /** Ascending by `atMs`. */
  readonly readings?: readonly PlaceReading[];
  /** How much warmer than set it was learned to be, °C. */
  readonly offsetC?: number;
  /** Sd of that offset, °C; absent where nothing was learned. */
  readonly offsetSdC?: number;
  /** The air out of doors, ascending, and how far the place warms with it where it is warmer. */
  readonly outdoors?: { readonly share: number; readonly hours: readonly PlaceReading[] };
  /** Zone of the wall clock that daily curves go by. */
  readonly timeZone?: string;
}

/** The places of a shop by id. */
export type Places = ReadonlyMap<string, PlaceHistory>;

/** Two instants. */
export interface Span {
  readonly fromMs: number;
  readonly toMs: number;
}
