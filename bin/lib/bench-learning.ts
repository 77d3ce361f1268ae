// Error of the predicted best of the next real feed against the number of logged looks, for a culture 30 % slower than the
// book, with the error of someone who knows its speed beside it; and in another place, from a kitchen that is off.
import { assimilateLooks, type ReadRun } from '@/core/forecast/assimilate';
import { drawDoubt, type DoubtfulLot } from '@/core/forecast/band';
import { fed } from '@/core/forecast/calibration/cases';
import { NO_DOUBT, type Doubt } from '@/core/forecast/doubt';
import { readRequest, runRequest, type MassRequest } from '@/core/forecast/mass-request';
import { doubtfulRequest } from '@/core/forecast/request-band';
import { OFFSET_PRIOR } from '@/core/forecast';
import {
  learnFrom,
  learnQuantity,
  lotVariance,
  priorSpeed,
  type SpeedBelief,
} from '@/core/learning';
import { seededNormal } from '@/core/numeric';
import { valueAtHour } from '@/core/ripeness';

const TRUE_SPEED = 0.7;
const LOGS = 8;
const HISTORIES = 240;
/** The kitchen scatters half as much as the bands allow for: one baker, one bench. */
const SCATTER = 0.5;
const MISREAD_SD = 0.08;
/** From one feed to the next a culture differs by so much, in ln speed. */
const FEED_LN_SD = 0.1;
const DAY_MS = 86_400_000;

function read(request: MassRequest, doubt: Doubt, speed: number): ReadRun {
  const run = runRequest(request, { ...doubt, speed: doubt.speed * speed }, { stepH: 0.1 });
  return { run, window: readRequest(request, run) };
}

/** What differs from one feed to the next: not the culture, and not what the model is off by. */
const scatterOf = (request: MassRequest) => ({
  ...doubtfulRequest(request),
  shrink: SCATTER,
  speedLnSd: FEED_LN_SD,
  extraLnSd: 0,
});

/** The doubt of one feed: how the model is off in the cold and in growth stays the same from feed to feed. */
const feedDoubt = (scatter: DoubtfulLot, atH: number, normal: () => number): Doubt => ({
  ...drawDoubt(scatter, atH, normal),
  cold: NO_DOUBT.cold,
  growth: NO_DOUBT.growth,
});

/** What is believed after a look at three quarters of the way, misread a little. */
function looked(
  told: MassRequest,
  truth: ReadRun,
  { belief, speed, log }: { belief: SpeedBelief; speed: number; log: number },
  normal: () => number,
): SpeedBelief {
  const hour = 0.75 * (truth.window.bestH ?? NaN);
  const level = valueAtHour(
    { hours: truth.run.hours, length: truth.run.length, at: (row) => truth.run.rises[row] ?? 1 },
    hour,
  );
  const rise = 1 + (level - 1) * (1 + MISREAD_SD * normal());
  const before = lotVariance(belief);
  const seen = assimilateLooks([{ hour, signs: { rise } }], Math.sqrt(before), (factor) =>
    read(told, NO_DOUBT, speed * factor),
  );
  return learnFrom(belief, {
    atMs: log * DAY_MS,
    shift: -Math.log(seen.speed),
    before,
    after: before * seen.shrink ** 2,
  });
}

/** Errors of one history, in minutes: as believed after each log, and with the true speed known. */
interface Errors {
  readonly believed: number[];
  readonly known: number[];
}

/** One history of logs: the error of each forecast against the best that the next feed really has. */
function history(request: MassRequest, normal: () => number): Errors {
  let belief = priorSpeed(0);
  const wantedH = read(request, NO_DOUBT, TRUE_SPEED).window.bestH ?? NaN;
  const [believed, known]: number[][] = [[], []];
  for (let log = 0; log <= LOGS; log += 1) {
    const speed = Math.exp(belief.lnSpeed);
    const scatter = scatterOf(request);
    const truth = read(request, feedDoubt(scatter, wantedH, normal), TRUE_SPEED);
    const realH = truth.window.bestH ?? NaN;
    const saidH = read(request, NO_DOUBT, speed).window.bestH ?? NaN;
    believed!.push(Math.abs(saidH - realH) * 60);
    known!.push(Math.abs(wantedH - realH) * 60);
    belief = looked(request, truth, { belief, speed, log }, normal);
  }
  return { believed: believed!, known: known! };
}

