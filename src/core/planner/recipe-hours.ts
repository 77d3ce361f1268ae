import { forecastRequest, type MassRequest, type Seed } from '../forecast';
import { USUAL_LEAVENS, type Dough, type Leaven } from '../formula';
import { recipe } from '../kinetics';
import { seededNormal } from '../numeric';
import type { Blend } from '../flour';

/** When a dough is good for what, counted from its mixing, h; null where it never gets there. */
export interface RecipeHours {
  readonly opensH: number | null;
  readonly bestH: number | null;
  readonly closesH: number | null;
  /** 8 in 10 of the best; null where some runs do not get there. */
  readonly bestBand: readonly [number, number] | null;
}

/** Long enough for the slowest dough that anybody waits for, h. */
const LONGEST_H = 96;
const MIXED_AT_C = 24;
const BALL_G = 250;
const SEED = 20261127;
/** Pre-ferments of a recipe are taken to have stood at this temperature until ripe, °C. */
const LEAVEN_C = 21;

/**
 * Hours of a dough of a recipe at the baker’s temperature, standing as balls from the mix on; its leavens are taken as
 * ripe.
 * @throws {DomainError} recipe-hydration and others, where the recipe is no dough
 */
export function recipeHours(dough: Dough, blend: Blend, tempC: number): RecipeHours {
  const request: MassRequest = {
    kind: 'balls',
    recipe: recipe({
      hydration: dough.hydration,
      saltShare: dough.saltShare,
      sugarShare: sugarOf(dough),
      wholegrainShare: blend.wholegrainShare,
      strengthW: Math.min(600, Math.max(50, blend.strengthW)),
      massG: BALL_G,
    }),
    startC: MIXED_AT_C,
    freshShare: dough.yeast.freshShare,
    dryYeast: dough.yeast.type !== 'fresh',
    seeds: dough.leavens.map(seedOf),
    stays: [{ placeC: tempC, hours: LONGEST_H }],
  };
  const { window, band } = forecastRequest(request, seededNormal(SEED));
  return {
    opensH: window.opensH,
    bestH: window.bestH,
    closesH: window.closesH,
    bestBand: band?.bestH ?? null,
  };
}

const SUGARS: Readonly<Record<string, number>> = { sugar: 1, honey: 0.8, 'malt-extract': 0.6 };

function sugarOf(dough: Dough): number {
  return dough.added.reduce((sum, one) => sum + one.share * (SUGARS[one.ingredientId] ?? 0), 0);
}

function seedOf(leaven: Leaven): Seed {
  const { made, hydration, flourShare, kind } = leaven;
  const { lotKind } = USUAL_LEAVENS[kind];
  if (made.by === 'yeast') {
    const usual = USUAL_LEAVENS[kind].made;
    const freshShare = usual.by === 'yeast' ? usual.freshShare : made.freshShare;
    return {
      flourShare,
      source: {
        made: {
          kind: lotKind,
          recipe: recipe({ hydration, massG: 1000 }),
          startC: LEAVEN_C,
          freshShare: made.freshShare > 0 ? made.freshShare : freshShare,
          seeds: [],
          stays: [{ placeC: LEAVEN_C, hours: 48 }],
        },
        atH: 'best',
      },
    };
  }
  return {
    flourShare,
    source: {
      cycle: { ratio: [1, 5, 5], tempC: LEAVEN_C, motherHydration: Math.min(1.2, hydration) },
    },
  };
}
