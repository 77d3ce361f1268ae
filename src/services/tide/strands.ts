import type { LotForecast } from '@/core/forecast';
import { STATE_SIZE, X } from '@/core/kinetics';
import { firstRise, rowAtHour } from '@/core/ripeness';
import { addHours, hoursBetween, MS_PER_HOUR } from '@/core/units';
import type { Strand } from './view';

/** Time between the samples of a strand. */
export const SAMPLE_MS = MS_PER_HOUR / 4;
/** Share of the way to its best rise from which a strand counts as rising. */
const RISING_SHARE = 0.3;
const COLD_C = 8;

/** A lot’s forecast as a strand, sampled up to an instant. */
export function strandOf(
  lot: LotForecast,
  untilMs: number,
  coldPlaces: ReadonlySet<string>,
): Strand {
  const { story, run, window } = lot;
  const endMs = Math.min(story.endMs ?? untilMs, untilMs);
  const samples = Math.max(2, Math.ceil((endMs - story.startMs) / SAMPLE_MS) + 1);
  const activity: number[] = [];
  const rise: number[] = [];
  for (let i = 0; i < samples; i += 1) {
    const hour = hoursBetween(story.startMs, story.startMs + i * SAMPLE_MS);
    activity.push(round(gasRate(lot, hour), 3));
    rise.push(round(run.rises[rowAtHour(run.hours, run.length, hour)] ?? 1, 3));
  }
  const level = 1 + RISING_SHARE * (Math.min(Math.max(window.peakRise, 1.8), 3) - 1);
  const risingH = firstRise(
    { hours: run.hours, length: run.length, at: (row) => run.rises[row] ?? 1 },
    level,
  );
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
  return new Set(bands.filter((band) => band.tempC <= COLD_C).map((band) => band.placeId));
}

/** Gas made per hour around an hour of the run, ml/g/h. */
function gasRate({ run }: LotForecast, hour: number): number {
  const to = Math.max(1, rowAtHour(run.hours, run.length, hour));
  const from = Math.max(0, to - 2);
  const gas = (row: number) => run.states[row * STATE_SIZE + X.gasMade] ?? 0;
  const hours = (run.hours[to] ?? 0) - (run.hours[from] ?? 0);
  return hours > 0 ? Math.max(0, (gas(to) - gas(from)) / hours) : 0;
}

function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}
