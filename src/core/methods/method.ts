import { tr, word } from '@/words/tr';
import { doughSchema, targetSchema } from '../formula';
import { numberField, wholeNumberField, z } from '../parse';
import { orderSchema } from './additions';
import { schoolsSchema } from './schools';

/** What a method’s figures may be. */
export const METHOD_RULES = {
  hours: { name: word('Hours'), unit: 'h', min: 0, max: 2000 },
  minutes: { name: word('Minutes'), unit: 'min', min: 0, max: 2000 },
  folds: { name: word('Folds'), unit: '', min: 0, max: 12 },
  refreshments: { name: word('Refreshments'), unit: '', min: 0, max: 3 },
  everyH: { name: word('Hours between them'), unit: 'h', min: 3, max: 24 },
  aim: { name: word('Dough out of the bowl'), unit: '°C', min: 10, max: 32 },
  limit: { name: word('Pause the mixer at'), unit: '°C', min: 15, max: 32 },
  loss: { name: word('Loss in the bowl'), unit: '%', min: 0, max: 15 },
  momentAfter: { name: word('Moment'), unit: 'min', min: -2880, max: 2880 },
  momentHands: { name: word('Hands'), unit: 'min', min: 0, max: 240 },
  heldBack: { name: word('Held-back water'), unit: word('% of flour'), min: 0, max: 25 },
} as const;

const id = z.string().min(1).max(80);

/** Hours in a place: as a rule, and the fewest and most that will do. */
const staySchema = z
  .object({
    placeId: id,
    hours: numberField(METHOD_RULES.hours),
    leastH: numberField(METHOD_RULES.hours),
    mostH: numberField(METHOD_RULES.hours),
  })
  .refine((stay) => stay.leastH <= stay.hours && stay.hours <= stay.mostH, {
    error: () => tr`Hours: the usual ones lie between the fewest and the most.`,
  });
export type Stay = z.infer<typeof staySchema>;

const stays = z
  .array(staySchema)
  .min(1, { error: () => tr`Stages: at least one place is needed.` })
  .max(5, { error: () => tr`Stages: more than five places are not possible.` });

const mixStep = z.object({
  name: z.string().min(1).max(40),
  speed: z.enum(['slow', 'fast', 'hand', 'rest']),
  minutes: numberField(METHOD_RULES.minutes),
});
export type MixStep = z.infer<typeof mixStep>;

/** Where a moment of a method is counted from. */
export const MOMENT_FROM = ['mix', 'balls', 'service'] as const;
/** What a moment does to the dough; anything else changes nothing that is forecast. */
export const MOMENT_WORKS = ['fold', 'punch down', 'ball again'] as const;

/** Something that the hands do beside mixing, balling and moving. */
const momentSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Moment: a name is needed. Allowed: 1 to 40 letters.` })
    .max(40, { error: () => tr`Moment: the name is too long. Allowed: 1 to 40 letters.` }),
  from: z.enum(MOMENT_FROM),
  /** Minutes after it; below 0: before. */
  afterMin: numberField(METHOD_RULES.momentAfter),
  /** Minutes of hands. */
  handsMin: numberField(METHOD_RULES.momentHands),
  work: z.enum(MOMENT_WORKS).nullable().default(null),
  /** The pieces that it is done with once they are divided, by their name; left out: all of them. */
  of: z.string().min(1).max(80).optional(),
});
export type Moment = z.infer<typeof momentSchema>;

/** How a dough is made: its formula, its stages with their places, its schools. */
export const methodSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 40 letters.` })
    .max(40, { error: () => tr`Name: too long. Allowed: 1 to 40 letters.` }),
  /** When it is chosen, in one line. */
  says: z.string().max(160),
  dough: doughSchema,
  target: targetSchema,
  /** Dough that stays in the bowl over dough mixed. */
  lossShare: numberField({ ...METHOD_RULES.loss, unit: '', max: METHOD_RULES.loss.max / 100 }),
  /** Feeds of the culture in a row before a seeded leaven is built, each at the best of the one before. */
  refreshments: z
    .object({
      count: wholeNumberField(METHOD_RULES.refreshments),
      everyH: numberField(METHOD_RULES.everyH),
    })
    .default({ count: 0, everyH: 6 }),
  /** Where the built leavens stand, by their ids. */
  leavenStays: z.record(z.string(), stays),
  mix: z.object({
    by: z.enum(['hand', 'mixer']),
    /** Rest of flour and water before the rest goes in; null for none. */
    autolyse: z.object({ minutes: numberField(METHOD_RULES.minutes), placeId: id }).nullable(),
    /** Water held back, over flour. */
    heldBackShare: numberField({ ...METHOD_RULES.heldBack, unit: '', max: 0.25 }),
    steps: z.array(mixStep).min(1).max(8),
    /** An order of adding of its own; left out: as its schools have it. */
    order: orderSchema.optional(),
    folds: z.object({
      count: wholeNumberField(METHOD_RULES.folds),
      everyMin: numberField(METHOD_RULES.minutes),
    }),
    aimC: numberField(METHOD_RULES.aim),
    limitC: numberField(METHOD_RULES.limit),
  }),
  bulk: stays,
  balls: stays,
  /** What else the hands do, at hours of their own. */
  moments: z.array(momentSchema).max(12).default([]),
  /** Balled a second time half-way to the service. */
  reball: z.boolean(),
  schools: schoolsSchema,
});
export type Method = z.infer<typeof methodSchema>;

/** From here on flour and water soak by themselves before the mix: a shorter rest is part of it, min. Set. */
const SOAK_FROM_MIN = 90;

/** The soak of flour and water before a mix, where a method has one: long, and without yeast, leaven or salt. */
export function soakOf({
  autolyse,
}: Pick<Method['mix'], 'autolyse'>): NonNullable<Method['mix']['autolyse']> | null {
  return autolyse !== null && autolyse.minutes >= SOAK_FROM_MIN ? autolyse : null;
}

/** Hours of stays as a rule. */
export const usualHours = (all: readonly Stay[]) => all.reduce((sum, stay) => sum + stay.hours, 0);

/** The shortest and longest that stays may take. */
export function hoursRange(all: readonly Stay[]): { leastH: number; mostH: number } {
  return {
    leastH: all.reduce((sum, stay) => sum + stay.leastH, 0),
    mostH: all.reduce((sum, stay) => sum + stay.mostH, 0),
  };
}

/** Hours from the first act of a method to its service, as it usually is: refreshments, the longest leaven, bulk and balls. */
export function usualLengthH(method: Method): number {
  const { refreshments, leavenStays, bulk, balls } = method;
  const leavens = Object.values(leavenStays).map(usualHours);
  const before = Math.max(0, ...leavens) + refreshments.count * refreshments.everyH;
  return before + usualHours(bulk) + usualHours(balls);
}
