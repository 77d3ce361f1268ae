import { tr, word } from '@/words/tr';
import { numberField, wholeNumberField, z } from '@/core/parse';

const text = z.string().trim();
const placeId = text.min(1).max(80);

/** A dough as it was mixed once, and the hours that it stood in a room before it was put away. */
const mixed = {
  batch: z.string().min(8).max(80),
  name: text
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 40 letters.` })
    .max(40, { error: () => tr`Name: too long. Allowed: 1 to 40 letters.` }),
  mixedAt: text.min(1, { error: () => tr`Mixed: an hour is needed.` }),
  flourId: text.min(1).max(80),
  waterPct: numberField({ name: word('Water'), unit: word('% of flour'), min: 40, max: 130 }),
  saltPct: numberField({ name: word('Salt'), unit: word('% of flour'), min: 0, max: 6 }),
  freshPct: numberField({
    name: word('Fresh yeast'),
    unit: word('% of flour'),
    min: 0.005,
    max: 6,
  }),
  roomH: numberField({ name: word('In the room first'), unit: 'h', min: 0, max: 72 }),
  roomId: placeId,
  placeId,
};
const grams = numberField({ name: word('Weight'), unit: 'g', min: 20, max: 500_000 });

/** The form of what is brought in, one shape for each kind. */
export const bringSchema = z.discriminatedUnion('what', [
  z.object({
    what: z.literal('dough'),
    ...mixed,
    massG: grams,
    /** The chain of carry-over that it belongs to; empty: it begins one of its name. */
    cultureId: text.max(80).nullish(),
  }),
  z.object({
    what: z.literal('balls'),
    ...mixed,
    count: wholeNumberField({ name: word('Balls'), unit: '', min: 1, max: 5000 }),
    ballG: numberField({ name: word('Each'), unit: 'g', min: 20, max: 5000 }),
  }),
  z.object({
    what: z.literal('frozen'),
    ...mixed,
    massG: grams,
    flatMm: z
      .preprocess(
        (value) => (value === '' ? null : value),
        numberField({ name: word('Thickness'), unit: 'mm', min: 2, max: 300 }).nullable(),
      )
      .default(null),
  }),
]);
