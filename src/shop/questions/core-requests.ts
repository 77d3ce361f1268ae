import { tr } from '@/words/tr';
import { BAKERS_YEAST, bookSpeedLnSd, type LotForecast } from '@/core/forecast';
import { numberField, z } from '@/core/parse';
import { isTimeZone, toLocalText } from '@/core/units';
import { bakeFormSchema } from '../doughs/bake-form';
import {
  answerCheck,
  answerDivide,
  answerDough,
  answerWater,
  doughQuestion,
} from './dough-questions';
import { answerBand, answerInvert, answerLearn, lotAnswer, lotQuestion } from './lot-questions';
import { pantryOf, threeColumns } from '@/core/formula';
import { noMethodPlanSentence } from '../doughs/method-request';
import { planOfForm } from '../doughs/poolish-form';

const degrees = (name: string) => numberField({ name, unit: '°C', min: -30, max: 45 });

const placeRequest = z.object({
  id: z.string().min(1),
  name: z.string().min(1),
  tempC: degrees('tempC'),
});

/** A bake asked for from outside: the form of the screen and the shop it stands in. */
const bakeRequest = z.object({
  now: z.iso.datetime({ offset: true }),
  timeZone: z.string().refine(isTimeZone, { error: () => tr`timeZone: not a known time zone.` }),
  scaleStepG: numberField({ name: 'scaleStepG', unit: 'g', min: 0.1, max: 50 }).default(1),
  fineStepG: numberField({ name: 'fineStepG', unit: 'g', min: 0.001, max: 5 }).default(0.1),
  workingHours: z.object({
    fromMinute: numberField({ name: 'fromMinute', unit: 'min', min: 0, max: 1439 }),
    untilMinute: numberField({ name: 'untilMinute', unit: 'min', min: 0, max: 1439 }),
  }),
  places: z.array(placeRequest).min(1),
  /** Learned speed of the shop’s baker’s yeast against the book. */
  bakersYeastSpeed: numberField({ name: 'bakersYeastSpeed', unit: '', min: 0.3, max: 3 }).default(
    1,
  ),
  flour: z.object({
    id: z.string().min(1),
    name: z.string().min(1),
    strengthW: z.number().nullable(),
    proteinShare: z.number().nullable(),
    wholegrainShare: z.number().min(0).max(1),
  }),
  bake: bakeFormSchema,
});

const forecastSchema = z.union([lotQuestion, bakeRequest]);

/** The answer of `bin/core forecast`: a lot with its curve, or the windows of a bake. */
function answerForecast(request: unknown): unknown {
  const parsed = forecastSchema.parse(request);
  return 'lot' in parsed ? lotAnswer(parsed) : bakeAnswer(parsed).forecast;
}

const formulaSchema = z.union([doughQuestion, bakeRequest]);

/** The answer of `bin/core formula`: the columns of a dough, or columns, moments and dose of a bake. */
function answerFormula(request: unknown): unknown {
  const parsed = formulaSchema.parse(request);
  return 'dough' in parsed ? answerDough(parsed) : bakeAnswer(parsed).formula;
}

/** Every operation by name. */
export const CORE_OPERATIONS: Readonly<Record<string, (request: unknown) => unknown>> = {
  forecast: answerForecast,
  formula: answerFormula,
  invert: answerInvert,
  band: answerBand,
  learn: answerLearn,
  check: answerCheck,
  water: answerWater,
  divide: answerDivide,
};

function bakeAnswer(request: z.output<typeof bakeRequest>) {
  const nowMs = Date.parse(request.now);
  const { timeZone } = request;
  const plan = planOfForm(
    request.bake,
    {
      ...request,
      nowMs,
      mixers: [],
      mixedBy: 'mixer',
      pantry: pantryOf([request.flour]),
      cultureSpeeds: new Map([
        [BAKERS_YEAST, { speed: request.bakersYeastSpeed, lnSd: bookSpeedLnSd(BAKERS_YEAST) }],
      ]),
      places: request.places.map(({ tempC, ...place }) => ({
        ...place,
        settings: [{ fromMs: 0, tempC }],
      })),
    },
    true,
  );
  if (plan.kind === 'infeasible') {
    const refusal = { kind: plan.kind, sentence: noMethodPlanSentence(plan, timeZone, nowMs) };
    return { forecast: refusal, formula: refusal };
  }
  const local = (atMs: number | null) => (atMs === null ? null : toLocalText(atMs, timeZone));
  const [poolish] = plan.leavens;
  const windowOf = (lot: LotForecast | undefined) =>
    lot === undefined
      ? null
      : {
          opens: local(lot.window.opensMs),
          best: local(lot.window.bestMs),
          closes: local(lot.window.closesMs),
          best80: lot.window.bestBand?.map(local) ?? null,
          peakRise: lot.window.peakRise,
        };
  return {
    forecast: {
      kind: plan.kind,
      poolish: windowOf(poolish?.forecast),
      dough: windowOf(plan.dough),
      balls: windowOf(plan.balls),
    },
    formula: {
      kind: plan.kind,
      moments: {
        poolish: local(poolish?.atMs ?? null),
        mix: local(plan.mixAtMs),
        ball: local(plan.ballAtMs),
      },
      freshYeastPctOfPoolishFlour: (poolish?.raisedBy ?? 0) * 100,
      columns: threeColumns(plan.columns),
      remarks: plan.remarks,
    },
  };
}
