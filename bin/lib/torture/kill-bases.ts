import { copyFileSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { openShop } from '@/data';
import { archiveText } from '@/server/archive/write-archive';
import { contextOver } from '@/server/context';
import { seedDemo } from '@/server/demo/seed';
import { logNote } from '@/server/scores/score';
import { ensureShop } from '@/server/shop/new-shop';

/** Notes that each shop begins with. */
export const NOTES = 300;
/** The schema that a shop of an earlier version has. */
const OLD_SCHEMA = 12;

/** A shop’s database in its folder. */
export const dbOf = (folder: string): string => path.join(folder, 'olvik.sqlite');

/** What the children start from, made once. */
export interface Bases {
  readonly folder: string;
  readonly shop: string;
  readonly old: string;
  readonly demo: string;
  readonly archive: string;
  readonly newest: number;
}

/** Entries of the bases are recorded before this; what a child writes, after. */
export const BEFORE_MS = Date.UTC(2026, 0, 2);

export function makeBases(): Bases {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-bases-'));
  const shop = path.join(folder, 'shop.sqlite');
  const archive = path.join(folder, 'shop.json');
  const filled = path.join(folder, 'filled');
  const db = openShop(filled);
  ensureShop(db, 'UTC');
  const nowMs = BEFORE_MS - 1;
  const context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  for (let n = 0; n < NOTES; n += 1)
    logNote(context, { batch: `base-${n}-note`, text: `note ${n}` });
  const newest = db.pragma('user_version', { simple: true }) as number;
  writeFileSync(archive, [...archiveText(context)].join(''));
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.close();
  copyFileSync(dbOf(filled), shop);
  return { folder, shop, archive, newest, old: oldShop(folder), demo: demoShop(folder) };
}

/** The demo’s shop on its Friday. */
function demoShop(folder: string): string {
  const at = path.join(folder, 'demo');
  const db = openShop(at);
  seedDemo(db, Date.now());
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.close();
  return dbOf(at);
}

/** A shop as an earlier version wrote it, with entries of its own. */
function oldShop(folder: string): string {
  const file = path.join(folder, 'old.sqlite');
  const db = new Database(file);
  const migrations = path.join('src', 'data', 'migrations');
  for (const name of readdirSync(migrations).sort().slice(0, OLD_SCHEMA)) {
    db.exec(readFileSync(path.join(migrations, name), 'utf8'));
  }
  db.pragma(`user_version = ${OLD_SCHEMA}`);
  const insert = db.prepare(
    `INSERT INTO journal (id, at_ms, recorded_ms, tense, kind, batch, body)
     VALUES (?, ?, ?, 'done', 'note', ?, ?)`,
  );
  for (let n = 0; n < NOTES; n += 1) {
    insert.run(`e-${n}`, n, n, `b-${n}`, JSON.stringify({ kind: 'note', text: `note ${n}` }));
  }
  db.close();
  return file;
}
