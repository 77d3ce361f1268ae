import { type Db } from '@/data';
import { listKeys, maybeKeyOf, noteKeyUse } from '@/data/ways-in';
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

/** The key by which a program asks (`Authorization: Bearer KEY`); null where it has none of that kind. */
export function bearerOf(
  context: ShopContext,
  kind: KeyKind,
  headers: Pick<Headers, 'get'>,
): WayKey | null {
  const secret = /^Bearer ([\w-]{20,80})$/.exec(headers.get('authorization') ?? '')?.[1];
  return secret === undefined ? null : keyOf(context, kind, secret);
}

/** True where keys of a kind are given out. */
export const hasKeys = (context: ShopContext, kind: KeyKind): boolean =>
  listKeys(waysIn(context)).some((key) => key.kind === kind);
