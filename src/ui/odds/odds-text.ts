import { tr } from '@/words/tr';
import type { ServiceOdds } from '@/shop/odds';

import { percentText } from '../format';

/** Under this one it is said loudly. */
const AT_RISK = 0.5;

type Odds = Pick<ServiceOdds, 'chance' | 'settled' | 'sureFrom'> | null;

/** True for a service that is baked, or as good as covered. */
export const isSure = (odds: Odds) => odds === null || (odds.chance ?? 0) >= odds.sureFrom;

/** True for one whose chance is known to be poor. */
export const isAtRisk = (odds: Odds) => odds?.chance != null && odds.chance < AT_RISK;

/** A chance in figures; “…” while it is worked out, after the figure of before where there is one. */
export function chanceText({ chance, settled }: NonNullable<Odds>): string {
  if (chance === null) return settled ? '–' : '…';
  return `${percentText(chance, 0)}${settled ? '' : ' …'}`;
}

/** “✓” for a service that is covered, otherwise its chance. */
export const coverText = (odds: Odds) =>
  isSure(odds) ? '✓' : chanceText(odds as NonNullable<Odds>);

/** The chance of a service in words. */
export function chanceWords(odds: Odds, wanted: number): string {
  if (odds === null) return tr`${wanted} baked`;
  const all = tr`${wanted} pizzas, balls ready all through`;
  if (odds.chance !== null) return tr`${all} with a chance of ${chanceText(odds)}`;
  return odds.settled
    ? tr`${all}: there is no forecast`
    : tr`${all}: its chance is being worked out`;
}
