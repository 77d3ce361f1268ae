import { tr, word } from '@/words/tr';
import { numberField, z } from '@/core/parse';
import { MS_PER_MINUTE } from '@/core/units';

import type { ShopContext } from '../context';
import { PROBE } from '../journal/whose';
import { batchOf, writeEntries } from '../journal/entries';
import { doneAt } from '../journal/done-at';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from './load-shop';

const READING_RULE = { name: word('Reading'), unit: '°C', min: -40, max: 60 } as const;

const readingFormSchema = z.object({
  placeId: z.string().min(1, { error: () => tr`Place: choose one of the shop’s places.` }),
  batch: z.string().min(8).max(80),
  at: z.string().nullish(),
  by: z.string().max(60).nullish(),
  tempC: numberField(READING_RULE),
});

/** Writes a temperature that was measured in a place, and says what the place is now taken to be. */
export function logReading(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; offsetC: number }> {
  const parsed = parseForm(readingFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { placeId, tempC, batch, by } = parsed.value;
    if (!state.placeMap.has(placeId)) {
      return refused('placeId', tr`Place: “${placeId}” is not in the shop.`);
    }
    const at = doneAt(parsed.value.at, state);
    if (!at.ok) return at;
    const body = { kind: 'reading' as const, placeId, tempC };
    writeEntries(
      context,
      batchOf(context, batch, [{ atMs: at.value, tense: 'done', body, by: by ?? null }]),
    );
    const offsetC = loadShop(context).learned.offsets.get(placeId)?.mean ?? 0;
    return done({ batch, offsetC });
  });
}

/** A probe’s series, as an adapter hands it over. */
export interface ProbeSeries {
  readonly placeId: string;
  readonly readings: readonly { readonly atMs: number; readonly tempC: number }[];
}

/** Least time between two readings of a probe that are kept. */
export const PROBE_STEP_MS = 10 * MS_PER_MINUTE;

/** Writes a probe’s series as one batch, thinned to a reading every ten minutes; what is out of range is refused whole. */
export function logProbeSeries(
  context: ShopContext,
  series: ProbeSeries,
): Outcome<{ batch: string; kept: number }> {
  return refusing(() => {
    const state = loadShop(context);
    if (!state.placeMap.has(series.placeId)) {
      return refused('placeId', tr`Place: “${series.placeId}” is not in the shop.`);
    }
    const bad = series.readings.findIndex(
      ({ atMs, tempC }) => !(tempC >= READING_RULE.min && tempC <= READING_RULE.max && atMs > 0),
    );
    if (bad >= 0) {
      const value = series.readings[bad]?.tempC;
      return refused(
        'readings',
        tr`Reading ${bad + 1}: ${value} °C is not possible. Allowed: −40 to 60 °C. Nothing was stored.`,
      );
    }
    let lastMs = -Infinity;
    const kept = [...series.readings]
      .sort((a, b) => a.atMs - b.atMs)
      .filter(({ atMs }) => {
        if (atMs - lastMs < PROBE_STEP_MS) return false;
        lastMs = atMs;
        return true;
      });
    const batch = context.newId();
    const drafts = kept.map(({ atMs, tempC }) => ({
      atMs,
      tense: 'done' as const,
      by: PROBE,
      body: { kind: 'reading' as const, placeId: series.placeId, tempC },
    }));
    writeEntries(context, batchOf(context, batch, drafts));
    return done({ batch, kept: kept.length });
  });
}
