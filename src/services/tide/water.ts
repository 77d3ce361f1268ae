import { mixParts, type ShopForecast } from '@/core/forecast';
import { waterFor, type WaterAnswer } from '@/core/thermal';
import type { ActOf } from '@/core/journal';
import type { ShopState } from '../shop-state';

/** By whom a mass is mixed: leavens by hand, doughs as the shop does. */
export function mixedBy(act: ActOf<'make'>, state: ShopState): 'hand' | 'mixer' {
  return act.lotKind === 'dough' ? state.shop.mixedBy : 'hand';
}

/** The water that brings a planned mass to its temperature; null for one that takes none. */
export function waterOf(
  act: ActOf<'make'>,
  atMs: number,
  state: ShopState,
  forecast: ShopForecast,
): WaterAnswer | null {
  const stories = new Map([...forecast.lots].map(([id, lot]) => [id, lot.story]));
  const { parts, waterG } = mixParts(act, atMs, stories, {
    places: state.placeMap,
    pantry: state.pantry,
  });
  if (waterG <= 0) return null;
  const byMixer = mixedBy(act, state) === 'mixer';
  return waterFor({
    aimC: act.startC,
    parts,
    waterG,
    mixingC: byMixer ? state.learned.mixerHeat.mean : 0,
    tapC: state.shop.tapC,
  });
}