function errors(request: MassRequest) {
  const normal = seededNormal(77);
  const histories = Array.from({ length: HISTORIES }, () => history(request, normal));
  const mean = (of: (one: Errors) => number[]) =>
    Array.from({ length: LOGS + 1 }, (_, log) =>
      Math.round(histories.reduce((sum, one) => sum + (of(one)[log] ?? NaN), 0) / HISTORIES),
    );
  const floor = mean((one) => one.known);
  return {
    realBestH: Math.round((read(request, NO_DOUBT, TRUE_SPEED).window.bestH ?? NaN) * 100) / 100,
    bookBestH: Math.round((read(request, NO_DOUBT, 1).window.bestH ?? NaN) * 100) / 100,
    nextPeakErrorMin: mean((one) => one.believed),
    noiseFloorMin: Math.round(floor.reduce((sum, one) => sum + one, 0) / floor.length),
  };
}

/** The kitchen that was learned in stands so much off, and the other place so much warmer, °C. */
const OFF_C = 1.5;
const OTHER_C = 5;
const READING_SD_C = 0.5;
const ELSEWHERE_LOOKS = 6;

/** A request in places so much warmer. */
const warmer = (request: MassRequest, byC: number): MassRequest => ({
  ...request,
  stays: request.stays.map((stay) => ({ ...stay, placeC: stay.placeC + byC })),
});

/**
 * Error in another place after looks in a kitchen that stands off what it is set to, with a reading at each look or without:
 * readings tell the kitchen's offset from the culture's speed.
 */
function elsewhere(withReadings: boolean): number {
  const normal = seededNormal(91);
  const request = fed({ kind: 'starter', ratio: [1, 5, 5], placeC: 22 });
  const real = warmer(request, OFF_C);
  let sum = 0;
  for (let one = 0; one < HISTORIES; one += 1) {
    let belief = priorSpeed(0);
    const readings: { atMs: number; value: number; variance: number }[] = [];
    for (let log = 0; log < ELSEWHERE_LOOKS; log += 1) {
      const atMs = log * DAY_MS;
      readings.push({ atMs, value: OFF_C + READING_SD_C * normal(), variance: READING_SD_C ** 2 });
      const { mean } = learnQuantity(OFFSET_PRIOR, withReadings ? readings : [], atMs);
      const told = warmer(request, mean);
      const speed = Math.exp(belief.lnSpeed);
      const scatter = scatterOf(real);
      const likelyH = read(real, NO_DOUBT, TRUE_SPEED).window.bestH ?? NaN;
      const truth = read(real, feedDoubt(scatter, likelyH, normal), TRUE_SPEED);
      belief = looked(told, truth, { belief, speed, log }, normal);
    }
    const there = warmer(request, OTHER_C);
    const scatter = scatterOf(there);
    const saidH = read(there, NO_DOUBT, Math.exp(belief.lnSpeed)).window.bestH ?? NaN;
    const real5 = read(there, feedDoubt(scatter, saidH, normal), TRUE_SPEED).window.bestH ?? NaN;
    sum += Math.abs(saidH - real5) * 60;
  }
  return Math.round(sum / HISTORIES);
}

/** Mean error in minutes after 0, 1, 2 … logs, for a short and a long feed, and elsewhere after six. */
export function learning() {
  return {
    trueSpeed: TRUE_SPEED,
    histories: HISTORIES,
    'feed whose real best is at 4 h (1:1:1 at 26.5°)': errors(
      fed({ kind: 'starter', ratio: [1, 1, 1], placeC: 26.5 }),
    ),
    'feed whose real best is at 8 h (1:2:2 at 24.5°)': errors(
      fed({ kind: 'starter', ratio: [1, 2, 2], placeC: 24.5 }),
    ),
    '5 °C away after six looks, the kitchen 1.5 °C off': {
      withReadingsMin: elsewhere(true),
      withoutMin: elsewhere(false),
    },
  };
}
