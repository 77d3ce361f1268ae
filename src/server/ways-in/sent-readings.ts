import { tr } from '@/words/tr';
import { parse } from 'csv-parse/sync';
import { z } from '@/core/parse';
import { fahrenheitToCelsius, MS_PER_MINUTE } from '@/core/units';
import type { ShopState } from '@/shop/state';
import { done, refused, type Outcome } from '@/shop/outcome';
import type { ShopContext } from '../context';
import { knownAt } from '../records/known-readings';
import { loadShop } from '../shop/load-shop';
import { logProbeSeries } from '../shop/readings';

/** Readings sent at once, at most: a week of a probe that speaks every two minutes. */
const MOST = 5_000;
/** A device’s clock may be ahead by so much; more is another time than the shop’s. Set. */
const AHEAD_MS = 5 * MS_PER_MINUTE;

const figure = z.union([
  z.number(),
  z
    .string()
    .trim()
    .regex(/^-?\d+([.,]\d+)?$/)
    .transform((text) => Number(text.replace(',', '.'))),
]);
const reading = z
  .object({
    place: z.string().trim().min(1).max(80),
    /** An instant with its zone; left out: now. */
    at: z.union([z.literal(''), z.iso.datetime({ offset: true })]).optional(),
    tempC: figure.optional(),
    tempF: figure.optional(),
  })
  .refine(({ tempC, tempF }) => (tempC === undefined) !== (tempF === undefined));

/** What came of readings that a device sent. */
export interface Kept {
  /** Of those that were sent. */
  readonly sent: number;
  /** Written: one in ten minutes and place, and none twice. */
  readonly kept: number;
}

/**
 * Stores readings that a device sends: JSON (one, a list, or one a line) or CSV with a head of place, at, tempC or tempF. All
 * of them or none; what the journal has already is left out, so that what was sent twice is written once.
 */
export function keepSent(context: ShopContext, text: string): Outcome<Kept> {
  const rows = rowsOf(text);
  if (rows === null) {
    return refused(
      null,
      tr`Readings: they can not be read. Allowed: JSON, or CSV with the head place,at,tempC. Nothing was stored.`,
    );
  }
  if (rows.length === 0 || rows.length > MOST) {
    return refused(null, tr`Readings: ${rows.length} of them. Allowed: 1 to ${MOST} at once.`);
  }
  const state = loadShop(context);
  const series = seriesOf(rows, state);
  if (!series.ok) return series;
  let kept = 0;
  for (const [placeId, readings] of series.value) {
    const there = knownAt(
      context,
      placeId,
      readings.map(({ atMs }) => atMs),
    );
    const fresh = readings.filter(({ atMs }) => !there.has(atMs));
    if (fresh.length === 0) continue;
    const outcome = logProbeSeries(context, { placeId, readings: fresh });
    if (!outcome.ok) return outcome;
    kept += outcome.value.kept;
  }
  return done({ sent: rows.length, kept });
}

type Readings = { readonly atMs: number; readonly tempC: number }[];

/** Readings by place, in the order they came; a refusal names the row, the value and what is allowed. */
function seriesOf(rows: readonly unknown[], state: ShopState): Outcome<Map<string, Readings>> {
  const byPlace = new Map<string, Readings>();
  for (const [index, row] of rows.entries()) {
    const wrong = (text: string) =>
      refused('readings', tr`Reading ${index + 1}: ${text} Nothing was stored.`);
    const parsed = reading.safeParse(row);
    if (!parsed.success) {
      return wrong(
        tr`it needs a place, one of tempC and tempF, and an hour with its zone or none (2026-11-27T06:10:00Z).`,
      );
    }
    const { place, at, tempC, tempF } = parsed.data;
    const id = placeOf(place, state);
    if (id === null) {
      const names = state.places.map(({ name }) => name).join(', ');
      return wrong(tr`place “${place}” is not in the shop. Allowed: ${names}.`);
    }
    const atMs = at === undefined || at === '' ? state.nowMs : Date.parse(at);
    if (atMs > state.nowMs + AHEAD_MS) return wrong(tr`${at} lies in the future.`);
    const degrees = tempC ?? fahrenheitToCelsius(tempF ?? 0);
    const known = byPlace.get(id) ?? [];
    known.push({ atMs: Math.min(atMs, state.nowMs), tempC: degrees });
    byPlace.set(id, known);
  }
  return done(byPlace);
}

/** A place by its id or by its name, however it is written. */
function placeOf(said: string, { places }: ShopState): string | null {
  const wanted = said.toLowerCase();
  const found = places.find(
    ({ id, name }) => id.toLowerCase() === wanted || name.toLowerCase() === wanted,
  );
  return found?.id ?? null;
}

/** The rows of a text, JSON or CSV; null where it is neither. */
function rowsOf(text: string): unknown[] | null {
  const trimmed = text.trim();
  try {
    if (trimmed.startsWith('[')) return JSON.parse(trimmed) as unknown[];
    if (trimmed.startsWith('{')) {
      return trimmed
        .split(/\r?\n/)
        .filter((line) => line.trim() !== '')
        .map((line) => JSON.parse(line) as unknown);
    }
    return parse(trimmed, { columns: true, trim: true, skip_empty_lines: true });
  } catch {
    return null;
  }
}
