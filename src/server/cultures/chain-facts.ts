import { massOf, totals, type Pantry } from '@/core/composition';
import { insideOf, jarOf, type Culture, type Jar } from '@/core/cultures';
import { BAKERS_YEAST, bookSpeed, type LotForecast, placeKind } from '@/core/forecast';
import { isUsedUp, type ActOf, type Lot } from '@/core/journal';
import { hoursBetween } from '@/core/units';
import { shopFacts } from '../facts/shop-facts';
import { floursIn, type NamedFlour, type ShopFacts } from '@/shop/facts';
import { nextCodes } from '../journal/lot-codes';
import { cultureSpeeds } from '../shop/load-shop';
import { historyOf } from '../culture-lines/history';
import { gramsOf } from '../culture-lines/registry';
import { isFrozen, placesNow, type Of } from './rows/of';

/** Dough that can be refreshed: what is left of a chain, of balls or of a dough. */
export interface LeftoverOffer {
  readonly jar: Jar;
  readonly name: string;
  readonly massG: number;
  readonly balls: number | null;
  readonly ballG: number | null;
  readonly days: number;
  readonly placeName: string;
  /** True for one of this chain. */
  readonly own: boolean;
  /** Of its flour. */
  readonly hydration: number;
  readonly saltShare: number;
  readonly oilShare: number;
}

/** One generation of a chain as it was made, and how it was when the next one took from it. */
export interface Generation {
  readonly lotId: string;
  readonly atMs: number;
  readonly hydration: number;
  readonly saltShare: number;
  readonly oilShare: number;
  /** Null where it lies too far back to be run. */
  readonly ph: number | null;
  readonly gluten: number | null;
  /** Share of the one before in it, by weight; 0 for the first. */
  readonly share: number;
}

/** What a refresh of a chain rests on. Plain data: it can be posted to a worker. */
export interface ChainFacts extends ShopFacts {
  readonly culture: Culture;
  readonly offers: readonly LeftoverOffer[];
  readonly generations: readonly Generation[];
  readonly flours: readonly NamedFlour[];
  readonly freezers: readonly { readonly id: string; readonly name: string }[];
  readonly lotId: string;
}

/** A carry-over chain with what can be refreshed into it. */
export function chainFacts(of: Of, culture: Culture): ChainFacts {
  const { context, state } = of;
  const facts = shopFacts(context, state);
  const { pantry } = facts;
  return {
    ...facts,
    culture,
    offers: offersOf(of, culture, pantry),
    generations: generationsOf(of, culture, pantry),
    flours: floursIn(pantry),
    freezers: freezersOf(of),
    lotId: nextCodes(context, state, 'carry-over', [state.nowMs])[0] ?? 'C-next',
  };
}

/** Places that freeze. */
export function freezersOf(of: Pick<Of, 'state'>): { id: string; name: string }[] {
  return placesNow(of)
    .filter((place) => placeKind(place.tempC) === 'freezer')
    .map(({ id, name }) => ({ id, name }));
}

const DOUGHS: ReadonlySet<string> = new Set(['dough', 'balls', 'carry-over']);

/** Less of a divided dough than this is what stuck to the bowl: nobody keeps it. Source: the trade’s 1–3 %; set. */
const BOWL_SHARE = 0.04;

const staysInBowl = ({ story }: LotForecast, lot: Lot) =>
  story.endedBy?.act.kind === 'divide' && gramsOf(lot) < BOWL_SHARE * massOf(story.lot.composition);

function offersOf(of: Of, culture: Culture, pantry: Pantry): LeftoverOffer[] {
  const { context, state, forecast, stock } = of;
  const speed = cultureSpeeds(context, state).get(BAKERS_YEAST) ?? bookSpeed(BAKERS_YEAST);
  return [...stock.values()]
    .filter((lot) => DOUGHS.has(lot.kind) && !isUsedUp(lot) && !isFrozen(lot, of))
    .flatMap((lot): LeftoverOffer[] => {
      const standing = forecast.lots.get(lot.id);
      if (standing === undefined || staysInBowl(standing, lot)) return [];
      const jar = { ...jarOf(standing, state.nowMs, speed), lot, placeId: lot.placeId };
      return [
        {
          jar,
          name: lot.name,
          massG: gramsOf(lot),
          balls: lot.balls,
          ballG: lot.ballG,
          days: hoursBetween(lot.madeAtMs, state.nowMs) / 24,
          placeName: state.placeMap.get(lot.placeId)?.name ?? lot.placeId,
          own: lot.cultureId === culture.id,
          ...sharesOf(lot, pantry),
        },
      ];
    })
    .sort((a, b) => Number(b.own) - Number(a.own) || a.days - b.days);
}

function sharesOf(lot: Lot, pantry: Pantry) {
  const sum = totals(lot.composition, pantry);
  const per = (massG: number) => (sum.flourG > 0 ? massG / sum.flourG : 0);
  return { hydration: per(sum.waterG), saltShare: per(sum.saltG), oilShare: per(sum.oilG) };
}

/** Generations shown at the most. */
const SHOWN = 20;

function generationsOf(of: Of, culture: Culture, pantry: Pantry): Generation[] {
  const { context, state } = of;
  const runs = historyOf(context, state);
  const made = new Map(
    state.folded.done.flatMap(({ act, atMs }) =>
      act.kind === 'make' && act.cultureId === culture.id
        ? [[act.lotId, { act, atMs }] as const]
        : [],
    ),
  );
  // As it was made: what was taken since does not change what it is made of.
  return [...of.stock.values()]
    .filter((lot) => made.has(lot.id))
    .sort((a, b) => a.madeAtMs - b.madeAtMs)
    .slice(-SHOWN)
    .map((lot, index, all) => {
      const untilMs = all[index + 1]?.madeAtMs ?? state.nowMs;
      return generationOf(
        lot,
        { run: runs.get(lot.id), act: made.get(lot.id)?.act, untilMs },
        pantry,
      );
    });
}

function generationOf(
  lot: Lot,
  of: {
    readonly run: LotForecast | undefined;
    readonly act: ActOf<'make'> | undefined;
    readonly untilMs: number;
  },
  pantry: Pantry,
): Generation {
  const { run, act, untilMs } = of;
  const inside = run === undefined ? null : insideOf(run, untilMs);
  const sum = (lines: readonly { readonly massG: number }[] = []) =>
    lines.reduce((total, line) => total + line.massG, 0);
  const takenG = sum(act?.portions);
  const allG = takenG + sum(act?.ingredients);
  return {
    lotId: lot.id,
    atMs: lot.madeAtMs,
    ...sharesOf(run?.story.lot ?? lot, pantry),
    ph: inside?.ph ?? null,
    gluten: inside?.gluten ?? null,
    share: allG > 0 ? takenG / allG : 0,
  };
}
