import { word } from '@/words/tr';
import { numberField, z } from '../parse';

const id = z.string().min(1).max(120);

export const MARK_RULES = {
  weighed: { name: word('Weighed'), unit: 'g', min: 0, max: 500_000 },
  temp: { name: word('Temperature'), unit: '°C', min: -5, max: 45 },
  felt: { name: word('Added by feel'), unit: 'g', min: 0.1, max: 50_000 },
  factor: { name: word('The rest'), unit: word('times'), min: 0.5, max: 2 },
  dough: { name: word('Dough'), unit: 'g', min: 1, max: 500_000 },
} as const;

/** How far the dough can be drawn out before it tears. */
export const WINDOWPANES = ['tears', 'holds', 'clear'] as const;

/** What can happen on a mix card. */
export const markKinds = z.discriminatedUnion('kind', [
  /** A line weighed in; of held-back water a portion. */
  z.object({
    kind: z.literal('weigh'),
    itemId: id,
    massG: numberField(MARK_RULES.weighed),
    by: z.enum(['scale', 'typed', 'ticked']),
    tempC: numberField(MARK_RULES.temp).optional(),
  }),
  /** Of held-back water no more is wanted. */
  z.object({ kind: z.literal('enough'), itemId: id }),
  z.object({ kind: z.literal('start'), itemId: id }),
  z.object({ kind: z.literal('done'), itemId: id }),
  /** Water or flour by feel, beyond the card. */
  z.object({
    kind: z.literal('felt'),
    ingredientId: id,
    massG: numberField(MARK_RULES.felt),
  }),
  z.object({
    kind: z.literal('look'),
    tempC: numberField(MARK_RULES.temp).optional(),
    windowpane: z.enum(WINDOWPANES).optional(),
  }),
  /** After too much of one thing, everything is weighed in so many times as much. */
  z.object({ kind: z.literal('scale'), factor: numberField(MARK_RULES.factor) }),
  /** The salt that is not on the card as weighed: it is in, or left out on purpose. */
  z.object({ kind: z.literal('salt'), answer: z.enum(['it is in', 'left out']) }),
  z.object({
    kind: z.literal('out'),
    tempC: numberField(MARK_RULES.temp),
    doughG: numberField(MARK_RULES.dough).optional(),
  }),
  /** What the card was made with when its first line was weighed: it stays so. */
  z.object({
    kind: z.literal('begin'),
    batches: z.number().int().min(1).max(50),
    iceG: z.number().min(0).max(500_000),
    waterC: z.number().min(0).max(40).nullable(),
  }),
  z.object({ kind: z.literal('finish'), batch: z.string().min(8).max(80) }),
  z.object({ kind: z.literal('undo'), markId: id }),
]);
export type MarkWhat = z.infer<typeof markKinds>;

/** One thing that happened on a card. */
export const markSchema = z.object({ id, atMs: z.number().int(), what: markKinds });
export type Mark = z.infer<typeof markSchema>;
