import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import type { Strand } from '@/server/tide';

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

/** Room around a strand on its lane, awake and asleep, px at the usual text. */
const AWAKE_GAP = 27;
const ASLEEP_GAP = 13;

/** Height a lane needs for its widest strand, px at k = 1 and a text so many times the usual one. */
export function laneHeight(width: number, asleep: boolean, text = 1): number {
  return width + (asleep ? ASLEEP_GAP : AWAKE_GAP) * text;
}

/** Stays nearer than this in one place clash. */
const CLASH_MS = 1.3 * MS_PER_HOUR;

/** An end that is not in sight. */
export const OPEN_MS = Number.MAX_SAFE_INTEGER;

/** Cuts strands into stays, each from when to when it really lasts: a pull on the paper changes none of them. */
export function staysOf(
  strands: readonly Strand[],
  widthOf: (strand: Strand, fromMs: number, toMs: number) => { width: number; asleep: boolean },
): Stay[] {
  return strands.flatMap((strand) =>
    strand.stays
      .map((stay) => ({
        lotId: strand.lotId,
        placeId: stay.placeId,
        fromMs: stay.fromMs,
        toMs: stay.toMs ?? strand.endMs ?? OPEN_MS,
      }))
      .filter((stay) => stay.toMs > stay.fromMs)
      .map((stay) => ({ ...stay, ...widthOf(strand, stay.fromMs, stay.toMs) })),
  );
}

/** Where a stay lay in the last layout, and when it was there. */
export interface LaneBefore {
  readonly lane: number;
  readonly fromMs: number;
  readonly toMs: number;
}

/** The last layout’s lanes, by {@link laneKeys}. */
export type LaneMemory = ReadonlyMap<string, LaneBefore>;

/** A stay that moved by more than the clock does between two layouts was moved by hand. */
const MOVED_MS = 4 * MS_PER_MINUTE;

/** A name for each stay that stays the same when its hours change: its lot, its place, the how-manieth time there. */
export function laneKeys(stays: readonly Stay[]): readonly string[] {
  const seen = new Map<string, number>();
  return stays.map((stay) => {
    const name = `${stay.lotId} ${stay.placeId}`;
    const times = seen.get(name) ?? 0;
    seen.set(name, times + 1);
    return `${name} ${times}`;
  });
}

/** How many ends of a stay were moved since a layout; both of one that is new. */
function endsMoved(stay: Stay, before: LaneBefore | undefined): number {
  if (before === undefined) return 2;
  const ends = [before.fromMs - stay.fromMs, before.toMs - stay.toMs];
  return ends.filter((ms) => Math.abs(ms) > MOVED_MS).length;
}

/** True for a stay that is new, or that somebody moved, since a layout; one that only lasts longer is where it was. */
export function isMoved(stay: Stay, before: LaneBefore | undefined): boolean {
  return endsMoved(stay, before) === 2;
}

interface Ordered {
  readonly stay: Stay;
  readonly index: number;
  readonly before: LaneBefore | undefined;
  readonly ends: number;
}

/**
 * Lanes for the stays of one place by greedy interval colouring; what a leaven becomes takes its lane over. Stays that
 * were there before keep their lanes, those that were moved find theirs last: an edit leaves what it does not touch.
 */
export function assignLanes(
  stays: readonly Stay[],
  parentsOf: (lotId: string) => readonly string[],
  memory: LaneMemory = new Map(),
): Lanes {
  const taken: { readonly stay: Stay }[][] = [];
  const laneOf: number[] = stays.map(() => 0);
  for (const { stay, index, before } of inOrder(stays, memory)) {
    const parents = parentsOf(stay.lotId);
    const isFree = (lane: number) =>
      (taken[lane] ?? []).every((other) => !clash(stay, other.stay, parents));
    const handed = taken.findIndex(
      (lane, at) => isFree(at) && lane.some((other) => hands(other.stay, stay, parents)),
    );
    const free = taken.findIndex((_, at) => isFree(at));
    const remembered = before !== undefined && isFree(before.lane) ? before.lane : -1;
    const lane = [remembered, handed, free].find((one) => one >= 0) ?? taken.length;
    while (taken.length <= lane) taken.push([]);
    taken[lane]?.push({ stay });
    laneOf[index] = lane;
  }
  return compacted(stays, laneOf, taken.length);
}

/** Stays that stood still first, then those of which an end was moved, then those that are new or were moved; each by time. */
function inOrder(stays: readonly Stay[], memory: LaneMemory): Ordered[] {
  const keys = laneKeys(stays);
  return stays
    .map((stay, index): Ordered => {
      const before = memory.get(keys[index] ?? '');
      return { stay, index, before, ends: endsMoved(stay, before) };
    })
    .sort(
      (a, b) =>
        a.ends - b.ends ||
        a.stay.fromMs - b.stay.fromMs ||
        a.stay.lotId.localeCompare(b.stay.lotId),
    );
}

/** True when one stay takes over where its parent’s ends. */
export function hands(parent: Stay, stay: Stay, parents: readonly string[]): boolean {
  return parents.includes(parent.lotId) && Math.abs(parent.toMs - stay.fromMs) <= MOVED_MS;
}

/** True for two stays that can not lie on one lane; `parents` are those of the first. */
export function clash(a: Stay, b: Stay, parents: readonly string[]): boolean {
  if (hands(b, a, parents)) return false;
  return a.fromMs < b.toMs + CLASH_MS && b.fromMs < a.toMs + CLASH_MS;
}

/** Lanes without the empty ones, in their order. */
function compacted(stays: readonly Stay[], laneOf: readonly number[], count: number): Lanes {
  const used = Array.from({ length: count }, (_, lane) => lane).filter((lane) =>
    laneOf.includes(lane),
  );
  const inLane = (lane: number) => stays.filter((_, index) => laneOf[index] === lane);
  return {
    laneOf: laneOf.map((lane) => used.indexOf(lane)),
    widths: used.map((lane) => Math.max(...inLane(lane).map((stay) => stay.width))),
    asleep: used.map((lane) => inLane(lane).every((stay) => stay.asleep)),
  };
}
