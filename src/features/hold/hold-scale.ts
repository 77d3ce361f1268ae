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
const AHEAD_H = 5;
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
  const nearMs = Math.min(at.fromMs, at.nowMs + AHEAD_H * HOUR_MS);
  const folded = at.fromMs > nearMs;
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
  const first = Math.ceil((at.nowMs - BACK_H * HOUR_MS) / HOUR_MS) * HOUR_MS;
  const ticks: number[] = [];
  for (let atMs = first; atMs < nearMs; atMs += HOUR_MS) ticks.push(atMs);
  return {
    x: (atMs) => scale(atMs),
    fold: folded ? { fromX: nearX, toX: serviceX } : null,
    service: { fromX: serviceX, toX: width },
    ticks,
  };
}
