import type { Ripeness } from './kinds';

/** The instants between which a lot is young, prime and late, UTC ms; null where it never gets there. */
export interface RipenessInstants {
  readonly youngMs: number | null;
  readonly primeMs: number | null;
  readonly closesMs: number | null;
  readonly pastMs: number | null;
}

/** What a lot is at an instant. */
export function ripenessAt(window: RipenessInstants, atMs: number): Ripeness {
  const { youngMs, primeMs, closesMs, pastMs } = window;
  const by = (momentMs: number | null) => momentMs !== null && momentMs <= atMs;
  if (by(pastMs)) return 'past';
  if (by(closesMs)) return 'late';
  if (by(primeMs)) return 'prime';
  return by(youngMs) ? 'young' : 'not yet';
}
