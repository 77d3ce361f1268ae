import { isCold, type LotForecast } from '@/core/forecast';
import { STATE_SIZE, X } from '@/core/kinetics';
import { firstRise, valueAtHour } from '@/core/ripeness';
import { addHours, hoursBetween, MS_PER_HOUR } from '@/core/units';
import type { Strand } from './view';

/** Time between the samples of a strand. */
export const SAMPLE_MS = MS_PER_HOUR / 4;
/** Share of the way to its best rise from which a strand counts as rising. */
const RISING_SHARE = 0.3;

/** Rise from which a mass counts as rising, from its greatest rise. */
export function risingLevel(peakRise: number): number {
  return 1 + RISING_SHARE * (Math.min(Math.max(peakRise, 1.8), 3) - 1);
}

/** A lot’s forecast as a strand, sampled up to an instant. */
export function strandOf(
  lot: LotForecast,
  untilMs: number,
  coldPlaces: ReadonlySet<string>,
): Strand {
  const { story, run, window } = lot;
  const endMs = Math.min(story.endMs ?? untilMs, untilMs);
  const samples = Math.max(2, Math.ceil((endMs - story.startMs) / SAMPLE_MS) + 1);
  const rises = {
    hours: run.hours,
    length: run.length,
    at: (row: number) => run.rises[row] ?? 1,
  };
  const activity: number[] = [];
  const rise: number[] = [];
  for (let i = 0; i < samples; i += 1) {
    const hour = hoursBetween(story.startMs, story.startMs + i * SAMPLE_MS);
    activity.push(round(gasRate(lot, hour), 3));
    rise.push(round(valueAtHour(rises, hour), 3));
  }
  const level = risingLevel(window.peakRise);
  const risingH = firstRise(rises, level);
  return {
    lotId: story.lot.id,
    name: story.lot.name,
    kind: story.lot.kind,
    startMs: story.startMs,
    endMs: story.endMs,
    stays: story.stays,
    stepMs: SAMPLE_MS,
    activity,
    rise,
    risingMs: risingH === null ? null : addHours(story.startMs, risingH),
    window: {
      opensMs: window.opensMs,
      bestMs: window.bestMs,
      closesMs: window.closesMs,
      youngMs: window.youngMs,
      primeMs: window.primeMs,
      pastMs: window.pastMs,
      opensBand: window.opensBand,
      bestBand: window.bestBand,
      closesBand: window.closesBand,
    },
    keeping: story.endMs === null && coldPlaces.has(story.stays.at(-1)?.placeId ?? ''),
    madeFrom: story.lot.madeFrom,
    becomes: story.becomes,
    tense: story.tense,
  };
}

/** Ids of the places that keep cold. */
export function coldPlaceIds(bands: readonly { placeId: string; tempC: number }[]): Set<string> {
  return new Set(bands.filter((band) => isCold(band.tempC)).map((band) => band.placeId));
}

/** Half of the stretch over which the gas rate is read, h. */
const RATE_HALF_H = 0.1;

/** Gas made per hour around an hour of the run, ml/g/h. */
function gasRate({ run }: LotForecast, hour: number): number {
  const gas = {
    hours: run.hours,
    length: run.length,
    at: (row: number) => run.states[row * STATE_SIZE + X.gasMade] ?? 0,
  };
  const [fromH, toH] = [Math.max(0, hour - RATE_HALF_H), hour + RATE_HALF_H];
  return Math.max(0, (valueAtHour(gas, toH) - valueAtHour(gas, fromH)) / (toH - fromH));
}

function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}
