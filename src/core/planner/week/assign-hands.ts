import { MS_PER_HOUR } from '../../units';
import { shiftsAround, type Span } from '../working-hours';
import type { Kitchen } from './kitchen';
import type { HandsNeed } from './needs';

/** Moments with who does them, and those that nobody can do. */
export interface Assigned {
  readonly hands: readonly HandsNeed[];
  readonly unmet: readonly {
    readonly need: HandsNeed;
    /** Nobody is in, or everybody who is in has something else to do. */
    readonly why: 'nobody in' | 'hands full';
  }[];
}

/**
 * Gives every moment one pair of hands that is in and free for all of it. In order of time, to whoever was last at it,
 * else to whoever has done least; what was given before stays.
 */
export function assignHands(needs: readonly HandsNeed[], kitchen: Kitchen): Assigned {
  const inOrder = [...needs].sort(
    (a, b) => Number(b.fixed ?? false) - Number(a.fixed ?? false) || a.fromMs - b.fromMs,
  );
  const present = presence(kitchen, needs);
  const busy = new Map<string, Span[]>(kitchen.people.map((who) => [who, []]));
  const minutes = new Map<string, number>();
  const hands: HandsNeed[] = [];
  const unmet: Assigned['unmet'][number][] = [];
  for (const need of inOrder) {
    const taken = need.fixed === true && need.who !== null ? need.who : null;
    const here = kitchen.people.filter((who) => present(who, need));
    const free = here.filter((who) => isFree(busy.get(who) ?? [], need));
    const who = taken ?? leastDone(free, need.who, minutes);
    if (who === null) {
      unmet.push({ need, why: here.length === 0 ? 'nobody in' : 'hands full' });
      hands.push(need);
      continue;
    }
    busy.set(who, [...(busy.get(who) ?? []), need]);
    minutes.set(who, (minutes.get(who) ?? 0) + need.toMs - need.fromMs);
    hands.push({ ...need, who });
  }
  return { hands, unmet };
}

function leastDone(
  free: readonly string[],
  before: string | null,
  minutes: ReadonlyMap<string, number>,
): string | null {
  if (before !== null && free.includes(before)) return before;
  const by = [...free].sort((a, b) => (minutes.get(a) ?? 0) - (minutes.get(b) ?? 0));
  return by[0] ?? null;
}

const isFree = (spans: readonly Span[], need: Span) =>
  spans.every((one) => one.toMs <= need.fromMs || one.fromMs >= need.toMs);

/** Whether somebody is in for all of a moment. */
function presence(kitchen: Kitchen, needs: readonly Span[]): (who: string, need: Span) => boolean {
  if (needs.length === 0) return () => false;
  const fromMs = Math.min(...needs.map((one) => one.fromMs));
  const toMs = Math.max(...needs.map((one) => one.toMs));
  const days = Math.ceil((toMs - fromMs) / (24 * MS_PER_HOUR)) + 1;
  const shifts = shiftsAround(fromMs, days, kitchen.hours, kitchen.timeZone);
  return (who, need) =>
    shifts.some(
      (shift) =>
        (shift.who === null || shift.who === who) &&
        shift.fromMs <= need.fromMs &&
        shift.toMs >= need.toMs,
    );
}
