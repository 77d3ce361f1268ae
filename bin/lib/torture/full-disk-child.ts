import { randomBytes, randomUUID } from 'node:crypto';
import {
  mkdirSync,
  readdirSync,
  rmSync,
  statfsSync,
  statSync,
  truncateSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';
import { listBackups, openShop } from '@/data';
import { keepBackup } from '@/server/backups/backups';
import { restoreShop } from '@/server/backups/restore';
import { command } from '@/server/commands/command';
import { contextOver, type ShopContext } from '@/server/context';
import { keepPhoto } from '@/server/scores/photos';
import { ensureShop } from '@/server/shop/new-shop';
import type { Outcome } from '@/shop/outcome';
import { damageOf } from './soundness';

const PAGE = 4096;
const say = (line: string) => void writeSync(1, `${line}\n`);
const holder = globalThis as { olvikContext?: ShopContext };

/** Fills a small disk to its last byte, and tries to write everything to it; then makes room, and tries again. */
export async function onFullDisk(disk: string): Promise<void> {
  const folder = path.join(disk, 'shop');
  mkdirSync(folder, { recursive: true });
  const context = contextOver(openShop(folder));
  holder.olvikContext = context;
  ensureShop(context.db, 'UTC');
  const early = await keepBackup(context, Date.UTC(2026, 0, 1));
  if (!early.ok) say(`wrong: no back-up with room: ${JSON.stringify(early.refusals)}`);
  const stored: string[] = [];
  await writeUntilRefused(context, disk, stored);
  for (const [what, act] of Object.entries(trials(context, folder))) {
    refusedInWords(what, await act().catch((error: unknown) => error));
  }
  const left = readdirSync(path.join(folder, 'backups')).filter((one) => one.endsWith('.part'));
  if (left.length > 0) say(`wrong: half a back-up is left: ${left.join(', ')}`);
  rmSync(path.join(disk, 'ballast'), { force: true });
  const again = await note(holder.olvikContext, 'with room again');
  if (!again.ok) say(`wrong: with room again: ${JSON.stringify(again.refusals)}`);
  const { db } = holder.olvikContext;
  const entry = db.prepare('SELECT count(*) FROM journal WHERE batch = ?').pluck();
  const lost = stored.filter((id) => entry.get(id) !== 1);
  if (lost.length > 0) say(`wrong: ${lost.length} of ${stored.length} that were stored are lost`);
  db.close();
  const damage = damageOf(path.join(folder, 'olvik.sqlite'));
  if (damage !== null) say(`wrong: ${damage}`);
  say(`stored ${stored.length}`);
}

async function note(context: ShopContext, text: string): Promise<Outcome<unknown>> {
  const id = randomUUID();
  return command(context, { name: 'logNote', args: [{ batch: id, text }], id });
}

/** Notes until the disk has no room for one; what was confirmed is added. */
async function writeUntilRefused(
  context: ShopContext,
  disk: string,
  stored: string[],
): Promise<void> {
  for (let n = 0; n < 20_000; n += 1) {
    // A file of its own takes most of the room: the database meets the end of the disk at any page of its own.
    if (n === 20) fill(path.join(disk, 'ballast'));
    const id = randomUUID();
    const form = { batch: id, text: randomBytes(290).toString('hex') };
    const outcome = await command(context, { name: 'logNote', args: [form], id });
    if (!outcome.ok) return refusedInWords('a note', outcome);
    stored.push(id);
  }
  say('wrong: the disk was never full');
}

function fill(file: string): void {
  for (let size = 64 * PAGE; size >= PAGE; size /= 2) {
    try {
      for (;;) writeFileSync(file, Buffer.alloc(size), { flag: 'a' });
    } catch {
      // The next smaller piece may fit yet.
    }
  }
  // Some pages are left: by the size of the disk the database ends in the middle of another page of its own.
  const leftPages = statfsSync(path.dirname(file)).blocks % 41;
  truncateSync(file, Math.max(0, statSync(file).size - leftPages * PAGE));
}

const trials = (
  context: ShopContext,
  folder: string,
): Readonly<Record<string, () => Promise<Outcome<unknown>>>> => ({
  'a note': () => note(context, randomBytes(290).toString('hex')),
  'a back-up': () => keepBackup(context, Date.UTC(2026, 0, 2)),
  'a photo': async () => {
    const noise = { width: 900, height: 700, channels: 3 } as const;
    const raw = randomBytes(900 * 700 * 3);
    return keepPhoto(context, await sharp(raw, { raw: noise }).jpeg().toBuffer());
  },
  'a restore': () =>
    restoreShop(context, { name: listBackups(folder)[0]?.name }, Date.UTC(2026, 0, 3)),
});

/** A full disk is said to be full; anything else is no answer. */
function refusedInWords(what: string, outcome: unknown): void {
  const { ok, refusals } = outcome as Partial<{ ok: boolean; refusals: { sentence: string }[] }>;
  const says = refusals?.[0]?.sentence ?? String(outcome);
  if (ok === false && says.startsWith('Disk: it is full')) say(`refused ${what}`);
  else say(`wrong: ${what} on a full disk: ${ok === true ? 'done' : says.slice(0, 160)}`);
}
