import { MS_PER_HOUR } from '@/core/units';
import type { Strand } from '@/services/tide';

/** A strand in one place for a while, drawn on one lane. */
export interface Stay {
  readonly lotId: string;
  readonly placeId: string;
  readonly fromMs: number;
  readonly toMs: number;
  /** Widest the strand gets here, px at k = 1. */
  readonly width: number;
  readonly asleep: boolean;
}

/** Stays of a place on lanes, the topmost first. */
export interface Lanes {
  /** Lane of each stay, in the order given. */
  readonly laneOf: readonly number[];
  /** Widest strand of each lane, px at k = 1. */
  readonly widths: readonly number[];
  /** True where nothing on the lane is awake. */
  readonly asleep: readonly boolean[];
}

/** Stays nearer than this in one place clash. */
const CLASH_MS = 1.3 * MS_PER_HOUR;

/** Cuts strands into stays that end where the picture ends. */
export function staysOf(
  strands: readonly Strand[],
  toMs: number,
  widthOf: (strand: Strand, fromMs: number, toMs: number) => { width: number; asleep: boolean },
): Stay[] {
  return strands.flatMap((strand) =>
    strand.stays
      .map((stay) => ({
        lotId: strand.lotId,
        placeId: stay.placeId,
        fromMs: stay.fromMs,
        toMs: Math.min(stay.toMs ?? strand.endMs ?? toMs, toMs),
      }))
      .filter((stay) => stay.toMs > stay.fromMs)
      .map((stay) => ({ ...stay, ...widthOf(strand, stay.fromMs, stay.toMs) })),
  );
}

/**
 * Lanes for the stays of one place by greedy interval colouring in order of time;
 * what a leaven becomes takes its lane over.
 */
export function assignLanes(
  stays: readonly Stay[],
  parentsOf: (lotId: string) => readonly string[],
): Lanes {
  const order = stays
    .map((stay, index) => ({ stay, index }))
    .sort((a, b) => a.stay.fromMs - b.stay.fromMs || a.stay.lotId.localeCompare(b.stay.lotId));
  const laneOf: number[] = stays.map(() => 0);
  const lanes: { endMs: number; lotId: string }[] = [];
  for (const { stay, index } of order) {
    const parents = parentsOf(stay.lotId);
    const handed = lanes.findIndex(
      (lane) => parents.includes(lane.lotId) && lane.endMs <= stay.fromMs + 1,
    );
    const free = lanes.findIndex((lane) => lane.endMs + CLASH_MS <= stay.fromMs);
    const lane = handed >= 0 ? handed : free >= 0 ? free : lanes.length;
    lanes[lane] = { endMs: stay.toMs, lotId: stay.lotId };
    laneOf[index] = lane;
  }
  const inLane = (lane: number) => stays.filter((_, index) => laneOf[index] === lane);
  return {
    laneOf,
    widths: lanes.map((_, lane) => Math.max(...inLane(lane).map((stay) => stay.width))),
    asleep: lanes.map((_, lane) => inLane(lane).every((stay) => stay.asleep)),
  };
}
