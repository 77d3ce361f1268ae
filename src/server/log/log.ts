import { dayWords } from './day-words';
import type { SaidUnits } from '@/shop/sentence-in-units';
import type { Entry } from '@/core/journal';
import { z } from '@/core/parse';
import { fromLocalText, MS_PER_HOUR, type ShopUnits, unitsOf } from '@/core/units';
import {
  listBakeNames,
  listBatch,
  listFoundBatches,
  listLotNames,
  oneShop,
  type FoundBatch,
} from '@/data';
import type { ShopContext } from '../context';
import { discardedByWeek, type DiscardedWeek } from './discarded';
import { entriesThatDoNotCount, struckByAll } from './log-marks';
import { type LogRow, type Marks, lotsNamed, rowOf } from './log-row';

/** What of the journal is shown. */
export const LOG_PARTS = {
  everything: {},
  'what was done': {
    tense: 'done',
    kinds: [
      'make',
      'add',
      'work',
      'move',
      'divide',
      'split',
      'use',
      'discard',
      'light',
      'soak',
      'do',
      'aim',
    ],
  },
  looks: { kinds: ['look'] },
  'scores and notes': { kinds: ['score', 'note'] },
  temperatures: { kinds: ['reading'] },
  plans: { tense: 'planned' },
} as const satisfies Readonly<
  Record<string, { tense?: Entry['tense']; kinds?: readonly Entry['body']['kind'][] }>
>;
export type LogPart = keyof typeof LOG_PARTS;
const PARTS = Object.keys(LOG_PARTS) as [LogPart, ...LogPart[]];

const day = z.iso.date();

/** What the Log is asked for, from its address; what can not be read is left out. */
const searchSchema = z.object({
  q: z.string().trim().max(120).optional().catch(undefined),
  part: z.enum(PARTS).optional().catch(undefined),
  lot: z.string().min(1).max(80).optional().catch(undefined),
  by: z.string().min(1).max(60).optional().catch(undefined),
  from: day.optional().catch(undefined),
  to: day.optional().catch(undefined),
  /** Where the page before ended: an instant and the number of an entry. */
  before: z
    .string()
    .regex(/^\d{1,15}-\d{1,12}$/)
    .optional()
    .catch(undefined),
});
export type LogSearch = z.output<typeof searchSchema>;

/** The Log: what was written, the newest first. */
export interface LogView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly search: LogSearch;
  readonly rows: readonly LogRow[];
  /** Where the next page begins; null on the last. */
  readonly olderBefore: string | null;
  readonly people: readonly string[];
  /** Flour thrown away and set aside, week by week. */
  readonly weeks: readonly DiscardedWeek[];
}

/** Rows the Log shows at once. */
const ROWS = 100;
const DAY_MS = 24 * MS_PER_HOUR;

/** The journal by batch, the newest first: all of it, or what answers a search. */
export function logView(context: ShopContext, asked: unknown = {}): LogView {
  const shop = oneShop(context.db);
  const search = searchSchema.parse(asked);
  const { timeZone } = shop;
  const part = LOG_PARTS[search.part ?? 'everything'];
  const words = (search.q ?? '').split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word));
  const query = {
    ...part,
    ...defined({
      lotId: search.lot,
      by: search.by,
      before: placeOf(search.before),
      fromMs: search.from && fromLocalText(`${search.from}T00:00`, timeZone),
      toMs: search.to && fromLocalText(`${search.to}T00:00`, timeZone) + DAY_MS,
    }),
    limit: ROWS + 1,
  };
  const { isNamed, others } = dayWords(words, context.clock().nowMs, timeZone);
  const byWords = listFoundBatches(context.db, { ...query, words });
  // A word that names a day finds what stands on it, beside what says the word.
  const found =
    isNamed === null
      ? byWords
      : together(
          byWords,
          listFoundBatches(context.db, { ...query, words: others, stands: isNamed }),
        );
  return {
    units: unitsOf(shop),
    nowMs: context.clock().nowMs,
    search,
    rows: rowsOf(
      context,
      found.slice(0, ROWS).map((one) => one.batch),
      shop,
    ),
    olderBefore: olderOf(found),
    people: shop.people,
    weeks: orNone(() => discardedByWeek(context)),
  };
}

/** The journal is shown and can be taken back whatever stands in it: what is only told beside it may fail. */
function orNone<T>(tell: () => readonly T[]): readonly T[] {
  try {
    return tell();
  } catch {
    return [];
  }
}

/** Two findings as one, the newest first, as many as a page and the one after it. */
function together(a: readonly FoundBatch[], b: readonly FoundBatch[]): FoundBatch[] {
  const byBatch = new Map([...a, ...b].map((one) => [one.batch, one]));
  return [...byBatch.values()]
    .sort((x, y) => y.standsMs - x.standsMs || y.seq - x.seq)
    .slice(0, ROWS + 1);
}

function placeOf(text: string | undefined) {
  const [standsMs, seq] = (text ?? '').split('-').map(Number);
  return text === undefined || standsMs === undefined || seq === undefined
    ? undefined
    : { standsMs, seq };
}

function olderOf(found: readonly FoundBatch[]): string | null {
  const last = found[ROWS - 1];
  return found.length <= ROWS || last === undefined ? null : `${last.standsMs}-${last.seq}`;
}

/** An object without what is undefined. */
function defined<T extends object>(all: T): { [K in keyof T]?: Exclude<T[K], undefined | ''> } {
  return Object.fromEntries(
    Object.entries(all).filter(([, value]) => value !== undefined && value !== ''),
  ) as { [K in keyof T]?: Exclude<T[K], undefined | ''> };
}

/** Batches of the journal as rows, said in the units of the shop, or in grams and °C where none are given. */
export function rowsOf(
  context: ShopContext,
  ids: readonly string[],
  units: SaidUnits | null = null,
): LogRow[] {
  const batches = ids.map((batch) => listBatch(context.db, batch));
  const marks: Marks = { struck: struckByAll(context.db), not: entriesThatDoNotCount(context) };
  const lotIds = batches.flatMap((batch) => batch.flatMap(({ body }) => lotsNamed(body)));
  const names = listLotNames(context.db, [...new Set(lotIds)]);
  const bakeIds = batches.flatMap((batch) => batch.slice(0, 1).flatMap((one) => one.bakeId ?? []));
  const bakes = listBakeNames(context.db, bakeIds);
  return batches.map((batch) => rowOf(batch, marks, { names, bakes, units }));
}
