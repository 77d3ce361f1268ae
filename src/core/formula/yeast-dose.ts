import { word } from '@/words/tr';
import { requireNumber, roundToStep } from '../units';

/** Yeast dissolved in water, of which a part is taken: the way to weigh a dose under the scale's step. */
export interface YeastStock {
  /** Yeast to dissolve, g. */
  readonly yeastG: number;
  /** Water to dissolve it in, g. */
  readonly waterG: number;
  /** Stock to take, g. */
  readonly takeG: number;
  /** Water the taken stock brings, g: taken off the poolish's water. */
  readonly waterBroughtG: number;
}

/** A dose as it can be weighed. */
export interface WeighedDose {
  /** Dose wanted, g of the type used. */
  readonly wantedG: number;
  /** Dose that the weighing gives, g. */
  readonly weighedG: number;
  /** Null when the scale weighs the dose directly. */
  readonly stock: YeastStock | null;
  /** Greatest error of the dose from the scales' steps, as a fraction of it. */
  readonly error: number;
}

/** Direct weighing may be off by this fraction of the dose before a stock is proposed. */
const DIRECT_ERROR_MOST = 0.05;
/** Steps of the scale for the yeast of a stock and for the stock taken: 2.5 % and 1.25 % at most. */
const STOCK_YEAST_STEPS = 20;
const STOCK_TAKE_STEPS = 40;
/** Weakest stock, yeast over stock: thinner ones waste water and yeast. */
const THINNEST_STOCK = 0.005;

const DOSE_RULE = { name: word('Yeast'), unit: 'g', min: 1e-6, max: 1e6 } as const;
const STEP_RULE = { name: word('Scale step'), unit: 'g', min: 1e-6, max: 1000 } as const;
const WATER_RULE = { name: word('Water'), unit: 'g', min: 0.001, max: 1e9 } as const;

/**
 * How to weigh a dose of yeast: directly when the scale can, otherwise from a stock in water.
 * @param dose.stepG step of the scale for yeast, g
 * @param dose.waterStepG step of the scale for the stock taken, g
 * @param dose.waterG water of the poolish, g: the stock may not bring more
 * @throws {DomainError} dose-range, scale-step-range, water-range
 */
export function weighDose(dose: {
  readonly doseG: number;
  readonly stepG: number;
  readonly waterStepG: number;
  readonly waterG: number;
}): WeighedDose {
  const { doseG, stepG } = dose;
  requireNumber('dose-range', doseG, DOSE_RULE);
  requireNumber('scale-step-range', stepG, STEP_RULE);
  requireNumber('scale-step-range', dose.waterStepG, STEP_RULE);
  requireNumber('water-range', dose.waterG, WATER_RULE);
  const directError = stepG / 2 / doseG;
  if (directError <= DIRECT_ERROR_MOST) {
    return { wantedG: doseG, weighedG: roundToStep(doseG, stepG), stock: null, error: directError };
  }
  const stock = yeastStock(dose);
  const strength = stock.yeastG / (stock.yeastG + stock.waterG);
  const weighedG = stock.takeG * strength;
  const error = stepG / 2 / stock.yeastG + dose.waterStepG / 2 / stock.takeG;
  return error < directError
    ? { wantedG: doseG, weighedG, stock, error }
    : {
        wantedG: doseG,
        weighedG: roundToStep(Math.max(doseG, stepG), stepG),
        stock: null,
        error: directError,
      };
}

function yeastStock(dose: {
  doseG: number;
  stepG: number;
  waterStepG: number;
  waterG: number;
}): YeastStock {
  const yeastG = roundToStep(STOCK_YEAST_STEPS * dose.stepG, dose.stepG);
  const wantedTakeG = Math.min(STOCK_TAKE_STEPS * dose.waterStepG, dose.waterG / 2);
  const strength = Math.max(THINNEST_STOCK, Math.min(0.2, dose.doseG / wantedTakeG));
  const waterG = roundToStep(yeastG / strength - yeastG, dose.waterStepG);
  const madeStrength = yeastG / (yeastG + waterG);
  const takeG = roundToStep(Math.max(dose.waterStepG, dose.doseG / madeStrength), dose.waterStepG);
  return { yeastG, waterG, takeG, waterBroughtG: takeG * (1 - madeStrength) };
}
