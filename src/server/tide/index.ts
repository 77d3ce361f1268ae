import { tr } from '@/words/tr';
import { unplannedServices } from '../unplanned/unplanned';
import { firstQuestions } from '../begin/begin-shop';
import { workingHours } from '@/shop/state';
import { MS_PER_HOUR, unitsOf } from '@/core/units';
import { shopVersion } from '../journal/changes';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import { risksOf } from '../odds/risks';
import { oddsOfBake } from '../odds/odds-of-bake';
import { mixersOutTold } from '../mix/mixers-out';
import { probeStates } from '../shop/probes';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { bandsOf } from '@/shop/tide/bands';
import { hotPlaces } from '@/shop/tide/hot-places';
import { momentsOf } from './moments';
import { servicesOf } from '@/shop/tide/services';
import { sheetsOf } from '@/shop/tide/sheets';
import { coldPlaceIds, strandOf } from '@/shop/tide/strands';
import { bakeToScore } from '@/shop/tide/to-score';
import type { TideView } from '@/shop/tide/view';

export type { Moment } from '@/shop/hands/moment';
export type { Band, Service, Strand, TideView } from '@/shop/tide/view';

/** Hours of the past and of the future that the Tide holds. */
const PAST_H = 30;
const FUTURE_H = 96;

/** The home view: everything from the journal and the forecast. */
export function tideView(context: ShopContext): TideView {
  // Asked first: what is written while this is made shows as a newer version.
  const version = shopVersion(context);
  const state = loadShop(context);
  const forecast = forecastState(context, state);
  const span = {
    fromMs: state.nowMs - PAST_H * MS_PER_HOUR,
    toMs: state.nowMs + FUTURE_H * MS_PER_HOUR,
  };
  const bands = bandsOf(state, forecast, span);
  const cold = coldPlaceIds(bands);
  const { shop } = state;
  const moments = momentsOf(context, { state, forecast }, (one) => one.atMs > span.fromMs);
  return {
    version,
    shopName: shop.name,
    first: firstQuestions(context, state),
    units: unitsOf(shop),
    clock: context.clock(),
    people: shop.people,
    working: workingHours(state),
    bands,
    strands: [...forecast.lots.values()]
      .filter(({ story }) => story.startMs < span.toMs)
      .filter(({ story }) => story.endMs === null || story.endMs > span.fromMs)
      .map((lot) => strandOf(lot, span.toMs, cold)),
    moments,
    sheets: sheetsOf(state, forecast, moments),
    services: servicesOf(bakesInSight(context), forecast, (bake) =>
      oddsOfBake(context, state, bake),
    ).filter((service) => service.toMs > span.fromMs),
    unplanned: unplannedServices(context, state, bakesInSight(context)),
    silentProbes: probeStates(context, state).flatMap(({ placeId, says, last }) =>
      says === 'reads' || last === null ? [] : [{ placeId, says, sinceMs: last.atMs }],
    ),
    hot: hotPlaces(state),
    toScore: bakeToScore(state, bakesInSight(context)),
    risks: risksOf(context, state, bakesInSight(context), forecast),
    conflicts: [
      ...forecast.conflicts.map((conflict) => conflict.sentence),
      ...state.folded.notPossible
        .filter(({ atMs }) => atMs > span.fromMs)
        .map(({ sentence }) => tr`An entry does not count: ${sentence} Take it back in the Log.`),
      ...mixersOutTold(context, state, forecast),
      ...(state.air.problem === null ? [] : [state.air.problem]),
    ],
  };
}
