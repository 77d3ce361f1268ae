import { type ShopState } from '@/shop/state';
import { type OutdoorAir } from '@/shop/kept/air';

import { type Place } from '@/shop/kept/shop';

import {
  learnSpeeds,
  RememberedLessons,
  setTempC,
  type CultureSpeed,
  type LearnedSpeed,
} from '@/core/forecast';

import { MS_PER_HOUR } from '@/core/units';
import {
  journalVersion,
  listClosingDays,
  listFlours,
  listLearningResets,
  listPlaces,
  listPresences,
  maybeSeqsOf,
  oneShop,
} from '@/data';
import type { ShopContext } from '../context';
import { foldedAround, foldedJournal } from '../journal/journal-memory';
import { learnedShop, placesAsLearned, type Known } from './learned-shop';
import { pantryOf } from '@/core/formula';
import { remembering } from '../remembering';
import { outdoorAir } from './weather';

/** Loads the shop and folds its journal. */
export function loadShop(context: ShopContext): ShopState {
  const { db } = context;
  const shop = oneShop(db);
  const air = outdoorAir(context.clock().nowMs);
  const known: Known = {
    places: listPlaces(db).map((place) => withAir({ ...place, timeZone: shop.timeZone }, air)),
    pantry: pantryOf(listFlours(db)),
    folded: foldedJournal(context),
    nowMs: context.clock().nowMs,
  };
  const learned = learnedShop(context, known);
  return {
    ...known,
    shop,
    learned,
    placeMap: placesAsLearned(known, learned.offsets),
    presences: listPresences(db),
    closed: listClosingDays(db),
    air,
  };
}

/** The shop with its journal around a bake or a lot of long ago; as it stands where that is at hand. */
export function loadShopAround(
  context: ShopContext,
  of: { readonly bakeId: string } | { readonly lotId: string },
): ShopState {
  const state = loadShop(context);
  const folded = foldedAround(context, maybeSeqsOf(context.db, of));
  if (folded === state.folded) return state;
  return {
    ...state,
    folded,
    placeMap: placesAsLearned({ ...state, folded }, state.learned.offsets),
  };
}

/** A place that warms with the air out of doors, with that air. */
function withAir<P extends Place>(place: P, { hours }: OutdoorAir): P {
  const share = place.follows ?? 0;
  const warms = hours.some(({ atMs, tempC }) => tempC > setTempC(place, atMs));
  return share === 0 || !warms ? place : { ...place, outdoors: { share, hours } };
}

interface Learned {
  readonly key: string;
  readonly speeds: readonly LearnedSpeed[];
}
const taught = remembering<Learned>('taught');
const rememberedLessons = remembering<RememberedLessons>('lessons');

/** What the looks have taught; remembered, and where something changed only what rests on it is learned anew. */
export function learnedSpeeds(context: ShopContext, state: ShopState): readonly LearnedSpeed[] {
  const resetMs = listLearningResets(context.db);
  const hour = Math.floor(state.nowMs / MS_PER_HOUR);
  const facts = JSON.stringify([...state.pantry]);
  const key = JSON.stringify([journalVersion(context.db), state.places, facts, [...resetMs], hour]);
  const known = taught.get(context);
  if (known?.key === key) return known.speeds;
  const lessons = rememberedLessons.get(context) ?? new RememberedLessons();
  rememberedLessons.set(context, lessons);
  const speeds = learnSpeeds({
    done: state.folded.done,
    scores: state.folded.scores,
    nowMs: state.nowMs,
    resetMs,
    places: state.placeMap,
    pantry: state.pantry,
    remembered: { lessons, facts },
  });
  taught.set(context, { key, speeds });
  return speeds;
}

/** The learned speed of each culture, as the forecast takes it. */
export function cultureSpeeds(
  context: ShopContext,
  state: ShopState,
): ReadonlyMap<string, CultureSpeed> {
  return new Map(
    learnedSpeeds(context, state).map(({ culture, belief }) => [
      culture,
      { speed: Math.exp(belief.lnSpeed), lnSd: Math.sqrt(belief.variance) },
    ]),
  );
}
