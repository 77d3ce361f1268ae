import type { ShopState } from '../state';
import { totals } from '@/core/composition';
import { placeTempC, type LotForecast, type ShopForecast } from '@/core/forecast';
import { rowAtHour } from '@/core/ripeness';
import { hoursBetween, MS_PER_HOUR } from '@/core/units';

import type { Band } from './view';

const LOAD_STEP_MS = MS_PER_HOUR / 2;
const ML_PER_LITRE = 1000;

/** The places of a shop, warmest first, with their load over a span. */
export function bandsOf(
  state: ShopState,
  forecast: ShopForecast,
  span: { readonly fromMs: number; readonly toMs: number },
): Band[] {
  const steps = Math.ceil((span.toMs - span.fromMs) / LOAD_STEP_MS) + 1;
  const lots = [...forecast.lots.values()].map((lot) => ({ lot, denseMl: denseMl(lot, state) }));
  return state.places
    .map((place) => ({
      placeId: place.id,
      name: place.name,
      tempC: placeTempC(state.placeMap, place.id, state.nowMs),
      capacityL: place.capacityL,
      fromMs: span.fromMs,
      stepMs: LOAD_STEP_MS,
      load: Array.from({ length: steps }, (_, i) => {
        const atMs = span.fromMs + i * LOAD_STEP_MS;
        const ml = lots.reduce((sum, one) => sum + litresAt(one, place.id, atMs), 0);
        return Math.round((ml / ML_PER_LITRE) * 100) / 100;
      }),
    }))
    .sort((a, b) => b.tempC - a.tempC);
}

/** Volume of a lot without gas, ml. */
export function denseMl(lot: LotForecast, state: ShopState): number {
  return totals(lot.story.lot.composition, state.pantry).flourG * lot.run.constants.denseVolume;
}

function litresAt(
  { lot, denseMl: ml }: { lot: LotForecast; denseMl: number },
  placeId: string,
  atMs: number,
): number {
  const { story, run } = lot;
  if (atMs < story.startMs || (story.endMs !== null && atMs >= story.endMs)) return 0;
  const stay = story.stays.find(
    (one) => one.fromMs <= atMs && (one.toMs === null || atMs < one.toMs),
  );
  if (stay?.placeId !== placeId) return 0;
  const row = rowAtHour(run.hours, run.length, hoursBetween(story.startMs, atMs));
  return ml * (run.rises[row] ?? 1);
}
