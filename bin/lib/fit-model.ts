// Fits the model to its calibration table again and prints what it found: node bin/lib/bundle.mjs fit-model [ROUNDS]
// Nothing is written: a fit is taken over by hand into src/core/kinetics/parameters.ts, with its residuals in sight.
import { addedCases } from '@/core/forecast/calibration/added';
import { coldCases } from '@/core/forecast/calibration/cold';
import { measuresOf } from '@/core/forecast/calibration/measures';
import { calibrate } from '@/core/forecast/calibration/residuals';
import { fittedCases, type CalibrationCase } from '@/core/forecast/calibration/table';
import { BOOK_MODEL, PARAMETERS, type Model, type ParameterName } from '@/core/kinetics/parameters';

/**
 * What may move: where it is expected before the rules are asked, and by how much it may be off before that costs as much
 * as a rule missed by its half width (in ln for positive numbers, in °C for temperatures).
 */
const FREE: Readonly<Partial<Record<ParameterName, readonly [expected: number, width: number]>>> = {
  mub: [0.491, 0.12],
  muw: [0.429, 0.12],
  kg: [1.11, 0.08],
  yMax: [7.71, 0.3],
  growthBLo: [-4, 2],
  growthWLo: [-0.5, 2],
  growthWOp: [29, 0.6],
  gasBLo: [-7.84, 2],
  gasWLo: [-5, 2],
  kA: [46.4, 0.25],
  s0: [1.7, 0.2],
  z0: [4.93, 0.2],
  ka: [0.123, 0.35],
  q10a: [2, 0.12],
  ks: [0.0548, 0.4],
  bG: [21, 0.2],
  bM: [15.6, 0.2],
  hG: [0.298, 0.3],
  hM: [0.498, 0.25],
  vc: [3.27, 0.3],
  h50: [1.35, 0.2],
  kl: [0.78, 0.4],
  nV: [2.87, 0.25],
  tempExponent: [3, 0.06],
  bestHunger: [0.045, 0.2],
  hungerQ10: [3.5, 0.25],
  heldToEnd: [0.5, 0.3],
};
const NAMES = Object.keys(FREE) as ParameterName[];
const inDegrees = (name: ParameterName) => PARAMETERS[name].unit === '°C';

const prior = (name: ParameterName) => FREE[name] as readonly [number, number];

/** Where the table of parameters stands now, in widths. */
const stepOf = (name: ParameterName) => {
  const [expected, width] = prior(name);
  const value = BOOK_MODEL[name];
  return (inDegrees(name) ? value - expected : Math.log(value / expected)) / width;
};

/** A model with its free numbers moved by steps of their own width. */
function modelAt(steps: readonly number[]): Model {
  const model: Record<string, number> = { ...BOOK_MODEL };
  NAMES.forEach((name, i) => {
    const [expected, width] = prior(name);
    const by = (steps[i] as number) * width;
    model[name] = inDegrees(name) ? expected + by : expected * Math.exp(by);
  });
  return model as unknown as Model;
}

/** What never comes about counts as missed by so many half widths. */
const MISSED = 4;
/** Half widths of the band that a rule may be off before it weighs one. */
const WIDTH = 0.35;
const LEAST_WIDTH = 0.1;
/** What is outside its band, or almost, weighs so much more for each half width. */
const OUTSIDE = 8;
const INSIDE = 0.95;

function miss(one: CalibrationCase): number[] {
  const value = one.value();
  const [low, high] = one.band;
  if (!Number.isFinite(value) || value <= 0) return [MISSED, MISSED];
  const scaled = one.timed ? Math.log : (x: number) => x;
  const half = (scaled(high) - scaled(low)) / 2;
  const off = scaled(value) - (scaled(high) + scaled(low)) / 2;
  const weigh = one.timed ? Math.max(LEAST_WIDTH, WIDTH * half) : WIDTH * half;
  return [off / weigh, (OUTSIDE * Math.max(0, Math.abs(off) - INSIDE * half)) / half];
}

