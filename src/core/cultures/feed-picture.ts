import type { Pantry } from '../composition';
import type { LotForecast } from '../forecast';
import { firstRise, valueAtHour } from '../ripeness';
import { addHours, hoursBetween } from '../units';

/** What is drawn of a mix. */
export interface Drawn {
  readonly atMs: number;
  readonly forecast: LotForecast;
}

/** A vessel and how the feed stands in it. */
export interface VesselLevel {
  readonly name: string;
  readonly ml: number;
  /** Share filled when mixed and at its highest. */
  readonly atMix: number;
  readonly atBest: number;
  /** When it would run over; null: it holds. */
  readonly overMs: number | null;
  /** How many of it are needed. */
  readonly count: number;
}

/** Rises over time for a picture. */
export interface SheetCurve {
  readonly stepH: number;
  readonly rise: readonly number[];
  readonly early: readonly number[];
  readonly late: readonly number[];
}

/** Hours between the rises of a curve. */
export const CURVE_STEP_H = 1 / 6;
/** Hours shown after the window closes. */
const AFTER_H = 3;
const RISING_SHARE = 0.3;

function risesOf(run: LotForecast['run']) {
  return { hours: run.hours, length: run.length, at: (row: number) => run.rises[row] ?? 1 };
}

/** When a feed counts as rising. */
export function risingOf({ atMs, forecast }: Drawn): number | null {
  const peak = Math.min(Math.max(forecast.window.peakRise, 1.8), 3);
  const hour = firstRise(risesOf(forecast.run), 1 + RISING_SHARE * (peak - 1));
  return hour === null ? null : addHours(atMs, hour);
}

/** Hours that a feed is shown. */
export function untilH({ atMs, forecast }: Drawn): number {
  const { closesMs, bestMs, opensMs } = forecast.window;
  const lastMs = closesMs ?? bestMs ?? opensMs;
  const endH = forecast.run.hours[forecast.run.length - 1] ?? 0;
  return lastMs === null ? endH : Math.min(endH, hoursBetween(atMs, lastMs) + AFTER_H);
}

/** Rises every {@link CURVE_STEP_H}. */
export function sampled(run: LotForecast['run'], toH: number): number[] {
  const steps = Math.ceil(toH / CURVE_STEP_H);
  const rises = risesOf(run);
  return Array.from({ length: steps + 1 }, (_, i) =>
    Number(valueAtHour(rises, i * CURVE_STEP_H).toFixed(3)),
  );
}

/** The level of a feed over its hours, with its band. */
export function curveOf(feed: Drawn): SheetCurve {
  const toH = untilH(feed);
  const { run, band } = feed.forecast;
  return {
    stepH: CURVE_STEP_H,
    rise: sampled(run, toH),
    early: band === null ? [] : sampled(band.early, toH),
    late: band === null ? [] : sampled(band.late, toH),
  };
}

/** How a feed stands in a vessel. */
export function levelIn(
  vessel: { readonly name: string; readonly ml: number },
  { atMs, forecast }: Drawn,
  pantry: Pantry,
): VesselLevel {
  const { run, story, window } = forecast;
  const flourG = Object.entries(story.lot.composition).reduce(
    (sum, [id, massG]) => sum + (pantry.get(id)?.kind === 'flour' ? massG : 0),
    0,
  );
  const mixMl = flourG * run.constants.denseVolume;
  const overH = firstRise(risesOf(run), vessel.ml / mixMl);
  const first = run.rises[0] ?? 1;
  return {
    ...vessel,
    atMix: (mixMl * first) / vessel.ml,
    atBest: (mixMl * window.peakRise) / vessel.ml,
    overMs: mixMl * window.peakRise <= vessel.ml || overH === null ? null : addHours(atMs, overH),
    count: Math.max(1, Math.ceil((mixMl * window.peakRise) / vessel.ml)),
  };
}
