import { tr } from '@/words/tr';
import {
  assimilateLooks,
  chanceInside,
  forecastRequest,
  invert,
  NO_DOUBT,
  readRequest,
  runRequest,
} from '@/core/forecast';
import { acidToPh, STATE_SIZE, X, type Trajectory } from '@/core/kinetics';
import { seededNormal } from '@/core/numeric';
import { learnFrom, lotVariance, priorSpeed } from '@/core/learning';
import { numberField, z } from '@/core/parse';
import { firstRise, valueAtHour } from '@/core/ripeness';
import { MS_PER_HOUR } from '@/core/units';
import { massFormSchema, massRequestOf } from './mass-form';

const hour = numberField({ name: 'hour', unit: 'h', min: 0, max: 2000 });

/** A question about one mass: its window and curve; on request hours of rises and values at hours. */
export const lotQuestion = z.object({
  lot: massFormSchema,
  /** Rises, × the volume just mixed, whose hours are wanted. */
  reaches: z
    .array(numberField({ name: 'reaches', unit: '×', min: 1, max: 8 }))
    .max(20)
    .default([]),
  /** Hours whose values are wanted. */
  at: z.array(hour).max(200).default([]),
});

const CURVE_STEP_H = 0.5;

/** Window, curve and what else was asked of a mass. */
export function lotAnswer(question: z.output<typeof lotQuestion>) {
  const request = massRequestOf(question.lot);
  const run = runRequest(request, NO_DOUBT);
  const rises = seriesOf(run, (row) => run.rises[row] as number);
  const first = run.rises[0] as number;
  const endH = run.hours[run.length - 1] as number;
  const steps = Math.floor(endH / CURVE_STEP_H);
  return {
    window: readRequest(request, run),
    reaches: question.reaches.map((rise) => ({ rise, hour: firstRise(rises, rise * first) })),
    at: question.at.map((one) => valuesAt(run, one)),
    curve: Array.from({ length: steps + 1 }, (_, i) => valuesAt(run, i * CURVE_STEP_H)),
  };
}

function seriesOf(run: Trajectory, at: (row: number) => number) {
  return { hours: run.hours, length: run.length, at };
}

function valuesAt(run: Trajectory, atH: number) {
  const value = (index: number) =>
    valueAtHour(
      seriesOf(run, (row) => run.states[row * STATE_SIZE + index] as number),
      atH,
    );
  const { wholegrainShare, model } = run.constants;
  return {
    hour: atH,
    rise: valueAtHour(
      seriesOf(run, (row) => run.rises[row] as number),
      atH,
    ),
    gasMlPerG: value(X.gasMade),
    ph: acidToPh(value(X.acid), wholegrainShare, model),
    gluten: value(X.gluten),
    sugarPct: value(X.sugar),
    coreC: value(X.coreC),
  };
}

const invertQuestion = z.object({
  lot: massFormSchema,
  wantedH: numberField({ name: 'wantedH', unit: 'h', min: 0.1, max: 720 }),
  unknown: z.discriminatedUnion('of', [
    z.object({
      of: z.literal('dose'),
      leastPct: numberField({ name: 'leastPct', unit: '%', min: 0.001, max: 10 }).default(0.01),
      mostPct: numberField({ name: 'mostPct', unit: '%', min: 0.001, max: 10 }).default(3),
    }),
    z.object({
      of: z.literal('seed'),
      leastPct: numberField({ name: 'leastPct', unit: '%', min: 0.1, max: 100 }).default(1),
      mostPct: numberField({ name: 'mostPct', unit: '%', min: 0.1, max: 100 }).default(60),
    }),
    z.object({
      of: z.literal('place'),
      fromH: hour.default(0),
      leastC: numberField({ name: 'leastC', unit: '°C', min: 1, max: 34 }).default(4),
      mostC: numberField({ name: 'mostC', unit: '°C', min: 1, max: 34 }).default(30),
    }),
    z.object({ of: z.literal('start') }),
  ]),
});

