import {
  trueFormula,
  pantryOf,
  divideByWeight,
  targetColumns,
  doughSchema,
  productSchema,
  redivide,
  targetSchema,
} from '@/core/formula';
import { checkRecipe } from '@/core/formula/check';
import { numberField, z } from '@/core/parse';
import { doughTemperatureC, remediesFor, waterFor } from '@/core/thermal';

const grams = (name: string) => numberField({ name, unit: 'g', min: 0, max: 5_000_000 });
const degrees = (name: string) => numberField({ name, unit: '°C', min: -30, max: 60 });
const step = (name: string) => numberField({ name, unit: 'g', min: 0.001, max: 100 });

/** A whole dough asked for from outside. */
export const doughQuestion = z.object({
  dough: doughSchema,
  target: targetSchema,
  lossShare: numberField({ name: 'lossShare', unit: '', min: 0, max: 0.15 }).default(0),
  scaleStepG: step('scaleStepG').default(1),
  fineStepG: step('fineStepG').default(0.1),
  flours: z
    .array(
      z.object({
        id: z.string().min(1).max(80),
        name: z.string().min(1).max(60),
        strengthW: z.number().min(60).max(500).nullable().default(null),
        proteinShare: z.number().min(0.05).max(0.25).nullable().default(null),
        wholegrainShare: z.number().min(0).max(1).default(0),
      }),
    )
    .min(1)
    .max(40),
});

/** The columns of a dough as they are weighed, and its formula recovered from them. */
export function answerDough(request: z.output<typeof doughQuestion>): unknown {
  const pantry = pantryOf(request.flours);
  const { dough, target, lossShare, scaleStepG, fineStepG } = request;
  const columns = targetColumns({ target, dough, lossShare }, { scaleStepG, fineStepG }, pantry);
  const whole = Object.fromEntries(columns.rows.map((row) => [row.ingredientId, row.wholeG]));
  return { kind: 'dough', columns, formula: trueFormula(whole, pantry) };
}

const checkQuestion = z.object({
  text: z.string().max(20_000),
  answers: z.record(z.string().regex(/^\d{1,3}$/), z.number()).default({}),
});

/** The answer of `bin/core check`: a recipe line by line, and what it truly is. */
export function answerCheck(request: unknown): unknown {
  const { text, answers } = checkQuestion.parse(request);
  const byLine = Object.fromEntries(
    Object.entries(answers).map(([line, massG]) => [Number(line), massG]),
  );
  const { sums, ...rest } = checkRecipe({ text, answers: byLine });
  return {
    ...rest,
    sums: sums === null ? null : { ...sums, grams: Object.fromEntries(sums.grams) },
  };
}

const waterQuestion = z.object({
  aimC: degrees('aimC'),
  parts: z
    .array(
      z.object({
        flourG: grams('flourG'),
        waterG: grams('waterG').default(0),
        saltG: grams('saltG').default(0),
        oilG: grams('oilG').default(0),
        tempC: degrees('tempC'),
      }),
    )
    .min(1)
    .max(20),
  waterG: grams('waterG'),
  mixingC: numberField({ name: 'mixingC', unit: '°C', min: -5, max: 30 }).default(0),
  tapC: degrees('tapC').default(12),
});

/** The answer of `bin/core water`: water, ice, what the dough comes to, and what would mend it. */
export function answerWater(request: unknown): unknown {
  const question = waterQuestion.parse(request);
  const answer = waterFor(question);
  const { waterG, mixingC, parts } = question;
  return {
    ...answer,
    checkedC: doughTemperatureC(
      parts,
      { waterG, waterC: answer.waterC, iceG: answer.iceG },
      mixingC,
    ),
    remedies: remediesFor(question),
  };
}

const divideQuestion = z.object({
  doughG: grams('doughG'),
  products: z.array(productSchema).min(1).max(6),
  stepG: step('stepG').default(1),
});

/** The answer of `bin/core divide`: the same pieces of what there is, and as many as there are of the planned weight. */
export function answerDivide(request: unknown): unknown {
  const { doughG, products, stepG } = divideQuestion.parse(request);
  return {
    sameCount: redivide(doughG, products, stepG),
    sameWeight: divideByWeight(doughG, products),
  };
}
