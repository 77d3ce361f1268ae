import { isSameHour } from '@/core/planner/hour-of';
import type { HourOf, MethodRequest } from '@/core/planner';
import type { Ladder } from './ladder';

/** Hours that a baker holds in a plan before it is taken, UTC ms. */
export type HeldHours = MethodRequest['held'];

/** A plan as it was found, and the hours of it that are held. */
export interface HeldPlan {
  readonly take: Ladder['take'];
  readonly held: HeldHours;
}

/**
 * The hours held with one more: a rung dragged or typed to an hour. What is counted from the mix or from a leaven holds that
 * where it stands, too.
 */
export function heldWith(
  held: HeldHours,
  of: HourOf,
  atMs: number,
  take: Pick<Ladder['take'], 'mixAtMs' | 'leavenAtMs'>,
): HeldHours {
  if (of.kind === 'mix') return { ...held, mixAtMs: atMs };
  if (of.kind === 'leaven') {
    return { ...held, leavenAtMs: { ...held.leavenAtMs, [of.leavenId]: atMs } };
  }
  const others = (held.hours ?? []).filter((one) => !isSameHour(one.of, of));
  const more = { ...held, hours: [...others, { of, atMs }] };
  if (of.kind === 'leaven stay' || of.kind === 'feed') {
    return { ...more, leavenAtMs: { ...take.leavenAtMs, ...held.leavenAtMs } };
  }
  // The balls, and what they come out of, may take the mix along.
  if (of.kind === 'ball' || of.kind === 'balls stay') return more;
  return { ...more, mixAtMs: held.mixAtMs ?? take.mixAtMs };
}
