import type { ShopState } from '../state';
import { totals } from '@/core/composition';
import {
  askedOf,
  placeTempC,
  plainState,
  recipeOf,
  stateAt,
  type LotForecast,
  type WhatIfBase,
} from '@/core/forecast';
import { isAct, type ActOf } from '@/core/journal';
import { addHours } from '@/core/units';

/** A reading says how warm a place is now; so many hours later it is what was learned of it. */
const SETTLED_H = 4;

/** What can be done otherwise with a lot, and from when. */
export interface WhatIfOffer {
  readonly base: WhatIfBase;
  readonly fromMs: number;
  /** The place it stands in by plan. */
  readonly placeId: string;
  readonly places: readonly {
    readonly id: string;
    readonly name: string;
    readonly tempC: number;
  }[];
  /** What of its make-up is still open: the yeast, the seed, or nothing. */
  readonly open: 'dose' | 'seed' | null;
  /** Grams of yeast by plan, for the dose. */
  readonly yeastG: number;
  /** Mother, flour and water by plan, for the ratio. */
  readonly feed: {
    readonly motherG: number;
    readonly flourG: number;
    readonly waterG: number;
  } | null;
}

const LOOK_AHEAD_H = 48;

/** What could still be done otherwise with a lot; null when it is over. */
export function whatIfOffer(lot: LotForecast, state: ShopState): WhatIfOffer | null {
  const { story } = lot;
  const planned = story.tense === 'planned';
  if (isOver(lot, state.nowMs)) return null;
  const fromMs = planned ? story.startMs : state.nowMs;
  const stay = story.stays.filter((one) => one.fromMs <= fromMs).at(-1) ?? story.stays[0];
  const start = isAct(story.start, 'make') && planned ? story.start : null;
  const feed = start === null ? null : feedOf(start, state);
  const yeastG = start === null ? 0 : yeastOf(start, state);
  const byYeast = yeastG > 0 ? 'dose' : null;
  return {
    base: baseOf(lot, state, { fromMs, feed }),
    fromMs,
    placeId: stay?.placeId ?? '',
    places: state.places.map((place) => ({
      id: place.id,
      name: place.name,
      tempC: placeTempC(state.placeMap, place.id, addHours(fromMs, SETTLED_H)),
    })),
    open: feed !== null ? 'seed' : byYeast,
    yeastG,
    feed,
  };
}

/** True for a lot that was made and is used up. */
function isOver({ story }: LotForecast, nowMs: number): boolean {
  return story.tense === 'done' && story.endMs !== null && story.endMs <= nowMs;
}

function baseOf(
  lot: LotForecast,
  state: ShopState,
  at: { readonly fromMs: number; readonly feed: WhatIfOffer['feed'] },
): WhatIfBase {
  const { story, run } = lot;
  const sum = totals(story.lot.composition, state.pantry);
  return {
    kind: story.lot.kind,
    recipe: recipeOf(story.lot.composition, state.pantry, {
      pieceG: story.lot.ballG,
      flatMm: story.lot.flatMm,
      speed: lot.runSpeed,
    }),
    state: plainState(stateAt(run, story.startMs, at.fromMs)),
    asks: askedOf(story, state.placeMap),
    seedShare: at.feed === null ? null : (sum.flourG - at.feed.flourG) / sum.flourG,
    hours: LOOK_AHEAD_H,
    speedLnSd: lot.speedLnSd,
    shrink: lot.shrink,
    extraLnSd: lot.extraLnSd,
    targetRise: story.aims.at(-1)?.targetRise ?? null,
  };
}

function yeastOf(start: ActOf<'make'>, state: ShopState): number {
  return start.ingredients
    .filter((line) => state.pantry.get(line.ingredientId)?.kind === 'yeast')
    .reduce((sum, line) => sum + line.massG, 0);
}

/** Mother, flour and water of a feeding; null for what is no feeding. */
function feedOf(start: ActOf<'make'>, state: ShopState): WhatIfOffer['feed'] {
  if (start.cultureId === undefined || start.portions.length !== 1) return null;
  const sum = totals(
    Object.fromEntries(start.ingredients.map((line) => [line.ingredientId, line.massG])),
    state.pantry,
  );
  return { motherG: start.portions[0]?.massG ?? 0, flourG: sum.flourG, waterG: sum.waterG };
}
