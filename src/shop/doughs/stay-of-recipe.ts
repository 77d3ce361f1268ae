import type { RecipeStage } from '@/core/formula/check';
import { nearestPlace, type Stay } from '@/core/methods';
import type { DoughFacts } from './facts';

/** The temperature each word of a recipe stands for, °C. Set. */
export const WHERE_C: Readonly<Record<RecipeStage['where'], number>> = {
  warm: 28,
  room: 21,
  cool: 16,
  cold: 4,
};
/** A stage of which one number is given may be so much shorter and longer. Set. */
const ABOUT = { least: 0.8, most: 1.25 } as const;
/** As many stays as a method takes. */
export const MOST_STAYS = 5;
const HOUR_STEPS = 4;

const toQuarter = (hours: number) => Math.round(hours * HOUR_STEPS) / HOUR_STEPS;

/** A stage of a recipe at the place of the shop that is nearest to it. */
export function stayOf({ where, leastH, mostH }: RecipeStage, { places, nowMs }: DoughFacts): Stay {
  const placeId = nearestPlace(WHERE_C[where], {
    places,
    atMs: nowMs,
  });
  if (leastH === mostH) {
    const [least, most] = [toQuarter(leastH * ABOUT.least), toQuarter(mostH * ABOUT.most)];
    return {
      placeId,
      hours: leastH,
      leastH: Math.min(leastH, least),
      mostH: Math.max(mostH, most),
    };
  }
  return { placeId, hours: toQuarter((leastH + mostH) / 2), leastH, mostH };
}
