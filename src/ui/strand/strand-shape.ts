import { area, curveMonotoneX } from 'd3';
import type { Strand } from '@/server/tide';
import type { Phase } from '@/ui/marks/textures';

/** Widths of strands, px at k = 1. */
const LEAST_WIDTH = 5;
const MOST_WIDTH = 45;
const ASLEEP_WIDTH = 7;
/** Gas rate that makes a strand full width, ml/g/h. */
const FULL_ACTIVITY = 2;
/** Gas rate under which a strand counts as asleep, ml/g/h. */
const ASLEEP_ACTIVITY = 0.06;

/** Width for an activity, px at k = 1. */
function widthFor(activity: number): number {
  if (activity < ASLEEP_ACTIVITY) return ASLEEP_WIDTH;
  const share = Math.min(1, activity / FULL_ACTIVITY) ** 0.7;
  return LEAST_WIDTH + (MOST_WIDTH - LEAST_WIDTH) * share;
}

const widthCache = new WeakMap<Strand, Float64Array>();

/** Widths of a strand at its samples, px at k = 1; computed once a strand. */
function widthsOf(strand: Strand): Float64Array {
  const known = widthCache.get(strand);
  if (known !== undefined) return known;
  const widths = Float64Array.from(strand.activity, widthFor);
  widthCache.set(strand, widths);
  return widths;
}

/** Width of a strand at an instant, px at k = 1. */
export function widthAt(strand: Strand, atMs: number): number {
  const widths = widthsOf(strand);
  const position = Math.max(0, (atMs - strand.startMs) / strand.stepMs);
  const index = Math.min(widths.length - 1, Math.floor(position));
  const next = Math.min(widths.length - 1, index + 1);
  const low = widths[index] ?? ASLEEP_WIDTH;
  return low + Math.min(1, position - index) * ((widths[next] ?? low) - low);
}

/** Widest of a stretch, and whether the strand sleeps all through it. */
export function widestIn(
  strand: Strand,
  fromMs: number,
  toMs: number,
): { width: number; asleep: boolean } {
  const { activity, startMs, stepMs } = strand;
  let most = 0;
  for (let atMs = fromMs; atMs <= toMs; atMs += stepMs) {
    const index = Math.min(activity.length - 1, Math.max(0, Math.floor((atMs - startMs) / stepMs)));
    most = Math.max(most, activity[index] ?? 0);
  }
  return { width: widthFor(most), asleep: most < ASLEEP_ACTIVITY };
}

/** A piece of a strand in one phase on one side of now. */
export interface StrandPiece {
  readonly phase: Phase;
  readonly seen: boolean;
  readonly path: string;
}

/** A stay of a strand as it is drawn: filled pieces and an outline for what is seen and what is to come. */
export interface StrandShape {
  readonly pieces: readonly StrandPiece[];
  readonly seenOutline: string;
  readonly futureOutline: string;
}

interface ShapeInput {
  readonly strand: Strand;
  readonly fromMs: number;
  readonly toMs: number;
  readonly y: number;
  readonly k: number;
  /** One width all along, px, for a strand of which only the way is told. */
  readonly thinPx?: number;
  readonly nowMs: number;
  /** Where an instant stands, px. */
  readonly scale: { readonly x: (atMs: number) => number };
}

/** Draws one stay of a strand. */
export function strandShape(input: ShapeInput): StrandShape {
  const { fromMs, toMs, nowMs } = input;
  const cuts = phaseCuts(input.strand).filter((cut) => cut.fromMs < toMs && cut.toMs > fromMs);
  const pieces = cuts.flatMap((cut) => {
    const start = Math.max(cut.fromMs, fromMs);
    const end = Math.min(cut.toMs, toMs);
    return split(start, end, nowMs).map((part) => ({
      phase: cut.phase,
      seen: part.seen,
      path: pathOf(input, part.fromMs, part.toMs),
    }));
  });
  return {
    pieces,
    seenOutline: fromMs < nowMs ? pathOf(input, fromMs, Math.min(toMs, nowMs)) : '',
    futureOutline: toMs > nowMs ? pathOf(input, Math.max(fromMs, nowMs), toMs) : '',
  };
}

