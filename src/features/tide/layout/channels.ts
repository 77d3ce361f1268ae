import type { Strand } from '@/server/tide';
import type { PlacedStay } from './bands';
import type { TimeScale } from './time-scale';

/** A thin neutral channel from one strand to another, or to the same strand's next place. */
export interface Channel {
  readonly id: string;
  readonly path: string;
  readonly seen: boolean;
  /** A portion is thinner than a whole mass. */
  readonly portion: boolean;
}

/** Sideways room a channel takes to change its height, px. */
const RUN = 16;

/** Channels of moves, merges and splits. */
export function channelsOf(
  stays: readonly PlacedStay[],
  strands: ReadonlyMap<string, Strand>,
  scale: TimeScale,
  nowMs: number,
): Channel[] {
  const channels: Channel[] = [];
  const add = (from: PlacedStay, to: PlacedStay, portion: boolean) => {
    if (Math.abs(from.y - to.y) < 2) return;
    const path = curve(scale.x(to.fromMs), from.y, to.y);
    channels.push({
      id: `${from.lotId}-${to.lotId}-${to.fromMs}`,
      path,
      seen: to.fromMs <= nowMs,
      portion,
    });
  };
  for (const stay of stays) {
    if (stay.fromMs < scale.fromMs || stay.fromMs > scale.toMs) continue;
    const before = stays.find((one) => one.lotId === stay.lotId && one.toMs === stay.fromMs);
    if (before !== undefined) add(before, stay, false);
    const strand = strands.get(stay.lotId);
    if (strand === undefined || strand.startMs !== stay.fromMs) continue;
    for (const parentId of strand.madeFrom) {
      const parent = stays.find(
        (one) => one.lotId === parentId && one.fromMs < stay.fromMs && one.toMs >= stay.fromMs,
      );
      if (parent !== undefined) add(parent, stay, parent.toMs > stay.fromMs);
    }
  }
  return channels;
}

function curve(x: number, fromY: number, toY: number): string {
  const [start, end] = [x - RUN, x];
  const bend = RUN * 0.9;
  return `M${r(start)},${r(fromY)}C${r(start + bend)},${r(fromY)} ${r(end - bend)},${r(toY)} ${r(end)},${r(toY)}`;
}

const r = (value: number) => Math.round(value * 10) / 10;
