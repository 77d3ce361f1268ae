import { type Pantry, totals } from '@/core/composition';
import { insideOf, jarOf, type Culture, type Jar } from '@/core/cultures';
import { bookSpeed, type PlaceHistory } from '@/core/forecast';
import { hoursBetween, MS_PER_HOUR, type ShopUnits, type YeastType, unitsOf } from '@/core/units';
import { nextCodes } from '../journal/lot-codes';
import { planningFacts } from '../bakes/planning-facts';
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
export interface DiscardFacts {
  readonly culture: Culture;
  readonly nowMs: number;
  readonly units: ShopUnits;
  /** Oldest first. */
  readonly layers: readonly Layer[];
  readonly yeastType: YeastType;
  readonly places: readonly PlaceHistory[];
  readonly pantry: Pantry;
  readonly flours: readonly { readonly id: string; readonly name: string }[];
  readonly stepG: number;
  readonly fineStepG: number;
  readonly tapC: number;
  readonly lotId: string;
}

/** A discard jar with the state of each of its layers. */
export function discardFacts(of: Of, culture: Culture): DiscardFacts {
  const { context, state } = of;
  const { places, pantry } = planningFacts(context, state);
  const { shop } = state;
  return {
    culture,
    nowMs: state.nowMs,
    units: unitsOf(shop),
    layers: layersOf(of, culture, pantry),
    yeastType: shop.yeastType,
    places,
    pantry,
    flours: [...pantry.values()].flatMap((one) =>
      one.kind === 'flour' ? [{ id: one.id, name: one.name }] : [],
    ),
    stepG: shop.scaleStepG,
    fineStepG: shop.fineStepG,
    tapC: shop.tapC,
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
