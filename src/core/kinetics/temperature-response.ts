import type { Model } from './parameters';

/** Lowest temperature of the tables, °C. */
const TABLE_FROM_C = -30;
/** Steps per °C; 0.25 °C keeps a run within 0.01 min of the exact functions. */
const STEPS_PER_C = 4;
const TABLE_LENGTH = (75 - TABLE_FROM_C) * STEPS_PER_C + 1;

/**
 * Generalised cardinal temperature response, 1 at `op`, 0 at and outside `lo` and `hi`.
 * With exponent 2 this is the cardinal model with inflection (Rosso et al. 1993, J. Theor. Biol. 162:447).
 * @param tempC temperature, °C
 * @returns share of the rate at the best temperature, 0–1
 */
export function cardinalResponse(
  tempC: number,
  cardinal: { readonly lo: number; readonly op: number; readonly hi: number },
  exponent: number,
): number {
  const { lo, op, hi } = cardinal;
  if (tempC <= lo || tempC >= hi) return 0;
  const u = (tempC - lo) / (op - lo);
  const top = (tempC - hi) * (op - lo) * u ** exponent;
  const bottom =
    (op - lo) * (tempC - op) - (op - hi) * ((exponent - 1) * op + lo - exponent * tempC);
  return Math.max(0, top / bottom);
}

/** Where each function of temperature stands in a row of the table. */
export const T = {
  growthB: 0,
  growthW: 1,
  bacteria: 2,
  gasB: 3,
  gasW: 4,
  starch: 5,
  leak: 6,
  gluten: 7,
  decay: 8,
  death: 9,
  solubility: 10,
  relax: 11,
  frozenLoss: 12,
  hunger: 13,
} as const;

/** Hours in a month. */
const MONTH_H = 730;
/** Functions in a row of the table. */
export const FUNCTIONS = 14;

/** Every function of temperature that the equations need: one row for each quarter of a degree. */
export type TemperatureTable = Float64Array;

/** The rate of heat death, 1/h: ln 10 / D with D tenfold shorter every z degrees, zero below its onset. */
function heatDeath(tempC: number, model: Model): number {
  if (tempC <= model.heatFrom) return 0;
  const decimalMinutes = model.heatD * 10 ** ((50 - tempC) / model.heatZ);
  return (Math.LN10 / decimalMinutes) * 60;
}

function rowAt(tempC: number, model: Model): number[] {
  const n = model.tempExponent;
  const frozen = tempC < model.frozenBelow;
  const response = (lo: number, op: number, hi: number) =>
    frozen ? 0 : cardinalResponse(tempC, { lo, op, hi }, n);
  const q10 = (factor: number) => factor ** ((tempC - 25) / 10);
  const liquidQ10 = (factor: number) => (frozen ? 0 : q10(factor));
  const row: Record<keyof typeof T, number> = {
    growthB: response(model.growthBLo, model.growthBOp, model.growthBHi),
    growthW: response(model.growthWLo, model.growthWOp, model.growthWHi),
    bacteria: response(model.bacteriaLo, model.bacteriaOp, model.bacteriaHi),
    gasB: response(model.gasBLo, model.gasBOp, model.gasBHi),
    gasW: response(model.gasWLo, model.gasWOp, model.gasWHi),
    starch: liquidQ10(model.q10a),
    leak: q10(model.q10l),
    gluten: liquidQ10(2),
    decay: liquidQ10(2),
    death: heatDeath(tempC, model),
    solubility: 0.83 * Math.exp(-0.031 * (tempC - 25)),
    relax: frozen ? 0 : model.tensionQ10 ** ((tempC - 22) / 10),
    hunger: frozen ? 0 : model.hungerQ10 ** ((tempC - 22) / 10),
    frozenLoss: frozen ? -Math.log(model.frozenMonth) / MONTH_H : 0,
  };
  return (Object.keys(T) as (keyof typeof T)[]).map((name) => row[name]);
}

const cache = new WeakMap<Model, TemperatureTable>();

/** The table of a model, built once for each model object. */
export function temperatureTable(model: Model): TemperatureTable {
  const known = cache.get(model);
  if (known !== undefined) return known;
  const built = new Float64Array(TABLE_LENGTH * FUNCTIONS);
  for (let i = 0; i < TABLE_LENGTH; i += 1) {
    built.set(rowAt(TABLE_FROM_C + i / STEPS_PER_C, model), i * FUNCTIONS);
  }
  cache.set(model, built);
  return built;
}

/** Position of a temperature in the table, as a row with its fraction; the ends are held. */
export function tablePosition(tempC: number): number {
  const position = (tempC - TABLE_FROM_C) * STEPS_PER_C;
  if (position < 0) return 0;
  return position > TABLE_LENGTH - 1.001 ? TABLE_LENGTH - 1.001 : position;
}

/** Reads one function (see {@link T}) at a position from {@link tablePosition}, linearly between rows. */
export function readTable(table: TemperatureTable, which: number, position: number): number {
  const row = position | 0;
  const at = row * FUNCTIONS + which;
  const low = table[at] as number;
  return low + (position - row) * ((table[at + FUNCTIONS] as number) - low);
}

/** Reads every function at a temperature into `into`, as {@link readTable} reads one. */
export function readRow(table: TemperatureTable, tempC: number, into: Float64Array): void {
  const position = tablePosition(tempC);
  const row = position | 0;
  const part = position - row;
  const size = FUNCTIONS;
  const from = row * size;
  for (let i = 0; i < size; i += 1) {
    const low = table[from + i] as number;
    into[i] = low + part * ((table[from + size + i] as number) - low);
  }
}
