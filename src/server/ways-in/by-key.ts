import { type Db } from '@/data';
import { maybeKeyOf, noteKeyUse } from '@/data/ways-in';
import type { KeyKind, WayKey } from '@/shop/kept/device';
import type { ShopContext } from '../context';
import { hashOf, waysIn } from './ways-in';

/** A use is noted once in so many ms. */
const NOTED_MS = 60_000;

/** The key of a secret that was given out and not taken back; null for any other. Its use is noted. */
export function keyOf(context: ShopContext, kind: KeyKind, secret: string): WayKey | null {
  const db: Db = waysIn(context);
  const key = maybeKeyOf(db, kind, hashOf(secret));
  const nowMs = Date.now();
  if (key !== null && nowMs - (key.usedMs ?? 0) > NOTED_MS) noteKeyUse(db, key.id, nowMs);
  return key;
}
