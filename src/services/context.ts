import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { openShop, type Db } from '@/data';
import { readClock, type ClockReading } from './clock';

/** What a query or a command works on. Tests make their own. */
export interface ShopContext {
  readonly db: Db;
  readonly clock: () => ClockReading;
  readonly newId: () => string;
}

/** The shop context over an open database. */
export function contextOver(db: Db): ShopContext {
  return { db, clock: () => readClock(db), newId: () => randomUUID() };
}

const holder = globalThis as { olvikContext?: ShopContext };

/** The running application's shop: one connection, opened at the first request. */
export function shopContext(): ShopContext {
  holder.olvikContext ??= contextOver(
    openShop(process.env['OLVIK_DATA'] ?? path.join(process.cwd(), 'data', 'shop')),
  );
  return holder.olvikContext;
}
