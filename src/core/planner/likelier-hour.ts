import { warmHours, type LotForecast } from '../forecast';
import { normalBelow } from '../numeric';
import { MS_PER_HOUR } from '../units';

/** Doubt of when a lot is ready, sd of ln hours since it was mixed. Set, from the bands of leavens and of doughs. */
export const LN_SD = { leaven: 0.14, dough: 0.14 } as const;

/** A lot that has to be inside its window from one instant to another, its hours counted from when it was mixed. */
export interface Turn {
  readonly lot: LotForecast;
  readonly mixedAtMs: number;
  readonly fromMs: number;
  readonly toMs: number;
  /** Doubt beside the dough's own, sd of ln hours. */
  readonly extraLnSd: number;
}

/** Steps in which another hour is looked for, h, first far and then around the best of those, and how far it may lie. */
const SHIFT_STEP_H = { far: 1 / 3, near: 1 / 12 } as const;
const MOST_SHIFT_H = 4;

/**
 * By how many hours a mix had better come later (below 0: earlier), so that the balls of a turn are as likely to be open at
 * its beginning as not to be past at its end. 0 where nothing is gained by it.
 */
export function likelierShiftH(turn: Turn): number {
  if (turn.lot.window.opensMs === null) return 0;
  const chanceAt = chancesOfTurn(turn);
  const asItIs = { shiftH: 0, chance: chanceAt(0) + LEAST_MORE };
  const far = likeliest(chanceAt, asItIs, { fromH: -MOST_SHIFT_H, toH: MOST_SHIFT_H, by: 'far' });
  const { shiftH } = far;
  const { far: around } = SHIFT_STEP_H;
  const near = { fromH: shiftH - around, toH: shiftH + around, by: 'near' as const };
  return likeliest(chanceAt, far, near).shiftH;
}
/** A chance that is higher by less is the same. */
const LEAST_MORE = 1e-3;

interface Shifted {
  readonly shiftH: number;
  readonly chance: number;
}

/** The likeliest of the hours in a span, or that of before where none is likelier. */
function likeliest(
  chanceAt: (shiftH: number) => number,
  before: Shifted,
  span: { readonly fromH: number; readonly toH: number; readonly by: keyof typeof SHIFT_STEP_H },
): Shifted {
  let best = before;
  for (let shiftH = span.fromH; shiftH <= span.toH + 1e-9; shiftH += SHIFT_STEP_H[span.by]) {
    const chance = chanceAt(shiftH);
    if (chance > best.chance) best = { shiftH, chance };
  }
  return best;
}

/** Chance that a lot holds its turn, 0 to 1, were it mixed so many hours later: it is as old at its window, and stands earlier in it. */
export const chanceOfTurn = (turn: Turn, shiftH = 0): number => chancesOfTurn(turn)(shiftH);

/** The same for many shifts of one turn. */
function chancesOfTurn({ lot, mixedAtMs, fromMs, toMs, extraLnSd }: Turn) {
  const inside = chancesInside(lot, mixedAtMs, Math.hypot(LN_SD.dough, extraLnSd));
  return (shiftH: number): number => {
    const shiftMs = shiftH * MS_PER_HOUR;
    return Math.min(inside(fromMs - shiftMs), inside(toMs - shiftMs));
  };
}

/** Chance that a lot is inside its window at an instant, 0 to 1, from the window alone: the doubt is a share of the hours since a start, as
 * warm as they were. */
export const chanceInside = (
  lot: LotForecast,
  startMs: number,
  atMs: number,
  lnSd: number,
): number => chancesInside(lot, startMs, lnSd)(atMs);

/** The same for many instants. */
function chancesInside(lot: LotForecast, startMs: number, lnSd: number) {
  const { opensMs, closesMs } = lot.window;
  const hoursTo = (momentMs: number) => Math.max(1e-3, warmHours(lot, startMs, momentMs));
  const opensH = opensMs === null ? null : hoursTo(opensMs);
  const closesH = closesMs === null ? null : hoursTo(closesMs);
  return (atMs: number): number => {
    if (opensH === null) return 0;
    const atH = warmHours(lot, startMs, atMs);
    const passed = (momentH: number) =>
      atH <= 0 ? 0 : normalBelow(Math.log(atH / momentH) / lnSd);
    return Math.max(0, passed(opensH) - (closesH === null ? 0 : passed(closesH)));
  };
}
