import type { ShopState } from '../state';
import { isCold, placeKind, placeTempC } from '@/core/forecast';
import { atWallMinute, hoursBetween, MS_PER_HOUR } from '@/core/units';

/** Highest temperature of a cold store and of a freezer, °C. Source: usual cautions; the shop’s own plan comes first. */
export const COLD_LIMIT_C = 5;
export const FREEZER_LIMIT_C = -15;
/** Without a reading for longer than this, the log has a gap, h. Set. */
export const GAP_H = 24;

/** A stretch in which a cold store was measured warmer than its limit. */
export interface Excursion {
  readonly fromMs: number;
  readonly toMs: number;
  readonly mostC: number;
}

/** One day of a cold store. */
export interface ColdDay {
  readonly fromMs: number;
  readonly readings: number;
  readonly leastC: number | null;
  readonly mostC: number | null;
}

/** The temperatures of one cold store over some days. */
export interface ColdStoreLog {
  readonly placeId: string;
  readonly name: string;
  readonly limitC: number;
  readonly days: readonly ColdDay[];
  readonly gaps: readonly { readonly fromMs: number; readonly toMs: number }[];
  readonly excursions: readonly Excursion[];
  /** What was measured, the warmest of each hour. */
  readonly curve: readonly { readonly atMs: number; readonly tempC: number }[];
}

/**
 * Temperature logs of every cold store up to now, gaps and excursions marked. What was before the shop began to write is no gap.
 * @param days the most days to go back
 * @param beganMs when the shop wrote its first entry; null where it has none
 */
export function coldLogs(state: ShopState, days: number, beganMs: number | null): ColdStoreLog[] {
  const { nowMs, shop } = state;
  const midnights = Array.from({ length: days + 1 }, (_, i) =>
    atWallMinute(nowMs, i - days + 1, 0, shop.timeZone),
  );
  const firstMs = Math.min(beganMs ?? nowMs, ...state.folded.readings.map((one) => one.atMs));
  // The day in which it began is the first one.
  const starts = midnights.filter((_, i) => (midnights[i + 1] ?? Infinity) > firstMs);
  const fromMs = Math.max(firstMs, starts[0] ?? nowMs);
  return state.places.flatMap((place): ColdStoreLog[] => {
    const keptC = placeTempC(state.placeMap, place.id, nowMs);
    if (!isCold(keptC)) return [];
    const limitC = placeKind(keptC) === 'freezer' ? FREEZER_LIMIT_C : COLD_LIMIT_C;
    const readings = state.folded.readings.filter(
      (one) => one.placeId === place.id && one.atMs >= fromMs && one.atMs <= nowMs,
    );
    return [
      {
        placeId: place.id,
        name: place.name,
        limitC,
        days: starts.slice(0, -1).map((startMs, i) => {
          const of = readings.filter(
            (one) => one.atMs >= startMs && one.atMs < (starts[i + 1] ?? Infinity),
          );
          const temps = of.map((one) => one.tempC);
          return {
            fromMs: startMs,
            readings: of.length,
            leastC: temps.length === 0 ? null : Math.min(...temps),
            mostC: temps.length === 0 ? null : Math.max(...temps),
          };
        }),
        gaps: gapsOf([fromMs, ...readings.map((one) => one.atMs), nowMs]),
        excursions: excursionsOf(readings, limitC),
        curve: hourly(readings),
      },
    ];
  });
}

/** The warmest reading of each hour: a probe that is asked every few seconds says no more than that. */
function hourly(
  readings: readonly { readonly atMs: number; readonly tempC: number }[],
): ColdStoreLog['curve'] {
  const hours = new Map<number, { atMs: number; tempC: number }>();
  for (const { atMs, tempC } of readings) {
    const hour = Math.floor(atMs / MS_PER_HOUR);
    const before = hours.get(hour);
    if (before === undefined || tempC > before.tempC) hours.set(hour, { atMs, tempC });
  }
  return [...hours.values()].sort((a, b) => a.atMs - b.atMs);
}

function gapsOf(instants: readonly number[]): ColdStoreLog['gaps'] {
  return instants.slice(1).flatMap((toMs, i) => {
    const fromMs = instants[i] as number;
    return hoursBetween(fromMs, toMs) > GAP_H ? [{ fromMs, toMs }] : [];
  });
}

/** Readings over the limit that follow each other within an hour are one excursion. */
function excursionsOf(
  readings: readonly { readonly atMs: number; readonly tempC: number }[],
  limitC: number,
): Excursion[] {
  const found: { fromMs: number; toMs: number; mostC: number }[] = [];
  for (const { atMs, tempC } of readings) {
    if (tempC <= limitC) continue;
    const last = found.at(-1);
    if (last !== undefined && atMs - last.toMs <= MS_PER_HOUR) {
      last.toMs = atMs;
      last.mostC = Math.max(last.mostC, tempC);
    } else found.push({ fromMs: atMs, toMs: atMs, mostC: tempC });
  }
  return found;
}
