import { tr, trOf } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { isStarter, jarOf, ripeMs, type Culture, type Jar } from '@/core/cultures';
import { bookSpeed, type LotForecast, type ShopForecast } from '@/core/forecast';
import { isAct, type Lot } from '@/core/journal';
import { listEquipmentThere } from '@/data';
import { floursIn, type NamedFlour, type ShopFacts } from '@/shop/facts';
import type { ShopContext } from '../context';
import { nextCodes } from '../journal/lot-codes';
import { shopFacts } from '../facts/shop-facts';
import { cultureSpeeds } from '../shop/load-shop';
import { isFrozen } from './rows/of';
import { currentJar, culturesOf, gramsOf, lotsOfCulture, stockOf } from '../culture-lines/registry';

/** A jar that can be taken from, now or once a planned feed is ripe. */
export interface JarOffer {
  readonly jar: Jar;
  readonly massG: number;
  /** Null for the jar that stands there. */
  readonly plannedFor: { readonly madeAtMs: number; readonly ripeMs: number | null } | null;
}

/** What a feed, a series or a build of one culture rests on. Plain data: it can be posted to a worker. */
export interface FeedFacts extends ShopFacts {
  readonly culture: Culture;
  readonly jars: readonly JarOffer[];
  /** True for a shop that feeds without discard: all of the jar goes in. */
  readonly withoutDiscard: boolean;
  readonly flours: readonly NamedFlour[];
  /** Its own jar first, then the shop’s tubs by size. */
  readonly vessels: readonly { readonly name: string; readonly ml: number }[];
  /** The next step that takes from this culture and does not feed it. */
  readonly serves: {
    readonly title: string;
    readonly atMs: number;
    readonly takesG: number;
  } | null;
  /** The feed that is planned from the jar that stands there. */
  readonly plannedFeed: { readonly stepId: string; readonly atMs: number } | null;
  readonly discardJar: {
    readonly name: string;
    readonly nowG: number;
    readonly limitG: number | null;
  } | null;
  /** Codes for lots to come. */
  readonly codes: readonly string[];
}

const ML_PER_LITRE = 1000;

/** What a feed of a starter rests on; null where there is no such starter or nothing is left of it. */
export function feedFacts(
  context: ShopContext,
  state: ShopState,
  forecast: ShopForecast,
  culture: Culture,
): FeedFacts | null {
  if (!isStarter(culture)) return null;
  const stock = stockOf(context, state);
  const lot = awake(currentJar(stock, culture.id), state);
  const jars = jarsOf(context, state, forecast, { culture, lot });
  if (jars.length === 0) return null;
  const facts = shopFacts(context, state);
  const collector = culturesOf(context, state).find((one) => one.id === culture.discardTo);
  return {
    ...facts,
    culture,
    jars,
    withoutDiscard: state.shop.waste === 'without discard',
    flours: floursIn(facts.pantry),
    vessels: [
      { name: tr`its jar`, ml: culture.vesselMl },
      ...listEquipmentThere(context.db)
        .filter((thing) => thing.kind === 'tub')
        .map((thing) => ({ name: thing.name, ml: thing.most * ML_PER_LITRE }))
        .sort((a, b) => a.ml - b.ml),
    ],
    serves: servesOf(state, culture.id),
    plannedFeed: plannedFeedOf(state, culture.id, lot),
    discardJar:
      collector === undefined
        ? null
        : {
            name: collector.name,
            nowG: lotsOfCulture(stock, collector.id).reduce((sum, one) => sum + gramsOf(one), 0),
            limitG: collector.limitG,
          },
    codes: nextCodes(
      context,
      state,
      'starter',
      Array.from({ length: 4 }, () => state.nowMs),
    ),
  };
}

/** A jar that can be fed: a back-up in the freezer is thawed first. */
function awake(lot: Lot | null, state: ShopState): Lot | null {
  return lot !== null && lot.part && isFrozen(lot, { state }) ? null : lot;
}

/** The jar that stands there, and what the planned feeds will make of it. */
function jarsOf(
  context: ShopContext,
  state: ShopState,
  forecast: ShopForecast,
  of: { readonly culture: Culture; readonly lot: Lot | null },
): JarOffer[] {
  const { culture, lot } = of;
  const speed = cultureSpeeds(context, state).get(culture.id) ?? bookSpeed(culture.id);
  const offers: JarOffer[] = [];
  const standing = lot === null ? undefined : forecast.lots.get(lot.id);
  if (lot !== null && standing !== undefined) {
    const jar = jarOf(standing, state.nowMs, speed);
    offers.push({
      jar: { ...jar, lot, placeId: lot.placeId },
      massG: gramsOf(lot),
      plannedFor: null,
    });
  }
  for (const planned of plannedLots(forecast, culture.id)) {
    const atMs = ripeMs(planned);
    const fromMs = Math.max(planned.story.startMs, state.nowMs);
    offers.push({
      jar: jarOf(planned, fromMs, speed),
      massG: gramsOf(planned.story.lot),
      plannedFor: { madeAtMs: planned.story.startMs, ripeMs: atMs },
    });
  }
  return offers;
}

function plannedLots(forecast: ShopForecast, cultureId: string): LotForecast[] {
  return [...forecast.lots.values()].filter(
    ({ story }) => story.tense === 'planned' && story.lot.cultureId === cultureId,
  );
}

function plannedFeedOf(
  state: ShopState,
  cultureId: string,
  lot: Lot | null,
): FeedFacts['plannedFeed'] {
  const step = state.folded.plan.find(
    ({ act }) =>
      isAct(act, 'make') &&
      act.cultureId === cultureId &&
      (lot === null || act.portions.some((line) => line.lotId === lot.id)),
  );
  return step === undefined ? null : { stepId: step.stepId, atMs: step.atMs };
}

function servesOf(state: ShopState, cultureId: string): FeedFacts['serves'] {
  const own = new Set<string>();
  for (const { act } of [...state.folded.done, ...state.folded.plan]) {
    if (isAct(act, 'make') && act.cultureId === cultureId) own.add(act.lotId);
  }
  for (const step of state.folded.plan) {
    const { act } = step;
    if (!isAct(act, 'make') || act.cultureId === cultureId) continue;
    const line = act.portions.find((one) => own.has(one.lotId));
    if (line !== undefined) {
      const verb = act.lotKind === 'levain' ? 'build' : 'mix';
      return { title: `${trOf(verb)} ${act.name}`, atMs: step.atMs, takesG: line.massG };
    }
  }
  return null;
}
