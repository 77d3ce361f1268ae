import { addHours, hoursBetween } from '../units';

/** A wave serves at most this share of the hours that its balls stay ready: so much is left for doubt on both sides. Set. */
const OF_WINDOW = 0.45;
export const MOST_WAVES = 4;
const LEAST_WAVE_H = 0.5;
/** A place holds balls back when it is this much colder than where they rise, °C. Set. */
const COLDER_C = 4;
/** Balls come into the warm at least so long before they are wanted, h. Set. */
export const LEAST_WARM_H = 0.25;
/** Turns in which each wave finds when it comes out. */
export const WAVE_TURNS = 4;

const FIVES_AN_HOUR = 12;

/** Hours to whole five minutes: hands go by no less. */
export const inFives = (hours: number): number => Math.round(hours * FIVES_AN_HOUR) / FIVES_AN_HOUR;

/** How long a wave serves at most, h, from balls that stay ready as long as this. */
export function waveHours(window: { readonly opensMs: number; readonly closesMs: number | null }) {
  const openH = window.closesMs === null ? Infinity : hoursBetween(window.opensMs, window.closesMs);
  return Math.max(LEAST_WAVE_H, OF_WINDOW * openH);
}

/** The turns of a sitting: equal parts on whole five minutes, as many as its balls want, at most so many. */
export function turnsIn(
  sitting: { readonly fromMs: number; readonly toMs: number },
  waveH: number,
  most: number,
): { readonly fromMs: number; readonly toMs: number }[] {
  const sittingH = hoursBetween(sitting.fromMs, sitting.toMs);
  const count = Math.min(most, Math.max(1, Math.ceil(sittingH / waveH - 1e-9)));
  const at = (part: number) =>
    part === count ? sitting.toMs : addHours(sitting.fromMs, inFives((part * sittingH) / count));
  return Array.from({ length: count }, (_, part) => ({ fromMs: at(part), toMs: at(part + 1) }));
}

/** The places that hold balls back which rise at so warm a place, the coldest first; none that freezes them. */
export function colderPlaces(
  ids: Iterable<string>,
  tempOf: (id: string) => number,
  warmC: number,
): string[] {
  return [...ids]
    .filter((id) => tempOf(id) > 0 && tempOf(id) <= warmC - COLDER_C)
    .sort((a, b) => tempOf(a) - tempOf(b));
}
