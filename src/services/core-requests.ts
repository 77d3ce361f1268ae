import {
  BOOK_MODEL,
  freshFlourState,
  recipe,
  simulate,
  STATE_SIZE,
  X,
  type MassState,
  type Trajectory,
} from '@/core/kinetics';
import { handlingOf, LOT_KINDS, ripeWindow } from '@/core/ripeness';
import { numberField, z } from '@/core/parse';
import { planBake } from '@/core/planner';
import { isTimeZone, toLocalText } from '@/core/units';
import { bakeFormSchema } from './bake-form';
import { pantryOf } from './pantry';
import { noPlanSentence, planRequestOf } from './plan-request';

const percent = (name: string, max: number) => numberField({ name, unit: '%', min: 0, max });
const degrees = (name: string) => numberField({ name, unit: '°C', min: -30, max: 45 });

/** A single mass asked for from outside. */
const lotRequest = z.object({
  kind: z.enum(LOT_KINDS),
  hydration: numberField({ name: 'hydration', unit: '', min: 0.2, max: 3 }),
  saltPct: percent('saltPct', 20).default(0),
  freshYeastPct: percent('freshYeastPct', 10),
  wholegrainPct: percent('wholegrainPct', 100).default(0),
  flourW: numberField({ name: 'flourW', unit: 'W', min: 50, max: 600 }).default(280),
  massKg: numberField({ name: 'massKg', unit: 'kg', min: 0.001, max: 1000 }),
  startC: degrees('startC'),
  stays: z
    .array(
      z.object({
        placeC: degrees('placeC'),
        hours: numberField({ name: 'hours', unit: 'h', min: 0.1, max: 720 }),
      }),
    )
    .min(1)
    .max(50),
});

const placeRequest = z.object({
  id: z.string().min(1),
  name: z.string().min(1),
  tempC: degrees('tempC'),
});

/** A bake asked for from outside: the form of the screen and the shop it stands in. */
const bakeRequest = z.object({
  now: z.iso.datetime({ offset: true }),
  timeZone: z.string().refine(isTimeZone, { error: 'timeZone: not a known time zone.' }),
  scaleStepG: numberField({ name: 'scaleStepG', unit: 'g', min: 0.1, max: 50 }).default(1),
  fineStepG: numberField({ name: 'fineStepG', unit: 'g', min: 0.001, max: 5 }).default(0.1),
  workingHours: z.object({
    fromMinute: numberField({ name: 'fromMinute', unit: 'min', min: 0, max: 1439 }),
    untilMinute: numberField({ name: 'untilMinute', unit: 'min', min: 0, max: 1439 }),
  }),
  places: z.array(placeRequest).min(1),
  flour: z.object({
    id: z.string().min(1),
    name: z.string().min(1),
    strengthW: z.number().nullable(),
    proteinShare: z.number().nullable(),
    wholegrainShare: z.number().min(0).max(1),
  }),
  bake: bakeFormSchema,
});

const forecastRequest = z.union([z.object({ lot: lotRequest }), bakeRequest]);

/** The answer of `bin/core forecast`: the window of a lot, or the windows of a bake. */
function answerForecast(request: unknown): unknown {
  const parsed = forecastRequest.parse(request);
  return 'lot' in parsed ? lotAnswer(parsed.lot) : bakeAnswer(parsed).forecast;
}

/** The answer of `bin/core formula`: columns, moments and dose of a bake. */
function answerFormula(request: unknown): unknown {
  return bakeAnswer(bakeRequest.parse(request)).formula;
}

/** Every operation by name. */
export const CORE_OPERATIONS: Readonly<Record<string, (request: unknown) => unknown>> = {
  forecast: answerForecast,
  formula: answerFormula,
};

function startOf(lot: z.output<typeof lotRequest>): MassState {
  const state = freshFlourState(BOOK_MODEL, lot.wholegrainPct / 100, lot.startC);
  state[X.yeastB] = lot.freshYeastPct;
  return state;
}

function lotAnswer(lot: z.output<typeof lotRequest>) {
  let untilH = 0;
  const stays = lot.stays.map((stay) => {
    untilH += stay.hours;
    return { untilH, ambientC: stay.placeC };
  });
  const run = simulate({
    recipe: recipe({
      hydration: lot.hydration,
      massG: lot.massKg * 1000,
      saltShare: lot.saltPct / 100,
      wholegrainShare: lot.wholegrainPct / 100,
      strengthW: lot.flourW,
    }),
    start: startOf(lot),
    stays,
  });
  const handling = handlingOf(lot.stays.map((stay) => stay.placeC));
  return { window: ripeWindow(run, { kind: lot.kind, handling }), handling, curve: curveOf(run) };
}

const CURVE_STEP_H = 0.5;

function curveOf(run: Trajectory) {
  const rows: { hour: number; rise: number; gasMlPerG: number; coreC: number }[] = [];
  let nextH = 0;
  for (let row = 0; row < run.length; row += 1) {
    const hour = run.hours[row] ?? 0;
    if (hour + 1e-9 < nextH) continue;
    nextH += CURVE_STEP_H;
    const at = (index: number) => run.states[row * STATE_SIZE + index] ?? 0;
    rows.push({ hour, rise: run.rises[row] ?? 1, gasMlPerG: at(X.gasMade), coreC: at(X.coreC) });
  }
  return rows;
}

function bakeAnswer(request: z.output<typeof bakeRequest>) {
  const nowMs = Date.parse(request.now);
  const { timeZone } = request;
  const plan = planBake(
    planRequestOf(
      request.bake,
      {
        ...request,
        nowMs,
        pantry: pantryOf([request.flour]),
        places: request.places.map(({ tempC, ...place }) => ({
          ...place,
          settings: [{ fromMs: 0, tempC }],
        })),
      },
      true,
    ),
  );
  if (plan.kind === 'infeasible') {
    const refusal = { kind: plan.kind, sentence: noPlanSentence(plan, timeZone, nowMs) };
    return { forecast: refusal, formula: refusal };
  }
  const local = (atMs: number | null) => (atMs === null ? null : toLocalText(atMs, timeZone));
  const { poolish, dough, balls } = plan.forecast;
  const windowOf = ({ window }: typeof poolish) => ({
    opens: local(window.opensMs),
    best: local(window.bestMs),
    closes: local(window.closesMs),
    best80: window.bestBand?.map(local) ?? null,
    peakRise: window.peakRise,
  });
  return {
    forecast: {
      kind: plan.kind,
      poolish: windowOf(poolish),
      dough: windowOf(dough),
      balls: windowOf(balls),
    },
    formula: {
      kind: plan.kind,
      moments: {
        poolish: local(plan.moments.poolishAtMs),
        mix: local(plan.moments.mixAtMs),
        ball: local(plan.moments.ballAtMs),
      },
      freshYeastPctOfPoolishFlour: plan.freshShare * 100,
      columns: plan.columns,
      remarks: plan.remarks,
    },
  };
}
