import { tr, word } from '@/words/tr';
import {
  COLOURS,
  CRUMBS,
  isAct,
  LAST_ONES,
  OPENINGS,
  STICKINESS,
  TASTES,
  type ScoreBody,
} from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { isLotNamed, PHOTO_NAME } from '@/data';
import type { ShopContext } from '../context';
import { batchOf, writeEntries } from '../journal/entries';
import { foldedJournal } from '../journal/journal-memory';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';

const optional = <S extends z.ZodType>(schema: S) =>
  z.preprocess((value) => (value === '' || value === null ? undefined : value), schema.optional());

const formSchema = z.object({
  bakeId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  by: z.string().max(60).nullish(),
  first: optional(z.enum(OPENINGS)),
  lastOpening: optional(z.enum(OPENINGS)),
  sticky: optional(z.enum(STICKINESS)),
  rimMm: optional(numberField({ name: word('Rim'), unit: 'mm', min: 1, max: 120 })),
  colour: optional(z.enum(COLOURS)),
  crumb: optional(z.enum(CRUMBS)),
  taste: optional(z.enum(TASTES)),
  last: optional(z.enum(LAST_ONES)),
  floorC: optional(numberField({ name: word('Oven floor'), unit: '°C', min: 100, max: 600 })),
  bakeS: optional(
    numberField({ name: word('Seconds a pizza takes'), unit: 's', min: 20, max: 3600 }),
  ),
  photos: z
    .array(z.string().regex(PHOTO_NAME, { error: () => tr`Photo: it is not one that was kept.` }))
    .max(12, { error: () => tr`Photos: at most 12 of a bake.` })
    .optional(),
  note: z
    .string()
    .trim()
    .max(600, { error: () => tr`Note: at most 600 letters.` })
    .optional(),
});

/** Writes how a bake turned out; what was said before of the same bake stays in the journal, the last word counts. */
export function logScore(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(formSchema, form);
  if (!parsed.ok) return parsed;
  const { bakeId, batch, by } = parsed.value;
  const baked = foldedJournal(context).done.filter(
    (one) => one.bakeId === bakeId && isAct(one.act, 'use'),
  );
  if (baked.length === 0) {
    return refused('bakeId', tr`Score: nothing of this bake was baked yet. It can be scored then.`);
  }
  const body = bodyOf(parsed.value);
  if (Object.keys(body).length === 1) {
    return refused(null, tr`Score: say at least one thing of the bake. Nothing was written.`);
  }
  const atMs = context.clock().nowMs;
  writeEntries(
    context,
    batchOf(context, batch, [{ atMs, tense: 'done', by: by ?? null, bakeId, body }]),
  );
  return done({ batch });
}

/** What was said of a bake, without what was not judged. */
function bodyOf(said: z.output<typeof formSchema>): ScoreBody {
  const { first, lastOpening, photos, note } = said;
  const { sticky, rimMm, colour, crumb, taste, last, floorC, bakeS } = said;
  const plain = { sticky, rimMm, colour, crumb, taste, last, floorC, bakeS };
  const opened = first ?? lastOpening;
  return {
    kind: 'score',
    ...(opened === undefined
      ? {}
      : { opening: { first: first ?? opened, last: lastOpening ?? opened } }),
    ...(Object.fromEntries(
      Object.entries(plain).filter(([, value]) => value !== undefined),
    ) as Partial<ScoreBody>),
    ...(photos === undefined || photos.length === 0 ? {} : { photos }),
    ...(note === undefined || note === '' ? {} : { note }),
  };
}

const noteSchema = z.object({
  batch: z.string().min(8).max(80),
  by: z.string().max(60).nullish(),
  lotId: z.string().min(1).max(80).nullish(),
  text: z
    .string()
    .trim()
    .min(1, { error: () => tr`Note: a word is needed. Nothing was written.` })
    .max(600, { error: () => tr`Note: at most 600 letters.` }),
});

/** Writes a note about a lot, or about the day. */
export function logNote(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(noteSchema, form);
  if (!parsed.ok) return parsed;
  const { batch, by, lotId, text } = parsed.value;
  if (lotId != null && !isLotNamed(context.db, lotId)) {
    return refused('lotId', tr`Note: the lot “${lotId}” was never made. Nothing was written.`);
  }
  const atMs = context.clock().nowMs;
  const body = { kind: 'note' as const, text, ...(lotId == null ? {} : { lotId }) };
  writeEntries(context, batchOf(context, batch, [{ atMs, tense: 'done', by: by ?? null, body }]));
  return done({ batch });
}
