import type { ShopState } from '@/shop/state';
import type { Culture } from '@/core/cultures';
import { isUsedUp, type Lot } from '@/core/journal';
import { addHours, MS_PER_HOUR } from '@/core/units';

import { gramsOf, lotsOfCulture } from '../../culture-lines/registry';
import { frozenSince, isFrozen, type Of } from './of';
import { ROW_PAST_H } from './starter-row';

/** Days that frozen dough and cultures are kept. Set: raising power is halved long before. */
export const FROZEN_KEEPS_DAYS = 180;
const MS_PER_DAY = 24 * MS_PER_HOUR;

/** A chain of carry-over dough. */
export interface ChainRow {
  readonly culture: Culture;
  readonly lots: readonly KeptLot[];
  /** Refreshes of the last hours. */
  readonly refreshes: readonly { readonly atMs: number; readonly generation: number }[];
  readonly generation: number;
  readonly saltShare: number | null;
  readonly endsMs: number | null;
}

/** A lot that is kept for later. */
export interface KeptLot {
  readonly lotId: string;
  readonly name: string;
  readonly massG: number;
  readonly madeAtMs: number;
  readonly placeName: string;
  readonly endsMs: number | null;
}

/** A jar that collects discard. */
export interface DiscardRow {
  readonly culture: Culture;
  readonly nowG: number;
  /** Its layers, oldest first. */
  readonly layers: readonly KeptLot[];
  /** Grams over the last hours. */
  readonly fill: readonly { readonly atMs: number; readonly massG: number }[];
}

/** Something in the freezer. */
export interface FrozenRow extends KeptLot {
  readonly flatMm: number | null;
  /** Since when it lies in the freezer. */
  readonly sinceMs: number;
  readonly days: number;
  readonly keepsDays: number;
  readonly cultureName: string | null;
}

function kept(lot: Lot, keepsDays: number | null, state: ShopState): KeptLot {
  return {
    lotId: lot.id,
    name: lot.name,
    massG: gramsOf(lot),
    madeAtMs: lot.madeAtMs,
    placeName: state.placeMap.get(lot.placeId)?.name ?? lot.placeId,
    endsMs: keepsDays === null ? null : lot.madeAtMs + keepsDays * MS_PER_DAY,
  };
}

/** A chain with its refreshes. */
export function chainRow(culture: Culture, of: Of): ChainRow {
  const { state, stock } = of;
  const lots = lotsOfCulture(stock, culture.id).filter((lot) => !isFrozen(lot, of));
  const made = [...stock.values()]
    .filter((lot) => lot.cultureId === culture.id && !lot.part)
    .sort((a, b) => a.madeAtMs - b.madeAtMs);
  const youngest = lots[0];
  const ends = lots.flatMap((lot) => kept(lot, culture.keepsDays, state).endsMs ?? []);
  return {
    culture,
    lots: lots.map((lot) => kept(lot, culture.keepsDays, state)),
    refreshes: made
      .map((lot, index) => ({ atMs: lot.madeAtMs, generation: index + 1 }))
      .filter((one) => one.atMs > addHours(state.nowMs, -ROW_PAST_H)),
    generation: made.length,
    saltShare: youngest === undefined ? null : saltShareOf(youngest, state),
    endsMs: ends.length === 0 ? null : Math.min(...ends),
  };
}

function saltShareOf(lot: Lot, state: ShopState): number | null {
  let saltG = 0;
  let flourG = 0;
  for (const [id, massG] of Object.entries(lot.composition)) {
    const kind = state.pantry.get(id)?.kind;
    if (kind === 'salt') saltG += massG;
    if (kind === 'flour') flourG += massG;
  }
  return flourG > 0 ? saltG / flourG : null;
}

/** A discard jar with its layers. */
export function discardRow(culture: Culture, of: Of): DiscardRow {
  const { state, stock } = of;
  const layers = lotsOfCulture(stock, culture.id)
    .filter((lot) => !isFrozen(lot, of))
    .reverse();
  const fromMs = addHours(state.nowMs, -ROW_PAST_H);
  let sum = 0;
  const fill = layers.map((lot) => {
    sum += gramsOf(lot);
    return { atMs: Math.max(fromMs, lot.madeAtMs), massG: sum };
  });
  return {
    culture,
    nowG: sum,
    layers: layers.map((lot) => kept(lot, culture.keepsDays, state)),
    fill,
  };
}

/** Everything in the freezers, oldest first. */
export function frozenRows(of: Of): FrozenRow[] {
  const { state, stock, cultures } = of;
  return [...stock.values()]
    .filter((lot) => !isUsedUp(lot) && isFrozen(lot, of))
    .sort((a, b) => a.madeAtMs - b.madeAtMs)
    .map((lot) => ({
      ...kept(lot, FROZEN_KEEPS_DAYS, state),
      flatMm: lot.flatMm,
      sinceMs: frozenSince(of, lot),
      days: Math.floor((state.nowMs - frozenSince(of, lot)) / MS_PER_DAY),
      keepsDays: FROZEN_KEEPS_DAYS,
      cultureName: cultures.find((one) => one.id === lot.cultureId)?.name ?? null,
    }));
}
