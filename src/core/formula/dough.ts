import { tr, word } from '@/words/tr';
import { numberField, z } from '../parse';
import { ASKED_RIPENESS } from '../ripeness';
import { YEAST_TYPES, type YeastType } from '../units';

/** The kinds of leaven a dough can be raised with, beside yeast of its own. */
export const LEAVEN_KINDS = [
  'poolish',
  'sponge',
  'biga',
  'levain',
  'stiff levain',
  'starter',
  'discard',
  'carry-over',
] as const;
export type LeavenKind = (typeof LEAVEN_KINDS)[number];

/** What each share of a dough may be; one place for forms, files and the command line. */
export const DOUGH_RULES = {
  hydration: { name: word('Water'), unit: word('% of flour'), min: 35, max: 130 },
  salt: { name: word('Salt'), unit: word('% of flour'), min: 0, max: 6 },
  oil: { name: word('Oil'), unit: word('% of flour'), min: 0, max: 25 },
  added: { name: word('Added'), unit: word('% of flour'), min: 0, max: 120 },
  yeast: { name: word('Yeast, as fresh'), unit: word('% of flour'), min: 0, max: 8 },
  leaven: { name: word('Leaven'), unit: word('% of flour'), min: 0.5, max: 98 },
  leavenWater: {
    name: word('Water of the leaven'),
    unit: word('% of its flour'),
    min: 35,
    max: 250,
  },
  leavenAdded: { name: word('Added to a leaven'), unit: word('% of its flour'), min: 0, max: 250 },
  seed: { name: word('Seed'), unit: word('% of the build’s flour'), min: 1, max: 300 },
  flour: { name: word('Flour share'), unit: '%', min: 0, max: 100 },
} as const;

const share = (rule: { name: string; min: number; max: number }) =>
  numberField({ ...rule, unit: '', min: rule.min / 100, max: rule.max / 100 });
const id = z.string().min(1).max(80);

const flourParts = z
  .array(z.object({ flourId: id, share: share(DOUGH_RULES.flour) }))
  .min(1, { error: () => tr`Flour: at least one is needed.` })
  .max(8, { error: () => tr`Flour: more than eight are not possible.` })
  .refine((parts) => Math.abs(parts.reduce((sum, part) => sum + part.share, 0) - 1) < 1e-6, {
    error: () => tr`Flour shares: they do not add up to 100 %.`,
  });

/** How a leaven comes to be. */
const leavenMade = z.discriminatedUnion('by', [
  z.object({
    by: z.literal('yeast'),
    /** Dose as fresh-yeast equivalent over the leaven’s flour. */
    freshShare: share(DOUGH_RULES.yeast),
    /** Typed by the baker: hours give way, not the dose. */
    typed: z.boolean().optional(),
  }),
  z.object({
    by: z.literal('seed'),
    /** Ripe seed over the flour weighed into the build. */
    seedShare: share(DOUGH_RULES.seed),
    /** Typed by the baker: hours give way, not the seed. */
    typed: z.boolean().optional(),
    /** Water over flour of the seed. */
    seedHydration: share(DOUGH_RULES.leavenWater),
    /** The culture it comes from; null: any that suits. */
    cultureId: id.nullable(),
  }),
  z.object({
    by: z.literal('taken'),
    /** Salt and oil over its own flour. */
    saltShare: share(DOUGH_RULES.salt),
    oilShare: share(DOUGH_RULES.oil),
    cultureId: id.nullable(),
  }),
]);

/** One leaven of a dough. */
export const leavenSchema = z.object({
  id,
  kind: z.enum(LEAVEN_KINDS),
  name: z.string().trim().min(1).max(30),
  /** All its flour, seed included, over the dough’s total flour. */
  flourShare: share(DOUGH_RULES.leaven),
  /** All its water over all its flour. */
  hydration: share(DOUGH_RULES.leavenWater),
  /** Its flours; null: the dough’s own blend. */
  flours: flourParts.nullable(),
  /** Liquids, sugars, salt of its own, over its flour; what water they hold counts as its water. */
  added: z
    .array(z.object({ ingredientId: id, share: share(DOUGH_RULES.leavenAdded) }))
    .max(6, { error: () => tr`Added to a leaven: more than six things are not possible.` })
    .optional(),
  /** How ripe it is wanted at the mix; left out: young where it waits in the cold, prime elsewhere. */
  asks: z.enum(ASKED_RIPENESS).optional(),
  made: leavenMade,
});
export type Leaven = z.infer<typeof leavenSchema>;

/**
 * A whole dough. Every share is a fraction of the dough’s total flour; water, salt and oil are of every source,
 * what leavens and liquids bring included.
 */
export const doughSchema = z.object({
  flours: flourParts,
  hydration: share(DOUGH_RULES.hydration),
  saltShare: share(DOUGH_RULES.salt),
  oilShare: share(DOUGH_RULES.oil),
  /** Sugars, liquids, seeds: as weighed, all of it in the final mix. */
  added: z
    .array(z.object({ ingredientId: id, share: share(DOUGH_RULES.added) }))
    .max(12, { error: () => tr`Added: more than twelve things are not possible.` }),
  /** Yeast at the final mix. */
  yeast: z.object({
    type: z.enum(YEAST_TYPES as [string, ...string[]]).transform((type) => type as YeastType),
    freshShare: share(DOUGH_RULES.yeast),
  }),
  leavens: z
    .array(leavenSchema)
    .max(3, { error: () => tr`Leavens: more than three are not possible.` }),
});
export type Dough = z.infer<typeof doughSchema>;

/** Kinds that are there already and are only weighed in. */
export const BY_TAKING_KINDS: ReadonlySet<LeavenKind> = new Set([
  'starter',
  'discard',
  'carry-over',
]);
