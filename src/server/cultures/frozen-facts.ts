import {
  isStarter,
  jarOf,
  powerLeft,
  type Culture,
  type Jar,
  type PowerLeft,
} from '@/core/cultures';
import { BAKERS_YEAST, bookSpeed } from '@/core/forecast';
import type { Lot } from '@/core/journal';
import { MS_PER_HOUR } from '@/core/units';
import type { ShopFacts } from '@/shop/facts';
import { shopFacts } from '../facts/shop-facts';
import { cultureSpeeds } from '../shop/load-shop';
import { gramsOf } from '../culture-lines/registry';
import { FROZEN_KEEPS_DAYS } from './rows/kept-rows';
import { frozenSince, type Of } from './rows/of';

/** What a thaw of a frozen lot rests on. Plain data: it can be posted to a worker. */
export interface FrozenFacts extends ShopFacts {
  readonly lotId: string;
  readonly name: string;
  readonly kind: string;
  readonly culture: Culture | null;
  readonly massG: number;
  readonly balls: number | null;
  readonly flatMm: number | null;
  readonly days: number;
  readonly keepsDays: number;
  readonly contents: readonly { readonly name: string; readonly massG: number }[];
  /** Raising power now and in one, three and six months. */
  readonly power: readonly { readonly inMonths: number; readonly left: PowerLeft }[];
  readonly jar: Jar;
  /** True for a culture’s back-up: it is fed after it has thawed. */
  readonly backUp: boolean;
  /** A thaw that is planned already. */
  readonly planned: readonly {
    readonly stepId: string;
    readonly atMs: number;
    readonly placeId: string;
  }[];
}

const MONTH_DAYS = 30.4;

/** A frozen lot with what is left of its power; null where it is not on the Tide. */
export function frozenFacts(of: Of, lot: Lot): FrozenFacts | null {
  const { context, state, forecast, stock, cultures } = of;
  const standing = forecast.lots.get(lot.id);
  if (standing === undefined) return null;
  const facts = shopFacts(context, state);
  const { pantry } = facts;
  const culture = cultures.find((one) => one.id === lot.cultureId) ?? null;
  const backUp = culture !== null && isStarter(culture);
  const speeds = cultureSpeeds(context, state);
  const speedOf = backUp ? culture.id : BAKERS_YEAST;
  const speed = speeds.get(speedOf) ?? bookSpeed(speedOf);
  const jar = { ...jarOf(standing, state.nowMs, speed), lot, placeId: lot.placeId };
  const days = (state.nowMs - frozenSince(of, lot)) / (24 * MS_PER_HOUR);
  return {
    ...facts,
    lotId: lot.id,
    name: lot.name,
    kind: lot.kind,
    culture,
    massG: gramsOf(stock.get(lot.id) ?? lot),
    balls: lot.balls,
    flatMm: lot.flatMm,
    days,
    keepsDays: FROZEN_KEEPS_DAYS,
    contents: Object.entries(lot.composition)
      .filter(([, massG]) => massG > 0)
      .map(([id, massG]) => ({ name: pantry.get(id)?.name ?? id, massG })),
    power: [0, 1, 3, 6].map((inMonths) => ({
      inMonths,
      left: powerLeft(jar.state, days + inMonths * MONTH_DAYS),
    })),
    jar,
    backUp,
    planned: state.folded.plan.flatMap((step) =>
      step.act.kind === 'move' && step.act.lotId === lot.id
        ? [{ stepId: step.stepId, atMs: step.atMs, placeId: step.act.placeId }]
        : [],
    ),
  };
}
