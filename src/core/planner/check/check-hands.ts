import { tr, trOf } from '@/words/tr';
import { MS_PER_HOUR, wallTime } from '../../units';
import type { HandsNeed, Kitchen } from '../week';
import { MINUTE_MS, type CheckedPlan } from './checked-plan';

/** Every act has a moment of somebody’s hands, services too. */
export function checkHandsFound({ steps, hands }: CheckedPlan): string[] {
  return steps.flatMap(({ atMs, act }) => {
    const moment = hands.find((one) =>
      act.kind === 'use'
        ? one.fromMs <= atMs && act.untilMs <= one.toMs
        : Math.abs(one.fromMs - atMs) < MINUTE_MS,
    );
    return moment === undefined ? [tr`nobody does the ${trOf(act.kind)}`] : [];
  });
}

/** Nobody is in two places at once, and everybody is in when they have something to do. */
export function checkHands(plans: readonly CheckedPlan[], kitchen: Kitchen): string[] {
  const all = plans.flatMap((plan) => plan.hands);
  const away = all.flatMap((one) =>
    one.who === null
      ? [tr`${one.what} has nobody`]
      : isIn(one.who, one.fromMs, kitchen) && isIn(one.who, one.toMs, kitchen)
        ? []
        : [tr`${one.who} is not in for ${one.what}`],
  );
  const beside = (one: HandsNeed, other: HandsNeed) =>
    isServing(one, plans) &&
    isBoxMove(other, plans) &&
    one.fromMs <= other.fromMs &&
    other.toMs <= one.toMs;
  const twice = all.flatMap((one, i) =>
    all
      .slice(i + 1)
      .filter(
        (other) => other.who === one.who && other.fromMs < one.toMs && one.fromMs < other.toMs,
      )
      .filter((other) => !beside(one, other) && !beside(other, one))
      .map((other) => tr`${one.who} does ${one.what} and ${other.what} at once`),
  );
  return [...away, ...twice];
}

/** Somebody serves while balls are used up from its start, or from somewhere within it. */
function isServing(moment: HandsNeed, plans: readonly CheckedPlan[]): boolean {
  return plans.some(({ steps, demand }) =>
    steps.some(
      ({ atMs, act }) =>
        demand.id === moment.demandId &&
        act.kind === 'use' &&
        moment.fromMs <= atMs &&
        act.untilMs <= moment.toMs,
    ),
  );
}

/** Boxes that are carried to another place, and nothing else at that instant. */
function isBoxMove(moment: HandsNeed, plans: readonly CheckedPlan[]): boolean {
  const own = plans.find((plan) => plan.demand.id === moment.demandId);
  const steps = own?.steps ?? [];
  const boxed = new Set(steps.map(({ act }) => (act.kind === 'use' ? act.lotId : null)));
  const now = steps.filter(({ atMs }) => Math.abs(atMs - moment.fromMs) < MINUTE_MS);
  const moves = now.filter(({ act }) => act.kind === 'move' && boxed.has(act.lotId));
  return moves.length > 0 && now.every((step) => step.act.kind === 'use' || moves.includes(step));
}

/** Whether a person is in at an instant, by the wall clock: today’s hours, or yesterday’s that run past midnight. */
function isIn(who: string, atMs: number, { hours, timeZone, people }: Kitchen): boolean {
  if (!people.includes(who)) return false;
  return [0, 1].some((daysBack) => {
    const wall = wallTime(atMs - daysBack * 24 * MS_PER_HOUR, timeZone);
    const date = [wall.year, wall.month, wall.day].map((n) => String(n).padStart(2, '0')).join('-');
    if (hours.closed?.weekdays.includes(wall.weekday) || hours.closed?.dates.includes(date)) {
      return false;
    }
    const minute = wall.hour * 60 + wall.minute + daysBack * 1440;
    const shifts =
      hours.presences === undefined
        ? [hours]
        : hours.presences.filter((one) => one.who === who && one.weekday === wall.weekday);
    return shifts.some(({ fromMinute, untilMinute }) => {
      const until = untilMinute <= fromMinute ? untilMinute + 1440 : untilMinute;
      return minute >= fromMinute && minute <= until;
    });
  });
}
