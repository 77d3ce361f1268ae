// Error of the predicted best against the number of logged looks, for a culture 30 % slower than the book.
import { assimilateLooks, type ReadRun } from '@/core/forecast/assimilate';
import { drawDoubt } from '@/core/forecast/band';
import { fed } from '@/core/forecast/calibration/cases';
import { NO_DOUBT, type Doubt } from '@/core/forecast/doubt';
import { readRequest, runRequest, type MassRequest } from '@/core/forecast/mass-request';
import { doubtfulRequest } from '@/core/forecast/request-band';
import { learnFrom, lotVariance, priorSpeed } from '@/core/learning';
import { seededNormal } from '@/core/numeric';
import { valueAtHour } from '@/core/ripeness';

const TRUE_SPEED = 0.7;
const LOGS = 8;
const HISTORIES = 60;
/** The kitchen scatters half as much as the bands allow for: one baker, one bench. */
const SCATTER = 0.5;
const MISREAD_SD = 0.08;
const DAY_MS = 86_400_000;

function read(request: MassRequest, doubt: Doubt, speed: number): ReadRun {
  const run = runRequest(request, { ...doubt, speed: doubt.speed * speed }, { stepH: 0.1 });
  return { run, window: readRequest(request, run) };
}

/** One history of logs: the error of each forecast against the culture's own mean best, in minutes. */
function history(request: MassRequest, normal: () => number): number[] {
  let belief = priorSpeed(0);
  const wantedH = read(request, NO_DOUBT, TRUE_SPEED).window.bestH ?? NaN;
  const errors: number[] = [];
  for (let log = 0; log <= LOGS; log += 1) {
    const speed = Math.exp(belief.lnSpeed);
    errors.push(Math.abs((read(request, NO_DOUBT, speed).window.bestH ?? NaN) - wantedH) * 60);
    const scatter = { ...doubtfulRequest(request), shrink: SCATTER };
    const truth = read(request, drawDoubt(scatter, wantedH, normal), TRUE_SPEED);
    const hour = 0.75 * (truth.window.bestH ?? wantedH);
    const level = valueAtHour(
      { hours: truth.run.hours, length: truth.run.length, at: (row) => truth.run.rises[row] ?? 1 },
      hour,
    );
    const rise = 1 + (level - 1) * (1 + MISREAD_SD * normal());
    const before = lotVariance(belief);
    const seen = assimilateLooks([{ hour, signs: { rise } }], Math.sqrt(before), (factor) =>
      read(request, NO_DOUBT, speed * factor),
    );
    belief = learnFrom(belief, {
      atMs: log * DAY_MS,
      shift: -Math.log(seen.speed),
      before,
      after: before * seen.shrink ** 2,
    });
  }
  return errors;
}

function errors(request: MassRequest): { bookBestH: number; meanErrorMin: number[] } {
  const normal = seededNormal(77);
  const histories = Array.from({ length: HISTORIES }, () => history(request, normal));
  return {
    bookBestH: Math.round((read(request, NO_DOUBT, 1).window.bestH ?? NaN) * 100) / 100,
    meanErrorMin: Array.from({ length: LOGS + 1 }, (_, log) =>
      Math.round(histories.reduce((sum, one) => sum + (one[log] ?? NaN), 0) / HISTORIES),
    ),
  };
}

/** Mean error in minutes after 0, 1, 2 … logs, for a short and a long feed. */
export function learning() {
  return {
    trueSpeed: TRUE_SPEED,
    histories: HISTORIES,
    'feed of about 4 h (1:1:1 at 25°)': errors(
      fed({ kind: 'starter', ratio: [1, 1, 1], placeC: 25 }),
    ),
    'feed of about 8 h (1:5:5 at 25°)': errors(
      fed({ kind: 'starter', ratio: [1, 5, 5], placeC: 25 }),
    ),
  };
}
