import type { Curve } from '@/shop/lots/curve';
import { area, curveMonotoneX, line } from 'd3';

/** Where instants and rises stand on the chart. */
export interface Scales {
  readonly x: (atMs: number) => number;
  readonly y: (rise: number) => number;
  /** Where the level of ×1 stands. */
  readonly base: number;
}

/** The last instant of a curve. */
export function endOf(curve: Curve): number {
  return curve.fromMs + (curve.rise.length - 1) * curve.stepMs;
}

function pointsOf(curve: Curve, fromMs: number, toMs: number): { atMs: number; rise: number }[] {
  const all = curve.rise.map((rise, i) => ({ atMs: curve.fromMs + i * curve.stepMs, rise }));
  const inner = all.filter((point) => point.atMs > fromMs && point.atMs < toMs);
  return [
    { atMs: fromMs, rise: riseAt(curve, fromMs) },
    ...inner,
    { atMs: toMs, rise: riseAt(curve, toMs) },
  ];
}

function riseAt(curve: Curve, atMs: number): number {
  const position = Math.max(
    0,
    Math.min(curve.rise.length - 1, (atMs - curve.fromMs) / curve.stepMs),
  );
  const low = curve.rise[Math.floor(position)] ?? 1;
  const high = curve.rise[Math.ceil(position)] ?? low;
  return low + (position % 1) * (high - low);
}

/** The path of a curve between two instants. */
export function lineOf(curve: Curve, fromMs: number, toMs: number, { x, y }: Scales): string {
  if (toMs <= fromMs) return '';
  const draw = line<{ atMs: number; rise: number }>(
    (p) => x(p.atMs),
    (p) => y(p.rise),
  ).curve(curveMonotoneX);
  return draw(pointsOf(curve, fromMs, toMs)) ?? '';
}

/** The area under a curve between two instants. */
export function fillOf(curve: Curve, fromMs: number, toMs: number, { x, y, base }: Scales): string {
  if (toMs <= fromMs) return '';
  const draw = area<{ atMs: number; rise: number }>()
    .x((p) => x(p.atMs))
    .y0(base)
    .y1((p) => y(p.rise))
    .curve(curveMonotoneX);
  return draw(pointsOf(curve, fromMs, toMs)) ?? '';
}
