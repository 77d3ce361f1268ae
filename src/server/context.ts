import 'server-only';
import { type ClockReading } from '@/shop/clock';
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { clearParts, holdFolder, openShop, refuseLostShop, type Db, type HeldFolder } from '@/data';
import { readClock } from './clock';

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
