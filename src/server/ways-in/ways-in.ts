import { createHash, randomBytes, randomInt } from 'node:crypto';
import { dataFolder, type Db } from '@/data';
import { openWaysIn, personHere } from '@/data/ways-in';
import type { ShopContext } from '../context';

const holder = globalThis as { olvikWaysIn?: WeakMap<Db, Db> };

/** What says who may come into a shop: one connection for each. */
export function waysIn({ db }: ShopContext): Db {
  holder.olvikWaysIn ??= new WeakMap();
  const known = holder.olvikWaysIn.get(db) ?? openWaysIn(dataFolder(db));
  holder.olvikWaysIn.set(db, known);
  return known;
}

/** Who is at the machine that Olvik runs on; null: everybody, or where the shop can not be opened. */
export function whoHere(context: () => ShopContext): string | null {
  try {
    return personHere(waysIn(context()));
  } catch {
    return null;
  }
}

/** What is kept of a secret: enough to know it again, not to say it. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** A secret that is not to be guessed. */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** Six digits to be typed. */
export const newCode = (): string => String(randomInt(0, 1_000_000)).padStart(6, '0');
