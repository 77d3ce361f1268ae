import { listReadings } from '@/data';
import type { ShopContext } from '../context';
import { struckEntries } from '../journal/journal-memory';

/** Those of some instants, UTC ms, at which a place was measured already, by what was not taken back. */
export function knownAt(
  context: ShopContext,
  placeId: string,
  instants: readonly number[],
): ReadonlySet<number> {
  const fromMs = instants.reduce((a, b) => Math.min(a, b), Infinity);
  const toMs = instants.reduce((a, b) => Math.max(a, b), -Infinity) + 1;
  if (!Number.isFinite(fromMs)) return new Set();
  const struck = struckEntries(context);
  return new Set(
    listReadings(context.db, { fromMs, toMs })
      .filter((one) => one.placeId === placeId && !struck.has(one.entryId))
      .map((one) => one.atMs),
  );
}
