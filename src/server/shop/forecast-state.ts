import { forecastShop, RememberedLots, type ShopForecast } from '@/core/forecast';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import { journalVersion } from '@/data';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../context';
import { remembering } from '../remembering';
import { cultureSpeeds, learnedSpeeds } from './load-shop';

/** Hours of the past that a forecast shows. */
const PAST_H = 36;

/** A clock that runs fast, in the demo, does not have the shop run anew more often than this, ms of real time. */
const LEAST_APART_MS = 5_000;

const rememberedLots = remembering<RememberedLots>('lots');

function lotsOf(context: ShopContext): RememberedLots {
  const known = rememberedLots.get(context) ?? new RememberedLots();
  rememberedLots.set(context, known);
  return known;
}

interface Remembered {
  readonly key: string;
  readonly forecast: ShopForecast;
}
const remembered = remembering<Remembered>('forecast');

/** A shop with its forecast, both of one instant. */
export interface ForecastOfShop {
  readonly state: ShopState;
  readonly forecast: ShopForecast;
}

/**
 * The forecast of the shop as it stands. Remembered until the journal, a place, the flours or,
 * while a step is overdue, the minute changes.
 */
export function forecastState(context: ShopContext, state: ShopState): ShopForecast {
  const overdue = state.folded.plan.some((step) => step.atMs < state.nowMs);
  const turnMs = Math.max(MS_PER_MINUTE, context.clock().rate * LEAST_APART_MS);
  const turn = Math.floor(state.nowMs / (overdue ? turnMs : MS_PER_HOUR));
  const facts = JSON.stringify([...state.pantry]);
  const learnedKey = learnedSpeeds(context, state).map(({ culture, belief }) => [
    culture,
    belief.lnSpeed,
    belief.variance,
  ]);
  const key = JSON.stringify([
    journalVersion(context.db),
    placesKey(state),
    facts,
    turn,
    learnedKey,
  ]);
  const known = remembered.get(context);
  if (known?.key === key) return known.forecast;
  const forecast = forecastShop({
    remembered: { lots: lotsOf(context), facts },
    folded: state.folded,
    nowMs: state.nowMs,
    turnMs,
    visibleFromMs: state.nowMs - PAST_H * MS_PER_HOUR,
    places: state.placeMap,
    pantry: state.pantry,
    cultureSpeeds: cultureSpeeds(context, state),
    withBands: true,
  });
  remembered.set(context, { key, forecast });
  return forecast;
}

/** What the places are taken as, learned offsets among it. */
const placesKey = ({ placeMap }: ShopState) => [...placeMap.values()];
