import { BOOK_MODEL, type Model } from '../../kinetics';
import { addedCases } from './added';
import { coldCases } from './cold';
import { measuresOf } from './measures';
import { fittedCases, type CalibrationCase } from './table';

/** One case as it came out. */
export interface Residual {
  readonly id: string;
  readonly measure: string;
  readonly value: number;
  readonly band: readonly [number, number];
  readonly reference: number | null;
  readonly inside: boolean;
  /** ln of the value over the geometric middle of its band, for hours; null for other measures. */
  readonly lnError: number | null;
  readonly source: string;
}

/** All cases as they come out, and how well the fitted ones are met. */
export interface Calibration {
  /** The warm rules. */
  readonly fitted: readonly Residual[];
  /** The rules of cold and of mixed histories. */
  readonly cold: readonly Residual[];
  readonly added: readonly Residual[];
  readonly fittedInside: number;
  /** Root mean square of the ln errors of the timed cases, warm and cold. */
  readonly rmsLnError: number;
}

function residual(one: CalibrationCase): Residual {
  const value = one.value();
  const [low, high] = one.band;
  return {
    id: one.id,
    measure: one.measure,
    value: Number(value.toFixed(3)),
    band: one.band,
    reference: one.reference,
    inside: value >= low && value <= high,
    lnError: one.timed ? Number(Math.log(value / Math.sqrt(low * high)).toFixed(3)) : null,
    source: one.source,
  };
}

/** Runs every rule of the calibration table under a model. */
export function calibrate(model: Model = BOOK_MODEL): Calibration {
  const measures = measuresOf(model);
  const fitted = fittedCases(measures).map(residual);
  const cold = coldCases(measures).map(residual);
  const both = [...fitted, ...cold];
  const timed = both.flatMap((one) => (one.lnError === null ? [] : [one.lnError]));
  return {
    fitted,
    cold,
    added: addedCases(measures).map(residual),
    fittedInside: both.filter((one) => one.inside).length,
    rmsLnError: Math.sqrt(timed.reduce((sum, error) => sum + error ** 2, 0) / timed.length),
  };
}
