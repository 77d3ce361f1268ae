import { scaleLinear } from 'd3';

/** Time across the view: the next hours in full, what lies between folded, the service in a column of its own. */
export interface HoldScale {
  readonly x: (atMs: number) => number;
  /** The folded part, px. */
  readonly fold: { readonly fromX: number; readonly toX: number } | null;
  readonly service: { readonly fromX: number; readonly toX: number };
  readonly ticks: readonly number[];
}

const HOUR_MS = 3_600_000;
const BACK_H = 3;
/** A service up to so many hours away stands with all hours to it; one farther off has only the next ones in full. */
const ALL_H = 14;
const AHEAD_H = 5;
/** So many hours at the most have a mark each; more have one every second hour. */
const EACH_HOUR = 8;
const FOLD_PX = 40;
const SERVICE_SHARE = 0.2;

/**
 * @param width of the picture, px
 * @param nowX where now stands, px
 */
export function holdScale(
  at: { readonly nowMs: number; readonly fromMs: number; readonly toMs: number },
  width: number,
  nowX: number,
): HoldScale {
  const serviceX = width * (1 - SERVICE_SHARE);
  const folded = at.fromMs > at.nowMs + ALL_H * HOUR_MS;
  const nearMs = folded ? at.nowMs + AHEAD_H * HOUR_MS : at.fromMs;
  const nearX = folded ? serviceX - FOLD_PX : serviceX;
  const scale = scaleLinear(
    [
      at.nowMs - BACK_H * HOUR_MS,
      at.nowMs,
      Math.max(nearMs, at.nowMs + 1),
      ...(folded ? [at.fromMs] : []),
      at.toMs,
    ],
    [0, nowX, nearX, ...(folded ? [serviceX] : []), width],
  ).clamp(true);
  const stepMs = (nearMs - at.nowMs > EACH_HOUR * HOUR_MS ? 2 : 1) * HOUR_MS;
  const first = Math.ceil((at.nowMs - BACK_H * HOUR_MS) / stepMs) * stepMs;
  const hours: number[] = [];
  for (let atMs = first; atMs < nearMs; atMs += stepMs) hours.push(atMs);
  return {
    x: (atMs) => scale(atMs),
    fold: folded ? { fromX: nearX, toX: serviceX } : null,
    service: { fromX: serviceX, toX: width },
    ticks: withRoom(hours, scale, nearX),
  };
}

/** Room that an hour takes under its mark, px. */
const HOUR_PX = 50;

/** The hours that have room for their text: no two on each other, none beyond the edge or on what follows at `toX`. */
function withRoom(
  hours: readonly number[],
  x: (atMs: number) => number,
  toX: number,
): readonly number[] {
  let freeX = 0;
  return hours.filter((atMs) => {
    const fits = x(atMs) - HOUR_PX / 2 >= freeX && x(atMs) + HOUR_PX / 2 <= toX;
    if (fits) freeX = x(atMs) + HOUR_PX / 2;
    return fits;
  });
}

/** Marks in order with the side their hour stands on: over the rope where the one before it takes the room under it. */
export function besideEachOther<T extends { readonly x: number }>(
  marks: readonly T[],
): (T & { readonly above: boolean })[] {
  let below = -Infinity;
  return [...marks]
    .sort((a, b) => a.x - b.x)
    .map((mark) => {
      const above = mark.x - below < HOUR_PX;
      if (!above) below = mark.x;
      return { ...mark, above };
    });
}
