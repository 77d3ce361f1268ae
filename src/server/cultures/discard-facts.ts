import { type Pantry, totals } from '@/core/composition';
import { insideOf, jarOf, type Culture, type Jar } from '@/core/cultures';
import { bookSpeed } from '@/core/forecast';
import { hoursBetween, MS_PER_HOUR, type YeastType } from '@/core/units';
import { floursIn, type NamedFlour, type ShopFacts } from '@/shop/facts';
import { nextCodes } from '../journal/lot-codes';
import { shopFacts } from '../facts/shop-facts';
import { cultureSpeeds } from '../shop/load-shop';
import { gramsOf, lotsOfCulture } from '../culture-lines/registry';
import { isFrozen, type Of } from './rows/of';

/** One feed’s rest in a discard jar. */
export interface Layer {
  readonly jar: Jar;
  readonly massG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly ph: number;
  /** Yeast alive now, % fresh-yeast equivalent of its flour. */
  readonly yeast: number;
  readonly days: number;
  readonly endsMs: number | null;
}

/** What using a discard jar rests on. Plain data: it can be posted to a worker. */
export interface DiscardFacts extends ShopFacts {
  readonly culture: Culture;
  /** Oldest first. */
  readonly layers: readonly Layer[];
  readonly yeastType: YeastType;
  readonly flours: readonly NamedFlour[];
  readonly lotId: string;
}

/** A discard jar with the state of each of its layers. */
export function discardFacts(of: Of, culture: Culture): DiscardFacts {
  const { context, state } = of;
  const facts = shopFacts(context, state);
  const { pantry } = facts;
  return {
    ...facts,
    culture,
    layers: layersOf(of, culture, pantry),
    yeastType: state.shop.yeastType,
    flours: floursIn(pantry),
    lotId: nextCodes(context, state, 'dough', [state.nowMs])[0] ?? 'D-next',
  };
}

function layersOf(of: Of, culture: Culture, pantry: Pantry): Layer[] {
  const { context, state, forecast, stock } = of;
  const speeds = cultureSpeeds(context, state);
  return lotsOfCulture(stock, culture.id)
    .filter((lot) => !isFrozen(lot, of))
    .reverse()
    .flatMap((lot): Layer[] => {
      const standing = forecast.lots.get(lot.id);
      if (standing === undefined) return [];
      const from = stock.get(lot.madeFrom[0] ?? '')?.cultureId ?? '';
      const speed = speeds.get(from) ?? bookSpeed(from);
      const jar = { ...jarOf(standing, state.nowMs, speed), lot, placeId: lot.placeId };
      const sum = totals(lot.composition, pantry);
      const { keepsDays } = culture;
      return [
        {
          jar,
          massG: gramsOf(lot),
          flourG: sum.flourG,
          waterG: sum.waterG,
          ph: insideOf(standing, state.nowMs).ph,
          yeast: (jar.state[0] ?? 0) + (jar.state[1] ?? 0),
          days: hoursBetween(lot.madeAtMs, state.nowMs) / 24,
          endsMs: keepsDays === null ? null : lot.madeAtMs + keepsDays * 24 * MS_PER_HOUR,
        },
      ];
    });
}
