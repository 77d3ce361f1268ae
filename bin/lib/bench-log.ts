// What ten years of journal cost: the views and what leaves the shop, against a shop of one month, in one run.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { addEntries, openShop, type Db } from '@/data';
import { archiveText } from '@/server/archive/write-archive';
import { contextOver, type ShopContext } from '@/server/context';
import { lineageOf } from '@/server/lots/lineage';
import { logView } from '@/server/log/log';
import { lotView } from '@/server/lots/lot-view';
import { ensureShop } from '@/server/shop/new-shop';
import { planView } from '@/server/plan/view';
import { bakePage } from '@/server/scores/bake-page';
import { loadShop } from '@/server/shop/load-shop';
import { tideView } from '@/server/tide';
import { daysOfWork, type Written } from '../../tests/fixtures/ten-years';
import { cost } from './cost';

const NOW = Date.parse('2026-11-27T05:10:00Z');
const MONTH_DAYS = 30;
const YEARS_DAYS = 3650;
const TIMES = 7;

interface Measured {
  readonly written: Written;
  /** Milliseconds of each thing. */
  readonly ms: Readonly<Record<string, number>>;
  /** The most memory of the process after all views, MB. */
  readonly rssMb: number;
}

function at(db: Db): ShopContext {
  return { ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 0, demo: false }) };
}

function once(run: () => unknown): number {
  const from = performance.now();
  run();
  return performance.now() - from;
}

let notes = 0;
function note(db: Db): void {
  notes += 1;
  const id = `bench-note-${notes}`;
  const rest = { tense: 'done' as const, batch: id, by: null, bakeId: null, fulfils: null };
  addEntries(db, [
    { id, atMs: NOW, recordedMs: NOW, ...rest, body: { kind: 'note', text: 'A word' } },
  ]);
}

/** A shop of so many days, measured. */
function measured(days: number): Measured {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-years-'));
  const db = openShop(folder);
  ensureShop(db, 'Europe/Oslo');
  const written = daysOfWork(db, NOW, days);
  const last = days - 1;
  const ms: Record<string, number> = {
    'opened for the first time': once(() => loadShop(at(db))),
    'opened again': cost(() => loadShop(at(db)), 3),
  };
  const context = at(db);
  ms['first home view'] = once(() => tideView(context));
  const views: Record<string, () => unknown> = {
    'home view': () => tideView(context),
    'home view after an act': () => {
      note(db);
      return tideView(context);
    },
    'Log, last page': () => logView(context),
    'Log, a word and a number': () => logView(context, { q: `swept ${last - 3}` }),
    'Log, a word in every bake': () => logView(context, { q: 'poolish' }),
    'Log, temperatures': () => logView(context, { part: 'temperatures' }),
    'Log of a lot': () => logView(context, { lot: `P${last}-1` }),
    'a lot': () => lotView(context, `P${last}-1`),
    'a lot’s family': () => lineageOf(context, `B${last}-1`),
    'a bake': () => bakePage(context, `bake-${last}-1`),
    'the first bake of all': () => bakePage(context, 'bake-1-1'),
    Plan: () => planView(context),
  };
  for (const [name, view] of Object.entries(views)) ms[name] = cost(view, TIMES);
  const rssMb = process.memoryUsage().rss / 1e6;
  let characters = 0;
  ms['archive'] = once(() => {
    for (const part of archiveText(context)) characters += part.length;
  });
  ms['archive, ms a MB'] = ms['archive'] / (characters / 1e6);
  db.close();
  rmSync(folder, { recursive: true });
  return { written, ms, rssMb };
}

/** Ten years over one month, ratio by ratio. */
export function logBench(): Record<string, number | string> {
  const month = measured(MONTH_DAYS);
  const years = measured(YEARS_DAYS);
  const round = (value: number) => Math.round(value * 100) / 100;
  const ratios = Object.fromEntries(
    Object.entries(years.ms).map(([name, ms]) => [
      `${name}, ten years over a month`,
      round(ms / (month.ms[name] ?? NaN)),
    ]),
  );
  return {
    'entries of ten years': years.written.entries,
    'readings of ten years': years.written.readings,
    'entries of a month': month.written.entries,
    ...ratios,
    'memory after all views, ten years over a month': round(years.rssMb / month.rssMb),
    'home view after an act, ten years, ms (this machine)': round(
      years.ms['home view after an act'] ?? NaN,
    ),
    'opened for the first time, ten years, ms (this machine)': round(
      years.ms['opened for the first time'] ?? NaN,
    ),
  };
}
