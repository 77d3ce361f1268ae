import { extent, scaleLinear, type ScaleLinear } from 'd3';
import type { ComparedBake } from '@/server/scores/compared-bake';

/** Where hours and levels of compared bakes lie. */
export interface CurveFrame {
  readonly x: ScaleLinear<number, number>;
  readonly y: ScaleLinear<number, number>;
  readonly height: number;
  /** Hours that a bake is moved to the left, so that all meet. */
  readonly shiftOf: (bake: ComparedBake) => number;
}

const HEIGHT = 330;
const LEFT = 44;
const RIGHT = 12;
/** Hours of a leaven that are shown before the mix: older ones of days would press the rest together. */
const MOST_BEFORE_H = 18;

/** The frame of the levels of some bakes, aligned at their mixes or at their first pizzas. */
export function curveFrame(
  bakes: readonly ComparedBake[],
  align: 'mix' | 'bake',
  width: number,
): CurveFrame {
  const shiftOf = (bake: ComparedBake) => (align === 'mix' ? 0 : bake.servedH[0]);
  const hours = bakes.flatMap((bake) =>
    [...bake.leaven, ...bake.dough].map(([hour]) => Math.max(hour, -MOST_BEFORE_H) - shiftOf(bake)),
  );
  const rises = bakes.flatMap((bake) =>
    [...bake.leaven, ...bake.dough, ...bake.leavenLooks, ...bake.doughLooks].map(
      ([, rise]) => rise,
    ),
  );
  const [from = -1, to = 1] = extent(hours);
  const [, high = 2] = extent(rises);
  const x = scaleLinear([from, to], [LEFT, width - RIGHT]);
  const y = scaleLinear([0.95, Math.max(1.6, high) * 1.06], [HEIGHT - 24, 10]);
  return { x, y, height: HEIGHT, shiftOf };
}
