import { tr } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { z } from '@/core/parse';
import { fromLocalText, isTimeZone } from '@/core/units';
import { loggerHead, readLogger } from '@/formats/logger-csv';
import type { ShopContext } from '../context';
import { batchOf, type EntryDraft, writeEntries } from '../journal/entries';
import { LOGGER } from '../journal/whose';
import { done, refused, type Outcome } from '@/shop/outcome';
import { knownAt } from './known-readings';
import { parseForm } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { setTempC } from '@/core/forecast';

const schema = z.object({
  text: z
    .string()
    .min(1)
    .max(60_000_000, { error: () => tr`Readings: the file is too large.` }),
  batch: z.string().min(8).max(80),
  placeId: z.string().min(1, { error: () => tr`Place: choose where it was measured.` }),
  time: z.string().max(200),
  temperature: z.string().max(200),
  unit: z.enum(['C', 'F']),
  order: z.enum(['day first', 'month first']),
  timeZone: z.string().refine(isTimeZone, { error: () => tr`Time zone: it is not known.` }),
});

/** What a file of readings comes to. */
export interface ReadingsPreview {
  readonly rows: number;
  /** Already in the journal: the same place at the same instant. */
  readonly known: number;
  readonly fromMs: number | null;
  readonly toMs: number | null;
  readonly leastC: number | null;
  readonly mostC: number | null;
  readonly first: readonly { readonly atMs: number; readonly tempC: number }[];
  /** Why they can hardly be of this place; null where they can. */
  readonly unlikely: string | null;
}

/** A place is not this far from what it is set to through a whole file, °C. Set. */
const UNLIKELY_C = 12;

const SHOWN = 5;

/** The columns of a file, and which are likely which; null for a file that is no table. */
export function readingsHead(text: string) {
  return loggerHead(text);
}

/** What would be stored of a file; nothing is. */
export function previewReadings(context: ShopContext, form: unknown): Outcome<ReadingsPreview> {
  const read = readingsOf(context, form);
  return read.ok ? done(read.value.preview) : read;
}

/** Stores the readings of a file that are not there yet, as one act that is taken back as one. */
export function storeReadings(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; stored: number }> {
  const read = readingsOf(context, form);
  if (!read.ok) return read;
  const { batch, drafts } = read.value;
  if (drafts.length === 0) {
    return refused(null, tr`Readings: all of them are in the journal already. Nothing was stored.`);
  }
  writeEntries(context, batchOf(context, batch, drafts));
  return done({ batch, stored: drafts.length });
}

function readingsOf(
  context: ShopContext,
  form: unknown,
): Outcome<{ preview: ReadingsPreview; drafts: EntryDraft[]; batch: string }> {
  const parsed = parseForm(schema, form);
  if (!parsed.ok) return parsed;
  const { text, placeId, timeZone, batch, ...columns } = parsed.value;
  const state = loadShop(context);
  if (!state.placeMap.has(placeId)) {
    return refused('placeId', tr`Place: “${placeId}” is not in the shop.`);
  }
  const read = readLogger(text, columns);
  if (read.kind === 'refused') return refused(null, read.sentence);
  const all: { atMs: number; tempC: number }[] = [];
  for (const { row, at, tempC } of read.rows) {
    const atMs = 'ms' in at ? at.ms : fromLocalText(at.wall, timeZone);
    if (atMs > state.nowMs) {
      return refused(
        null,
        tr`Readings, row ${row}: it lies in the future. Check the time zone and the order of day and month. Nothing was stored.`,
      );
    }
    all.push({ atMs, tempC });
  }
  const temps = all.map((one) => one.tempC);
  const instants = all.map((one) => one.atMs);
  const there = knownAt(context, placeId, instants);
  const fresh = all.filter((one) => !there.has(one.atMs));
  const least = (values: readonly number[]) =>
    values.length === 0 ? null : values.reduce((a, b) => Math.min(a, b));
  const most = (values: readonly number[]) =>
    values.length === 0 ? null : values.reduce((a, b) => Math.max(a, b));
  return done({
    batch,
    preview: {
      rows: all.length,
      known: all.length - fresh.length,
      fromMs: least(instants),
      toMs: most(instants),
      leastC: least(temps),
      mostC: most(temps),
      first: all.slice(0, SHOWN),
      unlikely: unlikelyOf(all, state, placeId),
    },
    drafts: fresh.map(({ atMs, tempC }): EntryDraft => ({
      atMs,
      tense: 'done',
      by: LOGGER,
      body: { kind: 'reading', placeId, tempC },
    })),
  });
}

function unlikelyOf(
  all: readonly { readonly atMs: number; readonly tempC: number }[],
  { placeMap }: ShopState,
  placeId: string,
): string | null {
  const place = placeMap.get(placeId);
  const middle = [...all].sort((a, b) => a.tempC - b.tempC)[Math.floor(all.length / 2)];
  if (place === undefined || middle === undefined) return null;
  const setC = setTempC(place, middle.atMs);
  return Math.abs(middle.tempC - setC) <= UNLIKELY_C
    ? null
    : tr`${place.name} is set to ${Math.round(setC)} °C, and half of these are ${middle.tempC < setC ? tr`under` : tr`over`} ${Math.round(middle.tempC)} °C. Is it the right place, and are they °C or °F?`;
}
