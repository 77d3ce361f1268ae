// The home view as the served application answers it: an empty shop against one with three years of daily feeds.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { addEntries, openShop, type Db } from '@/data';
import { ensureShop } from '@/server/shop/new-shop';
import { openAt } from './served';

const NOW = Date.parse('2026-11-27T05:10:00Z');
const DAY_MS = 86_400_000;
const YEARS_DAYS = 3 * 365;
const ANSWERS = 25;

/** Feeds of one starter, one a day, with a look at every third. */
function years(db: Db): void {
  for (let day = 0; day < YEARS_DAYS; day += 1) {
    const atMs = NOW - (YEARS_DAYS - day) * DAY_MS;
    const base = {
      recordedMs: atMs,
      tense: 'done' as const,
      batch: `batch-of-day-${day}`,
      by: null,
      bakeId: null,
      fulfils: null,
    };
    const feed = {
      kind: 'make' as const,
      lotId: `S${day}`,
      lotKind: 'starter' as const,
      name: 'Starter',
      cultureId: 'starter',
      ingredients: [
        { ingredientId: 'flour-00', massG: 80 },
        { ingredientId: 'water', massG: 80 },
      ],
      portions: day === 0 ? [] : [{ lotId: `S${day - 1}`, massG: 20 }],
      placeId: 'bench',
      startC: 21,
      gasKept: 0,
    };
    const rest = { kind: 'discard' as const, lotId: `S${day - 1}`, massG: day === 1 ? 140 : 160 };
    const look = { kind: 'look' as const, lotId: `S${day}`, signs: { rise: 2.2 } };
    addEntries(db, [
      { ...base, id: `feed-${day}`, atMs, body: feed },
      ...(day === 0 ? [] : [{ ...base, id: `rest-${day}`, atMs, body: rest }]),
      ...(day % 3 === 0
        ? [{ ...base, id: `look-${day}`, atMs: atMs + 8 * 3_600_000, body: look }]
        : []),
    ]);
  }
}

interface Answered {
  /** From the start to "Olvik is open", ms. */
  readonly openMs: number;
  /** The first answer after that, and the middle one of {@link ANSWERS}, ms. */
  readonly firstMs: number;
  readonly middleMs: number;
}

/** Serves a shop and asks for its home view. */
async function answered(fill: (db: Db) => void): Promise<Answered> {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-bench-'));
  const db = openShop(folder);
  ensureShop(db, 'Europe/Oslo');
  fill(db);
  db.close();
  const startedMs = performance.now();
  const open = await openAt('own', folder, new Date(NOW).toISOString());
  const openMs = performance.now() - startedMs;
  const times: number[] = [];
  for (let i = 0; i < ANSWERS; i += 1) {
    const fromMs = performance.now();
    await (await fetch(`${open.url}/`)).text();
    times.push(performance.now() - fromMs);
  }
  await open.stop();
  rmSync(folder, { recursive: true });
  const middleMs = [...times].sort((a, b) => a - b)[ANSWERS >> 1] as number;
  return { openMs, firstMs: times[0] as number, middleMs };
}

/** The first home view after the start with three years of feeds over an empty shop's; needs a built application. */
export async function firstViews(): Promise<Record<string, number>> {
  const empty = await answered(() => {});
  const old = await answered(years);
  const round = (value: number) => Math.round(value * 100) / 100;
  return {
    'until open, three years of feeds over an empty shop': round(old.openMs / empty.openMs),
    'first view, empty shop, ms (this machine)': round(empty.firstMs),
    'first view, three years of feeds over an empty shop': round(old.firstMs / empty.firstMs),
    'any view, three years of feeds over an empty shop': round(old.middleMs / empty.middleMs),
  };
}
