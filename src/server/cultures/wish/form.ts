import { tr, word } from '@/words/tr';
import { numberField, z } from '@/core/parse';

const id = z.string().min(1).max(80);
const batch = z.string().min(8).max(80);
const MOST_G = 500_000;

const makeSchema = z.object({
  /** A feed goes on as its starter, a refresh as its chain; a levain and a dough are used up. */
  as: z.enum(['feed', 'levain', 'refresh', 'dough']),
  /** Left out: as its culture is called; a dough has one of its own. */
  name: z.string().trim().max(60).nullish(),
  /** When it was or will be mixed, by the shop’s clock; left out: now. */
  at: z.string().nullish(),
  ingredients: z
    .array(
      z.object({
        ingredientId: id,
        massG: numberField({ name: word('Weight'), unit: 'g', min: 0, max: MOST_G }),
      }),
    )
    .max(20),
  /** What of the leaven goes in; of no lot named: of what is made before it in the same wish. */
  portions: z
    .array(
      z.object({
        lotId: id.nullish(),
        massG: numberField({ name: word('Leaven'), unit: 'g', min: 0, max: MOST_G }),
      }),
    )
    .min(1)
    .max(30),
  placeId: id,
  /** What the mix comes to with its water; left out: as its place is. */
  startC: numberField({ name: word('Temperature'), unit: '°C', min: 0, max: 40 }).nullish(),
});

const makesSchema = z.object({
  wish: z.literal('make'),
  batch,
  /** The starter that is fed, the chain that is refreshed; left out for a dough. */
  cultureId: id.nullish(),
  tense: z.enum(['done', 'planned']),
  by: z.string().max(60).nullish(),
  /** One, or a few in a row, each of the one before. */
  makes: z.array(makeSchema).min(1).max(5),
});

const thawSchema = z.object({
  wish: z.literal('thaw'),
  batch,
  lotId: id,
  outAt: z.string().min(1, { error: () => tr`Out of the freezer: an hour is needed.` }),
  roomAt: z.string().min(1, { error: () => tr`Out of the fridge: an hour is needed.` }),
  fridgeId: id,
  roomId: id,
});

/** What a wish of the cultures comes to: something made of a leaven, or a thaw. */
export const wishSchema = z.discriminatedUnion('wish', [makesSchema, thawSchema]);

/** Things made: a feed, a few in a row, a levain, a refresh, a dough with discard in it. */
export type Makes = z.output<typeof makesSchema>;
/** One of the things made. */
export type Made = Makes['makes'][number];
/** A lot thawed: out of the freezer, out of the fridge. */
export type Thaw = z.output<typeof thawSchema>;