function split(fromMs: number, toMs: number, nowMs: number) {
  if (toMs <= nowMs) return [{ fromMs, toMs, seen: true }];
  if (fromMs >= nowMs) return [{ fromMs, toMs, seen: false }];
  return [
    { fromMs, toMs: nowMs, seen: true },
    { fromMs: nowMs, toMs, seen: false },
  ];
}

/** What the phases of a mass go by. */
export interface Ripening {
  readonly risingMs: number | null;
  readonly window: { readonly opensMs: number | null; readonly closesMs: number | null };
}

/** The phases of a strand in order, with their instants. */
export function phaseCuts(strand: Ripening): { phase: Phase; fromMs: number; toMs: number }[] {
  const { opensMs, closesMs } = strand.window;
  const rising = Math.min(strand.risingMs ?? Infinity, opensMs ?? Infinity);
  const edges: [Phase, number][] = [
    ['under', -Infinity],
    ['rising', rising],
    ['ripe', opensMs ?? Infinity],
    ['past', closesMs ?? Infinity],
  ];
  return edges
    .map(([phase, fromMs], i) => ({ phase, fromMs, toMs: edges[i + 1]?.[1] ?? Infinity }))
    .filter((cut) => cut.toMs > cut.fromMs);
}

/** Least room between two points of an outline, px. */
const POINT_PX = 6;
/** How far an outline may lie beside the width that is told, px: less than an eye sees. */
const BESIDE_PX = 0.15;

interface OutlinePoint {
  readonly x: number;
  readonly half: number;
}

/**
 * The points that an outline needs: those between two of them lie on the straight way from one to the other.
 * Source: Douglas and Peucker (1973).
 */
function needed(points: readonly OutlinePoint[]): readonly OutlinePoint[] {
  const [first, last] = [points[0], points.at(-1)];
  if (first === undefined || last === undefined || points.length < 3) return points;
  let farthest = 0;
  let most = BESIDE_PX;
  for (let index = 1; index < points.length - 1; index += 1) {
    const { x, half } = points[index] as OutlinePoint;
    const straight = first.half + ((last.half - first.half) * (x - first.x)) / (last.x - first.x);
    const beside = Math.abs(half - straight);
    if (beside > most) [farthest, most] = [index, beside];
  }
  if (farthest === 0) return [first, last];
  return [...needed(points.slice(0, farthest + 1)).slice(0, -1), ...needed(points.slice(farthest))];
}

function pathOf(input: ShapeInput, fromMs: number, toMs: number): string {
  const { strand, scale, k, y, thinPx } = input;
  const { startMs, stepMs } = strand;
  const points: OutlinePoint[] = [];
  const add = (atMs: number, x: number) => {
    const half = (thinPx ?? k * widthAt(strand, atMs)) / 2;
    points.push({ x: Math.round(x * 10) / 10, half });
  };
  const endX = scale.x(toMs);
  add(fromMs, scale.x(fromMs));
  const first = startMs + Math.ceil((fromMs - startMs) / stepMs) * stepMs;
  for (let atMs = first; atMs < toMs; atMs += stepMs) {
    const x = scale.x(atMs);
    if (x - (points.at(-1)?.x ?? x) >= POINT_PX && endX - x >= POINT_PX) add(atMs, x);
  }
  add(toMs, endX);
  const draw = area<OutlinePoint>()
    .x((point) => point.x)
    .y0((point) => Math.round((y + point.half) * 10) / 10)
    .y1((point) => Math.round((y - point.half) * 10) / 10)
    .curve(curveMonotoneX);
  return draw(needed(points)) ?? '';
}
