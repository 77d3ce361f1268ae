import type { RipeWindow } from '../ripeness';
import { bookSpeedLnSd, MISFIT_LN_SD } from './book-speed';
import { BAKERS_YEAST } from './culture-of';
import { windowBand, type DoubtfulLot, type WindowBand } from './band';
import { NO_DOUBT } from './doubt';
import { LEAVENED_DOUGH_LN_SD, leavenedDoughLnSd, RISEN } from './leavened-doughs';
import { readRequest, runRequest, type MassRequest } from './mass-request';
import { drawnBand, getsThere, type DrawnBand } from './monte-carlo';

/** A requested mass with its window and its doubt. */
export interface RequestForecast {
  readonly window: RipeWindow;
  /** By linearisation; null where some runs do not get there. */
  readonly band: WindowBand | null;
  /** By drawing, where some runs may never get there; null elsewhere. */
  readonly drawn: DrawnBand | null;
}

const BAND_STEP_H = 0.1;
/** Runs drawn where some may never get there. Source: model of ripening, §7. */
const DRAWN_RUNS = 1000;

/** Any culture but baker’s yeast. */
const SOURDOUGH = 'sourdough';

/** True where a culture of its own lives in a mass, or in what it was seeded from. */
const isSourdough = ({ seeds }: MassRequest): boolean =>
  seeds.some(({ source }) => ('made' in source ? isSourdough(source.made) : true));

/** Sds of ln speed of a mass; one that a leaven with a history of its own raises is as unsure as such a lot of a shop is. */
function speedDoubt(request: MassRequest): Pick<DoubtfulLot, 'extraLnSd' | 'speedLnSd'> {
  const made = request.seeds.flatMap(({ source }) => ('made' in source ? [source.made.kind] : []));
  if (RISEN.has(request.kind) && made.length > 0) {
    const ofDough = made.some((leaven) => RISEN.has(leaven));
    return { extraLnSd: leavenedDoughLnSd(LEAVENED_DOUGH_LN_SD, ofDough), speedLnSd: 0 };
  }
  const culture = isSourdough(request) ? SOURDOUGH : BAKERS_YEAST;
  return { extraLnSd: MISFIT_LN_SD, speedLnSd: bookSpeedLnSd(culture) };
}

/** A requested mass as something to run and read under doubt. */
export function doubtfulRequest(request: MassRequest): DoubtfulLot {
  return {
    run: (doubt) => runRequest(request, doubt, { stepH: BAND_STEP_H }),
    read: (run) => readRequest(request, run),
    ...speedDoubt(request),
    earlierH: 0,
    shrink: 1,
  };
}

/**
 * Window and 80 % band of a requested mass: about 17 runs; a thousand drawn ones where some never get there.
 * @param normal standard normal numbers, used only for drawing
 */
export function forecastRequest(request: MassRequest, normal: () => number): RequestForecast {
  const window = readRequest(request, runRequest(request, NO_DOUBT));
  const lot = doubtfulRequest(request);
  const band = getsThere(window) ? windowBand(window, lot) : null;
  const whole = band !== null && band.opensH !== null;
  return { window, band, drawn: whole ? null : drawnBand(lot, DRAWN_RUNS, normal) };
}
