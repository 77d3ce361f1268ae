import { BOOK_MODEL, X } from '../kinetics';
import { EIGHTY_PERCENT } from '../numeric';

/** Raising power left, as a share of what it was before the frost, with the band that holds 8 in 10. */
export interface PowerLeft {
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

/** Sd of ln of what the frost leaves: flour, sugar, thickness and freezer differ. Set, wide doubt. */
const POWER_LN_SD = 0.3;
const DAYS_IN_MONTH = 30.4;

/**
 * What freezing and months leave of a leaven’s raising power. Source: model of ripening, §5b (set, wide doubt).
 * @param state living state before or after the frost: the two yeasts are weighted as they stand in it
 * @param days days in the freezer, 0 or more
 */
export function powerLeft(state: ArrayLike<number>, days: number): PowerLeft {
  const bakers = state[X.yeastB] ?? 0;
  const wild = state[X.yeastW] ?? 0;
  const { frostB, frostW, frozenMonth } = BOOK_MODEL;
  const both = bakers + wild;
  const frost = both > 0 ? (bakers * frostB + wild * frostW) / both : frostW;
  const share = frost * frozenMonth ** (Math.max(0, days) / DAYS_IN_MONTH);
  const apart = Math.exp(EIGHTY_PERCENT * POWER_LN_SD);
  return { share, low: share / apart, high: Math.min(1, share * apart) };
}
