import { area, curveMonotoneX } from 'd3';
import type { Strand } from '@/services/tide';
import type { Phase } from '@/ui/marks/textures';

/** Widths of strands, px at k = 1. */
const LEAST_WIDTH = 5;
const MOST_WIDTH = 45;
const ASLEEP_WIDTH = 7;
/** Gas rate that makes a strand full width, ml/g/h. */
const FULL_ACTIVITY = 2;
/** Gas rate under which a strand counts as asleep, ml/g/h. */
const ASLEEP_ACTIVITY = 0.06;

/** Width of a strand at an instant, px at k = 1. */
export function widthAt(strand: Strand, atMs: number): number {
  const activity = activityAt(strand, atMs);
  if (activity < ASLEEP_ACTIVITY) return ASLEEP_WIDTH;
  const share = Math.min(1, activity / FULL_ACTIVITY) ** 0.7;
  return LEAST_WIDTH + (MOST_WIDTH - LEAST_WIDTH) * share;
}

/** Widest of a stretch, and whether the strand sleeps all through it. */
export function widestIn(
  strand: Strand,
  fromMs: number,
  toMs: number,
): { width: number; asleep: boolean } {
  let width = 0;
  let asleep = true;
  for (let atMs = fromMs; atMs <= toMs; atMs += strand.stepMs) {
    width = Math.max(width, widthAt(strand, atMs));
    if (activityAt(strand, atMs) >= ASLEEP_ACTIVITY) asleep = false;
  }
  return { width: asleep ? ASLEEP_WIDTH : width, asleep };
}

function activityAt(strand: Strand, atMs: number): number {
  const position = Math.max(0, (atMs - strand.startMs) / strand.stepMs);
  const index = Math.min(strand.activity.length - 1, Math.floor(position));
  const next = Math.min(strand.activity.length - 1, index + 1);
  const share = Math.min(1, position - index);
  const low = strand.activity[index] ?? 0;
  return low + share * ((strand.activity[next] ?? low) - low);
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

/** The phases of a strand in order, with their instants. */
export function phaseCuts(strand: Strand): { phase: Phase; fromMs: number; toMs: number }[] {
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

function pathOf(input: ShapeInput, fromMs: number, toMs: number): string {
  const { strand, scale, k, y } = input;
  const instants: number[] = [fromMs];
  const first =
    strand.startMs + Math.ceil((fromMs - strand.startMs) / strand.stepMs) * strand.stepMs;
  for (let atMs = first; atMs < toMs; atMs += strand.stepMs) if (atMs > fromMs) instants.push(atMs);
  instants.push(toMs);
  const half = (atMs: number) => (k * widthAt(strand, atMs)) / 2;
  const draw = area<number>()
    .x((atMs) => Math.round(scale.x(atMs) * 10) / 10)
    .y0((atMs) => Math.round((y + half(atMs)) * 10) / 10)
    .y1((atMs) => Math.round((y - half(atMs)) * 10) / 10)
    .curve(curveMonotoneX);
  return draw(instants) ?? '';
}
