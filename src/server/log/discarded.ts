import { type ShopState } from '@/shop/state';
import { totals, type Composition } from '@/core/composition';
import { applyAct, type Lot } from '@/core/journal';
import { MS_PER_HOUR, wallTime } from '@/core/units';
import type { ShopContext } from '../context';
import { loadShop } from '../shop/load-shop';

/** A week and the flour that was thrown away in it. */
export interface DiscardedWeek {
  /** Its Monday, 00:00 by the shop’s clock, to the hour. */
  readonly fromMs: number;
  /** Flour thrown away, g. */
  readonly thrownG: number;
  /** Flour set aside as discard for later, g. */
  readonly collectedG: number;
}

const WEEKS = 8;
const WEEK_MS = 7 * 24 * MS_PER_HOUR;

/** Grams of flour thrown away and set aside, week by week, the oldest first. */
export function discardedByWeek(context: ShopContext): DiscardedWeek[] {
  const state = loadShop(context);
  const thisWeekMs = mondayOf(state.nowMs, state.shop.timeZone);
  const weeks = Array.from({ length: WEEKS }, (_, i) => ({
    fromMs: thisWeekMs - (WEEKS - 1 - i) * WEEK_MS,
    thrownG: 0,
    collectedG: 0,
  }));
  const firstMs = weeks[0]?.fromMs ?? 0;
  for (const one of partings(state)) {
    if (one.atMs < firstMs) continue;
    const week = weeks[Math.min(WEEKS - 1, Math.floor((one.atMs - firstMs) / WEEK_MS))];
    if (week === undefined) continue;
    if (one.thrown) week.thrownG += one.flourG;
    else week.collectedG += one.flourG;
  }
  return weeks;
}

interface Parting {
  readonly atMs: number;
  readonly flourG: number;
  readonly thrown: boolean;
}

/** Kinds whose rest counts as discard: dough that leaves was baked or given. */
const LEAVENS: ReadonlySet<string> = new Set(['starter', 'stiff starter', 'levain', 'discard']);

/** Every time flour was thrown away or set aside, with how much of it there was. */
function partings(state: ShopState): Parting[] {
  const stock = new Map<string, Lot>();
  const all: Parting[] = [];
  for (const { act, atMs } of state.folded.done) {
    const before =
      act.kind === 'discard' || act.kind === 'split' ? stock.get(act.lotId) : undefined;
    applyAct(stock, act, atMs);
    if (before === undefined) continue;
    if (act.kind === 'discard' && LEAVENS.has(before.kind)) {
      all.push({ atMs, thrown: true, flourG: flourOf(before.composition, act.massG, state) });
    }
    if (act.kind === 'split' && act.lotKind === 'discard') {
      all.push({ atMs, thrown: false, flourG: flourOf(before.composition, act.massG, state) });
    }
  }
  return all;
}

function flourOf(composition: Composition, massG: number, { pantry }: ShopState): number {
  const sum = totals(composition, pantry);
  return sum.massG > 0 ? (sum.flourG * massG) / sum.massG : 0;
}

/** The Monday of an instant’s week, 00:00 by the wall clock. */
function mondayOf(atMs: number, timeZone: string): number {
  const { weekday, hour, minute } = wallTime(atMs, timeZone);
  return atMs - ((weekday - 1) * 24 + hour) * MS_PER_HOUR - minute * 60_000;
}