/** Every rule’s miss, then what the steps themselves cost. */
function misses(steps: readonly number[]): number[] {
  const measures = measuresOf(modelAt(steps));
  const cases = [fittedCases, coldCases, addedCases].flatMap((of) => of(measures));
  return [...cases.flatMap(miss), ...steps];
}

const costOf = (rows: readonly number[]) => rows.reduce((sum, one) => sum + one * one, 0);

/** Solves a small positive definite system by elimination. */
function solve(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, i) => [...row, right[i] as number]);
  const n = rows.length;
  for (let i = 0; i < n; i += 1) {
    const pivot = rows[i] as number[];
    for (let k = i + 1; k < n; k += 1) {
      const row = rows[k] as number[];
      const factor = (row[i] as number) / (pivot[i] as number);
      for (let j = i; j <= n; j += 1) row[j] = (row[j] as number) - factor * (pivot[j] as number);
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i -= 1) {
    const row = rows[i] as number[];
    let sum = row[n] as number;
    for (let j = i + 1; j < n; j += 1) sum -= (row[j] as number) * (x[j] as number);
    x[i] = sum / (row[i] as number);
  }
  return x;
}

const SLOPE_STEP = 0.05;

/** Doubts of the steps at the end: roots of the diagonal of the inverse of the normal matrix. */
function doubts(normal: readonly (readonly number[])[]): number[] {
  return normal.map((_, i) => {
    const unit = normal.map((_row, k) => (k === i ? 1 : 0));
    return Math.sqrt(solve(normal, unit)[i] as number);
  });
}

/** Levenberg–Marquardt: the steps with the least cost that a number of rounds finds. */
function fit(rounds: number): { steps: number[]; sds: number[] } {
  let steps = NAMES.map(stepOf);
  let now = misses(steps);
  let damping = 1;
  let sds = NAMES.map(() => 1);
  for (let round = 0; round < rounds; round += 1) {
    const slopes = NAMES.map((_, i) => {
      const moved = steps.map((one, k) => (k === i ? one + SLOPE_STEP : one));
      return misses(moved).map((one, k) => (one - (now[k] as number)) / SLOPE_STEP);
    });
    const dot = (a: readonly number[], b: readonly number[]) =>
      a.reduce((sum, one, k) => sum + one * (b[k] as number), 0);
    const normal = slopes.map((a) => slopes.map((b) => dot(a, b)));
    sds = doubts(normal);
    const gradient = slopes.map((a) => -dot(a, now));
    let better = false;
    for (let attempt = 0; attempt < 5 && !better; attempt += 1) {
      const damped = normal.map((row, i) => row.map((one, j) => (i === j ? one + damping : one)));
      const step = solve(damped, gradient);
      const length = Math.max(1, ...step.map(Math.abs));
      const moved = steps.map((one, i) => one + (step[i] as number) / length);
      const then = misses(moved);
      better = costOf(then) < costOf(now);
      if (better) [steps, now] = [moved, then];
      damping = better ? damping / 3 : damping * 4;
    }
    process.stderr.write(`round ${round + 1}: cost ${costOf(now).toFixed(2)}\n`);
    if (!better) break;
  }
  return { steps, sds };
}

const { steps, sds } = fit(Number(process.argv[2] ?? '12'));
const model = modelAt(steps);
const { fitted, cold, added, fittedInside, rmsLnError } = calibrate(model);
const lines = NAMES.map(
  (name, i) =>
    `${name.padEnd(16)} ${BOOK_MODEL[name].toPrecision(4).padStart(9)} → ${model[name].toPrecision(4).padStart(9)}  ${(steps[i] as number).toFixed(2)} widths, sd ${((sds[i] as number) * prior(name)[1]).toFixed(3)}`,
);
const rows = [...fitted, ...cold, ...added].map(
  (one) =>
    `${one.inside ? ' ' : '*'} ${one.id.padEnd(26)} ${String(one.value).padStart(9)}  ${one.band.join(' – ').padEnd(16)} ${one.lnError ?? ''}`,
);
process.stdout.write(
  `${[...lines, '', ...rows, '', `${fittedInside} of ${fitted.length + cold.length} inside, rms ln error ${rmsLnError.toFixed(3)}`].join('\n')}\n`,
);
