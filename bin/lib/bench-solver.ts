// Our integrator against a general-purpose one at the same accuracy, and the band against drawing.
import { yeasted } from '@/core/forecast/calibration/cases';
import { windowBand } from '@/core/forecast/band';
import { NO_DOUBT } from '@/core/forecast/doubt';
import { readRequest, requestState, runRequest } from '@/core/forecast/mass-request';
import { drawnBand } from '@/core/forecast/monte-carlo';
import { doubtfulRequest } from '@/core/forecast/request-band';
import { simulate, stateAtRow, X } from '@/core/kinetics';
import { seededNormal } from '@/core/numeric';
import { stateByOdex } from '../../tests/by-odex';
import { cost } from './cost';

const HOURS = 72;
const TOLERANCES = [1e-2, 1e-3, 1e-4, 1e-5, 1e-6, 1e-7];

/** 72 h by both solvers: the loosest tolerance that is at least as accurate as our steps. */
export function solver() {
  const request = yeasted({ kind: 'poolish', freshPct: 0.4, startC: 21 });
  const mass = { recipe: request.recipe, start: requestState(request), ambientC: 21 };
  const ours = (stepH: number) =>
    simulate({ ...mass, stays: [{ untilH: HOURS, ambientC: 21 }], stepH });
  const exact = stateByOdex(mass, HOURS, 1e-11);
  const error = (state: Float64Array) =>
    Math.max(
      ...[X.gasMade, X.yeastB, X.acid].map((i) =>
        Math.abs((state[i] ?? NaN) / (exact[i] ?? NaN) - 1),
      ),
    );
  const run = ours(0.05);
  const ourError = error(stateAtRow(run, run.length - 1));
  const tolerance =
    TOLERANCES.find((one) => error(stateByOdex(mass, HOURS, one)) <= ourError) ?? 1e-8;
  return {
    'relative error of ours after 72 h': ourError,
    'tolerance of the general solver for that': tolerance,
    'general solver over ours, time': round(
      cost(() => stateByOdex(mass, HOURS, tolerance), 9) / cost(() => ours(0.05), 30),
    ),
  };
}

/** The linearised band against a drawn one of the same standard error (about 400 runs). */
export function bandCost() {
  const request = yeasted({ kind: 'poolish', freshPct: 0.4, startC: 21 });
  const lot = doubtfulRequest(request);
  const window = readRequest(request, runRequest(request, NO_DOUBT));
  const linear = windowBand(window, lot)?.bestH ?? null;
  const drawn = drawnBand(lot, 400, seededNormal(3)).bestH;
  return {
    'linearised 80 % band of the best, h': linear,
    'drawn 80 % band of the best, 400 runs, h': drawn,
    'drawn over linearised, time': round(
      cost(() => drawnBand(lot, 400, seededNormal(3)), 3) / cost(() => windowBand(window, lot), 9),
    ),
  };
}

const round = (value: number) => Math.round(value * 100) / 100;
