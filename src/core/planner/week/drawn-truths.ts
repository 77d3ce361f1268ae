import type { DrawnTruth } from '../../forecast';
import { stratifiedNormals } from '../../numeric';

/** Hands are later than planned as a rule, min: so much, and so much of a spread. Set. */
export const LATENESS_MIN = { mean: 3, sd: 6 } as const;
/** Weighing error of yeast, ln. Source: model of ripening, §7. */
const DOSE_LN_SD = 0.06;

const SEED = 2026;
/** Levels of growth drawn: the model’s tables are made once for each. */
const GROWTH_LEVELS = 6;
/** The same for the cold end. */
const COLD_LEVELS = 3;
const DIMENSIONS = 11;

/** A drawn truth with what the hands do in it. */
export interface HandledTruth {
  readonly truth: DrawnTruth;
  readonly lateMin: { readonly leaven: number; readonly mix: number; readonly move: number };
  readonly doseFactor: number;
}

/** Truths that fill every doubt evenly; the same number gives the same truths. */
export function drawnTruths(draws: number, inProgress?: DrawnTruth['inProgress']): HandledTruth[] {
  return stratifiedNormals(draws, DIMENSIONS, SEED).map((z) => {
    const at = (dimension: number) => z[dimension] as number;
    const [dose, lateLeaven, lateMix] = [at(7), at(8), at(9)];
    const late = (one: number) => LATENESS_MIN.mean + LATENESS_MIN.sd * one;
    return {
      truth: {
        speedZ: at(0),
        placeZ: at(1),
        startZ: at(2),
        lagZ: at(3),
        growthZ: level(at(4), GROWTH_LEVELS),
        sugarZ: at(5),
        doughZ: at(6),
        coldZ: level(at(10), COLD_LEVELS),
        ...(inProgress === undefined ? {} : { inProgress }),
      },
      lateMin: { leaven: late(lateLeaven), mix: late(lateMix), move: late(-lateLeaven) },
      doseFactor: Math.exp(DOSE_LN_SD * dose),
    };
  });
}

/** The middle of the level that a deviate falls in. */
function level(z: number, levels: number): number {
  const width = 3.6 / levels;
  const index = Math.min(levels - 1, Math.max(0, Math.floor((z + 1.8) / width)));
  return -1.8 + (index + 0.5) * width;
}
