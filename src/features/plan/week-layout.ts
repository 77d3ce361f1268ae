import type { WeekService } from '@/server/plan/week-services';

/** A service as an oven arch. */
export interface Arch {
  readonly service: WeekService;
  /** Its middle, px. */
  readonly x: number;
  readonly width: number;
  readonly height: number;
  /** True where its words fit beside it. */
  readonly labelRight: boolean;
}

/** An arch grows with its pizzas, px. */
const LEAST_WIDTH = 30;
const MOST_WIDTH = 40;
const FULL_BALLS = 80;
const LABEL_PX = 60;
const GAP_PX = 2;

/** Services along the week, each as wide as its pizzas ask, none over its neighbour. */
export function archesOf(
  services: readonly WeekService[],
  x: (atMs: number) => number,
  baseY: number,
): Arch[] {
  let right = -Infinity;
  const placed = services.map((service) => {
    const share = Math.min(1, service.balls / FULL_BALLS);
    const width = LEAST_WIDTH + (MOST_WIDTH - LEAST_WIDTH) * share;
    const height = Math.min(baseY - 34, 26 + 24 * share);
    const middle = Math.max(x((service.fromMs + service.toMs) / 2), right + GAP_PX + width / 2);
    right = middle + width / 2;
    return { service, x: middle, width, height };
  });
  return placed.map((arch, i) => {
    const next = placed[i + 1];
    const end = arch.x + arch.width / 2 + LABEL_PX;
    return { ...arch, labelRight: next === undefined || next.x - next.width / 2 > end };
  });
}

/** A letter of a day's name in the strip, px. */
export const NAME_LETTER_PX = 8;
/** Between the line of now and a name behind it, px. */
const NOW_GAP_PX = 6;

/** Where the name of a day begins, px: where it would, or behind the line of now where that would cross it. */
export function besideNow(at: number, width: number, nowX: number): number {
  return nowX > at - NOW_GAP_PX && nowX < at + width ? nowX + NOW_GAP_PX : at;
}
