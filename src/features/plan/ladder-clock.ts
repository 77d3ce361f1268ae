import { scaleLinear } from 'd3';

/** One clock for several ladders: where an instant stands, px from the top. */
export interface LadderClock {
  readonly y: (atMs: number) => number;
  /** The instant that stands at a height, UTC ms. */
  readonly at: (y: number) => number;
  readonly height: number;
  /** Hours worth a tick. */
  readonly ticks: readonly { readonly atMs: number; readonly y: number }[];
}

/** Moments of one plan stay so far apart, px. */
const APART_PX = 25;
/** An hour as a rule, and the most that a stretch without a moment takes, px. */
const HOUR_PX = 8;
const MOST_PX = 44;
const LEAST_PX = 3;
const TICK_APART_PX = 19;
const TOP_PX = 16;
const HOUR_MS = 3_600_000;

/**
 * A clock that runs at the pace of what happens: the same for every ladder, so that nights line up; quick where nothing is
 * done, slow where moments of one plan lie close.
 * @param ladders instants of each ladder, ascending
 * @param endMs the bake, at the bottom
 */
export function ladderClock(
  ladders: readonly (readonly number[])[],
  endMs: number,
  leastHeight: number,
): LadderClock {
  const all = [...new Set([...ladders.flat().filter((atMs) => atMs < endMs), endMs])].sort(
    (a, b) => a - b,
  );
  const places = placesOf(all, ladders);
  const height = Math.max(leastHeight, places.at(-1) ?? leastHeight);
  const stretch = (height - TOP_PX) / Math.max(1, (places.at(-1) ?? TOP_PX) - TOP_PX);
  const ys = places.map((y) => TOP_PX + (y - TOP_PX) * stretch);
  const scale =
    all.length > 1 ? scaleLinear(all, ys) : scaleLinear([endMs - HOUR_MS, endMs], [0, height]);
  return {
    y: (atMs) => scale(atMs),
    at: (y) => scale.invert(y),
    height,
    ticks: ticksOf(all, (atMs) => scale(atMs)),
  };
}

function placesOf(all: readonly number[], ladders: readonly (readonly number[])[]): number[] {
  const places: number[] = [];
  const last = ladders.map(() => -Infinity);
  all.forEach((atMs, i) => {
    const before = places[i - 1];
    const hours = (atMs - (all[i - 1] ?? atMs)) / HOUR_MS;
    let y =
      before === undefined
        ? TOP_PX
        : before + Math.min(MOST_PX, Math.max(LEAST_PX, hours * HOUR_PX));
    const isBake = i === all.length - 1;
    ladders.forEach((ladder, index) => {
      if (isBake || ladder.includes(atMs)) y = Math.max(y, (last[index] ?? -Infinity) + APART_PX);
    });
    ladders.forEach((ladder, index) => {
      if (ladder.includes(atMs)) last[index] = y;
    });
    places.push(y);
  });
  return places;
}

function ticksOf(all: readonly number[], y: (atMs: number) => number): LadderClock['ticks'] {
  const [first] = all;
  const last = all.at(-1);
  if (first === undefined || last === undefined) return [];
  const ticks: { atMs: number; y: number }[] = [];
  for (let atMs = Math.ceil(first / HOUR_MS) * HOUR_MS; atMs < last; atMs += HOUR_MS) {
    const at = y(atMs);
    if (at - (ticks.at(-1)?.y ?? -Infinity) >= TICK_APART_PX) ticks.push({ atMs, y: at });
  }
  return ticks;
}
