import 'server-only';
import { type ClockReading } from '@/shop/clock';
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import {
  clearParts,
  dataFolder,
  holdFolder,
  openShop,
  refuseLostShop,
  shopLanguage,
  type Db,
  type HeldFolder,
} from '@/data';
import { openStreams } from './streams/streams';
import { speak } from '@/words/all-languages';
import { language } from '@/words/speaker';
import { readClock } from './clock';
import { forgetAll } from './remembering';

/** What a query or a command works on. Tests make their own. */
export interface ShopContext {
  readonly db: Db;
  readonly clock: () => ClockReading;
  readonly newId: () => string;
  /** True where long work is done aside, by itself; a test says when. */
  readonly worksAside?: boolean;
}

/** The shop context over an open database. */
export function contextOver(db: Db): ShopContext {
  return { db, clock: () => readClock(db), newId: () => randomUUID() };
}

const holder = globalThis as { olvikContext?: ShopContext; olvikHeld?: HeldFolder };

/** The running application's shop: one connection, opened at the first request. */
export function shopContext(): ShopContext {
  holder.olvikContext ??= { ...contextOver(openOwn()), worksAside: true };
  const context = holder.olvikContext;
  const wanted = shopLanguage(context.db);
  if (wanted !== null && wanted !== language()) {
    speak(wanted);
    // What is remembered was said in the other language.
    forgetAll(context);
  }
  return context;
}

/** A shop as it is, with its clock so much earlier: what was done then and told now is written with its own hour. */
export function asOf(context: ShopContext, earlierMs: number): ShopContext {
  if (earlierMs <= 0) return context;
  const clock = () => {
    const reading = context.clock();
    return { ...reading, nowMs: Math.round(reading.nowMs - earlierMs * reading.rate) };
  };
  return { ...context, clock, worksAside: false };
}

/**
 * Closes the running shop's database, has its file replaced, and opens what stands there now. Nothing else runs between: no
 * request meets a shop that is closed. Streams end, and their pages ask anew.
 * @param place replaces the file; what it throws leaves the shop as it was
 * @param back puts the old file back where the new one can not be opened
 */
export function reopened(context: ShopContext, place: () => void, back: () => void): ShopContext {
  const folder = dataFolder(context.db);
  if (folder === null) throw new Error('A shop in memory has no file to replace.');
  for (const stop of [...openStreams]) stop();
  context.db.close();
  let db: Db | null = null;
  try {
    place();
    db = openShop(folder);
  } catch (error) {
    if (db === null) back();
    holder.olvikContext = { ...contextOver(openShop(folder)), worksAside: true };
    throw error;
  }
  holder.olvikContext = { ...contextOver(db), worksAside: true };
  return holder.olvikContext;
}

/** The shop of this server's data folder, which no other process may write to while it runs. */
function openOwn(): Db {
  const folder = process.env['OLVIK_DATA'] ?? path.join(process.cwd(), 'data', 'shop');
  holder.olvikHeld ??= holdFolder(folder);
  refuseLostShop(folder);
  clearParts(folder);
  return openShop(folder);
}
