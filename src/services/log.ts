import { struckIds, type Entry, type LookSigns } from '@/core/journal';
import type { ShopUnits } from '@/core/units';
import { oneShop } from '@/data';
import type { ShopContext } from './context';
import { discardedByWeek, type DiscardedWeek } from './discarded';
import { journalEntries } from './journal-memory';
import { PROBE } from './readings';
import { signWords } from './sign-words';

/** A batch of the journal as the Log shows it. */
export interface LogRow {
  readonly batch: string;
  readonly atMs: number;
  readonly recordedMs: number;
  readonly tense: 'planned' | 'done';
  readonly says: string;
  readonly by: string | null;
  readonly lotId: string | null;
  /** True when everything it wrote was taken back. */
  readonly struck: boolean;
}

/** The Log: what was written, the newest first. */
export interface LogView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly rows: readonly LogRow[];
  readonly total: number;
  /** Flour thrown away and set aside, week by week. */
  readonly weeks: readonly DiscardedWeek[];
}

/** Rows the Log shows at once. */
const ROWS = 200;

/** The journal by batch, the newest first. */
export function logView(context: ShopContext): LogView {
  const shop = oneShop(context.db);
  const entries = journalEntries(context);
  const struck = struckIds(entries);
  const names = lotNames(entries);
  const batches = new Map<string, Entry[]>();
  for (const entry of entries) {
    // A probe reads six times an hour: its readings are the place’s, not the journal’s to read.
    if (entry.body.kind === 'reading' && entry.by === PROBE) continue;
    const batch = batches.get(entry.batch);
    if (batch === undefined) batches.set(entry.batch, [entry]);
    else batch.push(entry);
  }
  const rows = [...batches.values()].reverse().map((batch) => rowOf(batch, struck, names));
  return {
    units: { timeZone: shop.timeZone, massUnit: shop.massUnit, tempUnit: shop.tempUnit },
    nowMs: context.clock().nowMs,
    rows: rows.slice(0, ROWS),
    total: rows.length,
    weeks: discardedByWeek(context),
  };
}

function lotNames(entries: readonly Entry[]): Map<string, string> {
  const names = new Map<string, string>();
  for (const { body } of entries) {
    const act = body.kind === 'replace' ? body.act : body;
    if (act.kind === 'make') names.set(act.lotId, act.name);
    if (act.kind === 'split') names.set(act.partLotId, act.name);
    if (act.kind === 'divide') names.set(act.ballsLotId, act.name);
  }
  return names;
}

function rowOf(
  batch: readonly Entry[],
  struck: ReadonlySet<string>,
  names: ReadonlyMap<string, string>,
): LogRow {
  const first = batch[0] as Entry;
  return {
    batch: first.batch,
    atMs: first.atMs,
    recordedMs: first.recordedMs,
    tense: first.tense,
    says: saysOf(batch, names),
    by: first.by,
    lotId: 'lotId' in first.body ? first.body.lotId : null,
    struck: batch.every((entry) => struck.has(entry.id)),
  };
}

function saysOf(batch: readonly Entry[], names: ReadonlyMap<string, string>): string {
  const first = batch[0] as Entry;
  const { body } = first;
  const name = (lotId: string) => names.get(lotId) ?? lotId;
  if (first.tense === 'planned' && batch.length > 1 && body.kind === 'make') {
    return `Planned ${body.name.replace(/ poolish$/, '')}: ${batch.length} steps`;
  }
  return body.kind === 'make' && first.tense === 'planned'
    ? `Planned: make ${body.name}`
    : bodySays(body, name);
}

type Says<K extends Entry['body']['kind']> = (
  body: Extract<Entry['body'], { kind: K }>,
  name: (lotId: string) => string,
) => string;

/** Each kind of entry in the trade’s words. */
const SAYS: { readonly [K in Entry['body']['kind']]: Says<K> } = {
  make: (body) => `Made ${body.name}`,
  divide: (body) => `Balled ${body.count} × ${body.ballG} g, ${body.name}`,
  split: (body, name) => `Took ${Math.round(body.massG)} g of ${name(body.lotId)} as ${body.name}`,
  use: (body, name) => `Baked ${body.count}, ${name(body.lotId)}`,
  move: (body, name) => `Moved ${name(body.lotId)}`,
  look: (body, name) => `Looked at ${name(body.lotId)}: ${signsText(body.signs)}`,
  work: (body, name) => `${body.act}: ${name(body.lotId)}`,
  add: (body, name) => `Added to ${name(body.lotId)}`,
  discard: (body, name) => `Discarded ${Math.round(body.massG)} g of ${name(body.lotId)}`,
  aim: (body, name) =>
    body.targetRise === null
      ? `${name(body.lotId)}: target as the table has it`
      : `${name(body.lotId)}: target ×${body.targetRise}`,
  light: (body) => `Lit ${body.oven}`,
  reading: (body, name) => `Measured ${body.tempC} °C, ${name(body.placeId)}`,
  strike: () => 'Took back an entry',
  replace: () => 'Moved planned steps',
  withdraw: (body) =>
    body.reason === undefined ? 'Withdrew planned steps' : `Skipped a step: ${body.reason}`,
};

function bodySays(body: Entry['body'], name: (lotId: string) => string): string {
  return (SAYS[body.kind] as Says<typeof body.kind>)(body as never, name);
}

function signsText({ rise, ...signs }: LookSigns): string {
  return [...(rise === undefined ? [] : [`×${rise}`]), ...signWords(signs)].join(', ');
}
