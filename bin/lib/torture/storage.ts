import {
  copyFileSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { MigrationError, openShop } from '@/data';
import { openWaysIn } from '@/data/ways-in';
import { contextOver } from '@/server/context';
import { logNote } from '@/server/scores/score';
import { ensureShop } from '@/server/shop/new-shop';
import { randomOf, triesOf, type Bounds, type Figure } from './figures';

const WHOLE = 600;
const NOTES = 200;
const MIGRATIONS = path.join('src', 'data', 'migrations');

/** Damages what is stored in every way a disk may, and opens it: a clear sentence or a sound shop, never half of one. */
export function storage(bounds: Bounds): Figure {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-storage-'));
  const wrong: string[] = [];
  let tried = 0;
  let refused = 0;
  try {
    const whole = wholeShop(folder);
    const random = randomOf(bounds.seed);
    const tries = triesOf(bounds, WHOLE);
    for (; tried < tries && Date.now() < bounds.untilMs; tried += 1) {
      const said = damaged(whole, path.join(folder, 'one'), random);
      if (said === 'refused') refused += 1;
      else if (said !== 'sound') wrong.push(said);
    }
    const older = everySchema(folder);
    tried += older.tried;
    wrong.push(...older.wrong, ...newer(folder));
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  return {
    what: 'damaged storage',
    tried,
    wrong,
    beside: `${refused} refused in a sentence, the others opened sound`,
  };
}

function wholeShop(folder: string): string {
  const at = path.join(folder, 'whole');
  const db = openShop(at);
  ensureShop(db, 'UTC');
  const context = contextOver(db);
  for (let n = 0; n < NOTES; n += 1) logNote(context, { batch: `note-${n}-of`, text: `n ${n}` });
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.close();
  return path.join(at, 'olvik.sqlite');
}

/** Cuts a database off, writes over some of it, or swaps it for something else; what opening it comes to. */
function damaged(whole: string, folder: string, random: () => number): string {
  rmSync(folder, { recursive: true, force: true });
  openWaysIn(folder).close();
  const file = path.join(folder, 'olvik.sqlite');
  copyFileSync(whole, file);
  const bytes = readFileSync(file);
  const how = random();
  if (how < 0.35) truncateSync(file, Math.floor(random() * bytes.length));
  else if (how < 0.9) {
    const at = Math.floor(random() * bytes.length);
    const length = 1 + Math.floor(random() * 3000);
    for (let i = at; i < Math.min(bytes.length, at + length); i += 1) {
      bytes[i] = Math.floor(random() * 256);
    }
    writeFileSync(file, bytes);
  } else writeFileSync(`${file}-wal`, Buffer.alloc(4000, Math.floor(random() * 256)));
  const before = readFileSync(file);
  return openedOrRefused(folder, before);
}

function openedOrRefused(folder: string, before: Buffer): string {
  try {
    const db = openShop(folder);
    try {
      db.prepare('SELECT count(*) FROM journal').pluck().get();
      return 'sound';
    } catch (error) {
      // Damage deep inside is found by the weekly reading through, and by whoever reads that page.
      return (error as { code?: string }).code?.startsWith('SQLITE_CORRUPT') === true
        ? 'refused'
        : `opened, then: ${String(error)}`;
    } finally {
      db.close();
    }
  } catch (error) {
    if (!(error instanceof MigrationError)) return `not told in words: ${String(error)}`;
    const kept = readFileSync(path.join(folder, 'olvik.sqlite')).equals(before);
    return kept ? 'refused' : 'refused, yet changed';
  }
}

/** Every schema that there was opens, with what it held. */
function everySchema(folder: string): { tried: number; wrong: string[] } {
  const names = readdirSync(MIGRATIONS).sort();
  const wrong = names.flatMap((_, index) => {
    const at = path.join(folder, `schema-${index + 1}`);
    openWaysIn(at).close();
    const db = new Database(path.join(at, 'olvik.sqlite'));
    for (const name of names.slice(0, index + 1)) {
      db.exec(readFileSync(path.join(MIGRATIONS, name), 'utf8'));
    }
    db.pragma(`user_version = ${index + 1}`);
    db.prepare(
      `INSERT INTO journal (id, at_ms, recorded_ms, tense, kind, batch, body)
       VALUES ('e', 1, 1, 'done', 'note', 'b', '{"kind":"note","text":"held"}')`,
    ).run();
    db.close();
    const now = openShop(at);
    const held = now.prepare('SELECT count(*) FROM journal').pluck().get();
    const version = now.pragma('user_version', { simple: true });
    now.close();
    return held === 1 && version === names.length ? [] : [`schema ${index + 1} lost what it held`];
  });
  return { tried: names.length, wrong };
}

/** One of a newer Olvik is refused, and is not touched. */
function newer(folder: string): string[] {
  const at = path.join(folder, 'newer');
  openShop(at).close();
  const db = new Database(path.join(at, 'olvik.sqlite'));
  db.pragma('user_version = 999');
  db.close();
  const said = openedOrRefused(at, readFileSync(path.join(at, 'olvik.sqlite')));
  return said === 'refused' ? [] : [`a newer one: ${said}`];
}
