import {
  maintenanceOf,
  usualFeed,
  type Culture,
  type FeedQuestion,
  type Maintenance,
} from '@/core/cultures';
import type { PlaceHistory } from '@/core/forecast';
import type { Pantry } from '@/core/composition';
import { EIGHTY_PERCENT } from '@/core/numeric';
import { DomainError, type ShopUnits, unitsOf } from '@/core/units';
import { learnedSpeeds } from '../shop/load-shop';
import type { Strand } from '@/shop/tide/view';
import { strandOf } from '@/shop/tide/strands';
import { feedFacts } from './feed-facts';
import { feedsOf, historyOf } from '../culture-lines/history';
import type { Of } from './rows/of';
import { starterRow, type StarterRow } from './rows/starter-row';

/** How a culture is: its last feeds, its speed, its signs. */
export interface About {
  readonly culture: Culture;
  readonly nowMs: number;
  readonly units: ShopUnits;
  readonly row: StarterRow;
  readonly feeds: readonly Strand[];
  readonly looks: readonly { readonly atMs: number; readonly rise: number }[];
  /** Speed against the book with its band of 8 in 10. */
  readonly speed: {
    readonly value: number;
    readonly low: number;
    readonly high: number;
    readonly lots: number;
  };
  readonly maintenance: Maintenance | null;
  /** What its peak against the room’s temperature is worked out from; null where its jar is empty. */
  readonly usual: {
    readonly question: FeedQuestion;
    readonly motherG: number;
    readonly totalG: number;
    readonly places: readonly PlaceHistory[];
    readonly pantry: Pantry;
  } | null;
  readonly found: readonly {
    readonly atMs: number;
    readonly sign: string;
    readonly lotId: string;
  }[];
}

/** Feeds shown at the most. */
const FEEDS_SHOWN = 12;

/** How a starter is, from its last weeks. */
export function aboutCulture(of: Of, culture: Culture): About {
  const { context, state } = of;
  const feeds = feedsOf(historyOf(context, state), culture.id);
  const row = starterRow(culture, of);
  const { shop } = state;
  const shown = feeds.slice(-FEEDS_SHOWN);
  return {
    culture,
    nowMs: state.nowMs,
    units: unitsOf(shop),
    row,
    feeds: shown.map((one) => strandOf(one, state.nowMs, new Set())),
    looks: shown.flatMap(({ story }) =>
      story.looks.flatMap((look) =>
        look.signs.rise === undefined ? [] : [{ atMs: look.atMs, rise: look.signs.rise }],
      ),
    ),
    speed: speedOf(of, culture.id),
    maintenance: maintenanceFor(row),
    usual: usualOf(of, culture),
    found: feeds.flatMap(({ story }) =>
      story.looks.flatMap((look) =>
        look.signs.found === undefined
          ? []
          : [{ atMs: look.atMs, sign: look.signs.found, lotId: story.lot.id }],
      ),
    ),
  };
}

/** What is due of a row and what a miss means; null where nothing is left. */
export function maintenanceFor({ culture, due, vigour }: StarterRow): Maintenance | null {
  if (due === null) return null;
  return maintenanceOf({ everyH: culture.everyH, lateH: due.lateH, vigour });
}

function speedOf({ context, state }: Of, cultureId: string): About['speed'] {
  const known = learnedSpeeds(context, state).find((one) => one.culture === cultureId);
  if (known === undefined) return { value: 1, low: 1, high: 1, lots: 0 };
  const { lnSpeed, variance } = known.belief;
  const apart = EIGHTY_PERCENT * Math.sqrt(variance);
  return {
    value: Math.exp(lnSpeed),
    low: Math.exp(lnSpeed - apart),
    high: Math.exp(lnSpeed + apart),
    lots: known.from.length,
  };
}

function usualOf({ context, state, forecast }: Of, culture: Culture): About['usual'] {
  const facts = feedFacts(context, state, forecast, culture);
  const offer = facts?.jars[0];
  if (facts == null || offer === undefined) return null;
  try {
    const amounts = usualFeed(culture, offer.jar.lot.composition, offer.massG, {
      pantry: facts.pantry,
      stepG: facts.scaleStepG,
    });
    return {
      question: {
        jar: offer.jar,
        fed: culture,
        as: {
          lotId: 'usual',
          name: culture.name,
          kind: culture.kind === 'stiff starter' ? 'stiff starter' : 'starter',
          cultureId: culture.id,
        },
        atMs: facts.nowMs,
        placeId: culture.placeId,
        thereG: offer.massG,
        thinnest: culture.thinnestRatio,
        tapC: facts.tapC,
      },
      motherG: amounts.motherG,
      totalG: amounts.totalG,
      places: facts.places,
      pantry: facts.pantry,
    };
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}
