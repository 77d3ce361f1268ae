// bin/bench [NAME]: ratios of costs within one run, as JSON. Machines are noisy; ratios hardly.
import { forecastShop, plainState, whatIf, type WhatIfBase } from '@/core/forecast';
import type { Act, PlannedAct } from '@/core/journal';
import { BOOK_MODEL, freshFlourState, recipe, simulate, X } from '@/core/kinetics';
import { calibrate } from '@/core/forecast/calibration/residuals';
import { pantryOf } from '@/core/formula';
import { coverage } from './bench-coverage';
import { learning } from './bench-learning';
import { againstSolver } from './bench-choice';
import { planChecked, planOdds, planWeekBench } from './bench-plan';
import { logBench } from './bench-log';
import { tide } from './bench-tide';
import { bandCost, solver } from './bench-solver';
import { steps } from './bench-steps';
import { cost } from './cost';

const flour = {
  id: 'flour',
  name: 'Flour',
  strengthW: 300,
  proteinShare: null,
  wholegrainShare: 0,
};
const pantry = pantryOf([flour]);
const places = new Map([
  ['bench', { id: 'bench', name: 'Bench', settings: [{ fromMs: 0, tempC: 21 }] }],
]);

function poolish(n: number): PlannedAct {
  const act: Act = {
    kind: 'make',
    lotId: `P${n}`,
    lotKind: 'poolish',
    name: 'Poolish',
    ingredients: [
      { ingredientId: 'flour', massG: 1000 },
      { ingredientId: 'water', massG: 1000 },
      { ingredientId: 'yeast-fresh', massG: 4 },
    ],
    portions: [],
    placeId: 'bench',
    startC: 21,
    gasKept: 0,
  };
  return { stepId: `s${n}`, atMs: n * 600_000, act, by: null, bakeId: null };
}

function lots(count: number, withBands: boolean): () => unknown {
  const plan = Array.from({ length: count }, (_, n) => poolish(n));
  return () =>
    forecastShop({
      folded: { done: [], plan },
      nowMs: 0,
      visibleFromMs: -Infinity,
      places,
      pantry,
      withBands,
    });
}

function kinetics() {
  const start = freshFlourState(BOOK_MODEL, 0, 21);
  start[X.yeastB] = 0.4;
  const one = {
    recipe: recipe({ hydration: 1, massG: 500 }),
    start,
    stays: [{ untilH: 72, ambientC: 21 }],
  };
  const run72 = cost(() => simulate(one), 60);
  return {
    'simulate 72 h at 0.05 h over 0.1 h': run72 / cost(() => simulate({ ...one, stepH: 0.1 }), 60),
    'a lot with its band over one 72 h simulation': cost(lots(1, true), 30) / run72,
    'forecast of 64 lots over 8 lots, 8 if linear':
      cost(lots(64, false), 9) / cost(lots(8, false), 9),
  };
}

/** A frame of a what-if drag: curve, window and band. */
function whatIfFrame() {
  const base: WhatIfBase = {
    kind: 'poolish',
    recipe: recipe({ hydration: 1, massG: 2000 }),
    state: plainState(yeasted()),
    asks: 'prime',
    seedShare: null,
    hours: 48,
    speedLnSd: 0.1,
    shrink: 1,
    extraLnSd: 0,
    targetRise: null,
  };
  let dose = 1;
  const frame = cost(
    () => whatIf(base, { placeC: 21, dose: (dose = (dose % 2) + 0.01), seedShare: null }),
    80,
  );
  const one = {
    recipe: base.recipe,
    start: yeasted(),
    stays: [{ untilH: 48, ambientC: 21 }],
    stepH: 0.1,
  };
  return {
    'milliseconds of computing a frame (this machine)': Math.round(frame * 10) / 10,
    'frame over 16 ms': Math.round((frame / 16) * 100) / 100,
    'frame over one 48 h simulation, 18 runs':
      Math.round((frame / cost(() => simulate(one), 80)) * 10) / 10,
  };
}

function yeasted() {
  const start = freshFlourState(BOOK_MODEL, 0, 21);
  start[X.yeastB] = 0.4;
  return start;
}

/** Cost of a forecast as lots grow, against one lot; linear when it equals the count. */
function lotCounts() {
  const one = cost(lots(1, false), 30);
  const at = (count: number) => Math.round((cost(lots(count, false), 5) / one) * 10) / 10;
  return { '10 lots': at(10), '100 lots': at(100), '300 lots': at(300) };
}

const BENCHES: Readonly<Record<string, () => object | Promise<object>>> = {
  kinetics,
  'what-if': whatIfFrame,
  solver,
  steps,
  band: bandCost,
  lots: lotCounts,
  calibration: calibrate,
  coverage,
  learning,
  tide,
  log: logBench,
  'plan-week': planWeekBench,
  'plan-choice': againstSolver,
  'plan-odds': planOdds,
  'plan-checked': planChecked,
};

const wanted = process.argv[2];
const names = wanted === undefined ? Object.keys(BENCHES) : [wanted];
const answer: Record<string, unknown> = {};
for (const name of names) {
  const bench = BENCHES[name];
  if (bench === undefined) {
    process.stderr.write(
      `Bench: “${name}” is not known. Allowed: ${Object.keys(BENCHES).join(', ')}.\n`,
    );
    process.exit(1);
  }
  answer[name] = await bench();
}
process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