/** The answer of `bin/core invert`: dose, seed, place or start that makes a mass best at a wanted hour. */
export function answerInvert(question: unknown): unknown {
  const { lot, wantedH, unknown } = invertQuestion.parse(question);
  const request = massRequestOf(lot);
  if (unknown.of === 'start') {
    const { bestH, opensH } = readRequest(request, runRequest(request, NO_DOUBT));
    const needsH = bestH ?? opensH;
    return needsH === null
      ? { kind: 'never', sentence: tr`Start: this mass never gets there where it stands.` }
      : { kind: 'found', startH: wantedH - needsH, needsH };
  }
  if (unknown.of === 'place') {
    const { fromH, leastC, mostC } = unknown;
    return invert(request, { of: 'place', fromH, least: leastC, most: mostC }, wantedH);
  }
  const { of, leastPct, mostPct } = unknown;
  return invert(request, { of, least: leastPct / 100, most: mostPct / 100 }, wantedH);
}

const bandQuestion = z.object({
  lot: massFormSchema,
  /** Hours at which the chance of being inside the window is wanted. */
  at: z.array(hour).max(200).default([]),
  seed: z.number().int().min(0).max(4294967295).default(1),
});

/** The answer of `bin/core band`: window with its 80 % bands, and the chance of being inside it at given hours. */
export function answerBand(question: unknown): unknown {
  const { lot, at, seed } = bandQuestion.parse(question);
  const { window, band, drawn } = forecastRequest(massRequestOf(lot), seededNormal(seed));
  const bands = band ?? drawn;
  const neverShare = drawn?.neverShare ?? 0;
  return {
    window,
    band80:
      bands === null ? null : { opensH: bands.opensH, bestH: bands.bestH, closesH: bands.closesH },
    lnSd: band?.lnSd ?? null,
    mayNotGetThere: neverShare,
    chances: at.map((one) => ({
      hour: one,
      inside: bands === null ? 0 : chanceInside(window, bands, one, neverShare),
    })),
  };
}

const learnQuestion = z.object({
  /** Lots of one culture in order of time, each with its looks. */
  lots: z
    .array(
      z.object({
        day: numberField({ name: 'day', unit: 'd', min: 0, max: 3650 }),
        lot: massFormSchema,
        looks: z
          .array(
            z.object({
              atH: hour,
              rise: numberField({ name: 'rise', unit: '×', min: 0.5, max: 8 }).optional(),
              dome: z.enum(['flat', 'domed', 'sinking']).optional(),
              float: z.enum(['floats', 'sinks']).optional(),
            }),
          )
          .min(1)
          .max(50),
      }),
    )
    .min(1)
    .max(200),
});

/** The answer of `bin/core learn`: the speed of a culture after each lot’s looks, and what they did to its best. */
export function answerLearn(question: unknown): unknown {
  const { lots } = learnQuestion.parse(question);
  let belief = priorSpeed(0);
  return lots.map(({ day, lot, looks }) => {
    const request = massRequestOf(lot);
    const at = (speed: number) => {
      const run = runRequest(request, { ...NO_DOUBT, speed });
      return { run, window: readRequest(request, run) };
    };
    const speed = Math.exp(belief.lnSpeed);
    const before = lotVariance(belief);
    const seen = assimilateLooks(
      looks.map(({ atH, ...signs }) => ({ hour: atH, signs })),
      Math.sqrt(before),
      (factor) => at(speed * factor),
    );
    const predictedH = at(speed).window.bestH;
    belief = learnFrom(belief, {
      atMs: day * 24 * MS_PER_HOUR,
      shift: -Math.log(seen.speed),
      before,
      after: before * seen.shrink ** 2,
    });
    return {
      predictedBestH: predictedH,
      bestAfterLooksH: at(speed * seen.speed).window.bestH,
      cultureSpeed: Math.exp(belief.lnSpeed),
      cultureLnSd: Math.sqrt(belief.variance),
    };
  });
}
