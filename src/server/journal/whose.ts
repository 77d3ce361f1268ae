import { tr } from '@/words/tr';
import { DomainError } from '@/core/units';
import type { Entry } from '@/core/journal';
import { maybeOneShop } from '@/data';
import type { ShopContext } from '../context';
import { asking } from '../ways-in/who';

/** Whose readings are that a logger kept and a file brought in. */
export const LOGGER = 'logger';
/** Whose readings are that a probe sent. */
export const PROBE = 'probe';

/**
 * Refuses what somebody is said to have done who does not work here: a name that was mistyped, or has left since.
 * @throws {DomainError} person-unknown
 */
export function refuseStrangers({ db }: ShopContext, entries: readonly Entry[]): void {
  const people = maybeOneShop(db)?.people ?? [];
  const known = new Set([...people, LOGGER, PROBE, asking.getStore()?.person]);
  const stranger = entries.find(
    ({ tense, by }) => tense === 'done' && by !== null && !known.has(by),
  );
  if (stranger === undefined) return;
  const allowed = people.length === 0 ? tr`everybody` : tr`everybody, ${people.join(', ')}`;
  throw new DomainError(
    'person-unknown',
    tr`By: “${stranger.by ?? ''}” does not work here. Allowed: ${allowed}. Nothing was stored.`,
    { by: stranger.by },
  );
}
