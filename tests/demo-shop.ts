import { createHash } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { RememberedLessons, RememberedLots } from '@/core/forecast';
import { openShopInMemory, type Db } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { seedDemo } from '@/server/demo/seed';
import { demoCalendar } from '@/server/demo/demo-time';
import { remembering } from '@/server/remembering';

/** Any instant of the week that the demo of the tests stands in. */
export const DEMO_NOW_MS = Date.parse('2026-11-27T05:10:00Z');

const ROOT = path.resolve(__dirname, '..');
const CACHE = path.join(ROOT, 'node_modules', '.cache', 'olvik-demo');
/** What the demo is written by: another line there, another demo. */
const WRITTEN_BY = ['src/core', 'src/shop', 'src/server', 'src/data'];

const LOTS = new RememberedLots();
const LESSONS = new RememberedLessons();

/** Runs and lessons are kept by what they rest on: one demo shop lends them to the next. */
export function withLent(context: ShopContext): ShopContext {
  remembering<RememberedLots>('lots').set(context, LOTS);
  remembering<RememberedLessons>('lessons').set(context, LESSONS);
  return context;
}

/** A demo shop of one's own, in memory: seeded once for all tests, each gets a copy. */
export function demoShop(): { db: Db; startMs: number; context: ShopContext } {
  const db = new Database(demoBytes());
  db.pragma('foreign_keys = ON');
  const { startMs } = demoCalendar(DEMO_NOW_MS);
  return { db, startMs, context: demoContext(db, startMs) };
}

/** A context over a demo shop, with its clock standing at its start. */
export function demoContext(db: Db, nowMs: number): ShopContext {
  return withLent({ ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: true }) });
}

/** The demo shop of {@link DEMO_NOW_MS} as the bytes of its database. */
export function demoBytes(): Buffer {
  const file = path.join(CACHE, `${writtenBy()}.sqlite`);
  if (existsSync(file)) return readFileSync(file);
  const db = openShopInMemory();
  seedDemo(db, DEMO_NOW_MS);
  const bytes = db.serialize();
  mkdirSync(CACHE, { recursive: true });
  // What another demo was is let go; a neighbour may be writing this one at the same time.
  for (const name of readdirSync(CACHE).filter((one) => one.endsWith('.sqlite'))) {
    if (path.join(CACHE, name) !== file) rmSync(path.join(CACHE, name), { force: true });
  }
  const mine = `${file}.${process.pid}`;
  writeFileSync(mine, bytes);
  renameSync(mine, file);
  return bytes;
}

function writtenBy(): string {
  const hash = createHash('sha256');
  for (const folder of WRITTEN_BY) {
    const names = readdirSync(path.join(ROOT, folder), { recursive: true, encoding: 'utf8' });
    for (const name of names
      .filter((one) => /\.(ts|sql)$/.test(one) && !/\.test\.ts$/.test(one))
      .sort()) {
      hash.update(name).update(readFileSync(path.join(ROOT, folder, name)));
    }
  }
  return hash.digest('hex').slice(0, 24);
}
