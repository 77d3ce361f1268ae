import { z } from '../parse';

/** How a ball opens, from too tight to too slack. */
export const OPENINGS = ['springs back', 'right', 'slack', 'tears'] as const;
export type Opening = (typeof OPENINGS)[number];
export const STICKINESS = ['no', 'a little', 'very'] as const;
/** From pale to burnt. */
export const COLOURS = ['pale', 'light', 'golden', 'dark', 'burnt'] as const;
export const CRUMBS = ['tight', 'even', 'open', 'wild'] as const;
export const TASTES = ['flat', 'mild', 'rounded', 'sour', 'boozy'] as const;
export const LAST_ONES = ['better', 'as good', 'worse'] as const;

/** How a bake turned out; what was not judged is left out. */
export const scoreSchema = z.object({
  kind: z.literal('score'),
  /** How the first pizza of the service opened, and the last. */
  opening: z.object({ first: z.enum(OPENINGS), last: z.enum(OPENINGS) }).optional(),
  sticky: z.enum(STICKINESS).optional(),
  /** Height of the rim, mm. */
  rimMm: z.number().min(1).max(120).optional(),
  colour: z.enum(COLOURS).optional(),
  crumb: z.enum(CRUMBS).optional(),
  taste: z.enum(TASTES).optional(),
  /** The last pizza against the first. */
  last: z.enum(LAST_ONES).optional(),
  /** Oven floor, °C. */
  floorC: z.number().min(100).max(600).optional(),
  /** Seconds a pizza took. */
  bakeS: z.number().min(20).max(3600).optional(),
  /** Pictures kept beside the database, by their names. */
  photos: z
    .array(z.string().regex(/^[a-z0-9-]{8,60}\.jpg$/))
    .max(12)
    .optional(),
  note: z.string().max(600).optional(),
});
export type ScoreBody = z.infer<typeof scoreSchema>;
