import type { Moment, TideView } from '@/services/tide';
import { strandShape, widestIn } from '@/ui/strand/strand-shape';
import { layoutBands, type PlacedStay } from './bands';
import { bracketsOf } from './brackets';
import { channelsOf } from './channels';
import { staysOf, type LaneMemory } from './lanes';
import { labelsOf } from './picture-labels';
import type { Disc, Frame, Picture } from './picture-parts';
import { rulerMarks } from './ticks';
import { timeScale, type TimeScale } from './time-scale';

/** Moments that stand filled on the picture and on the cards. */
export const NEXT_COUNT = 5;
const DISC_R = { next: 15, later: 11, done: 9 } as const;

/** What the baker has opened and pulled: nights shown at full rate by their start, and how far the paper is pulled. */
export interface Pulled {
  readonly unfolded: ReadonlySet<number>;
  readonly panMs: number;
  /** The last picture’s lanes, so that an edit leaves alone what it does not touch. */
  readonly lanes?: LaneMemory;
}

/** Lays the whole picture out from a view: pure, repeatable, no clock of its own. */
export function layoutPicture(
  view: TideView,
  nowMs: number,
  frame: Frame,
  { unfolded, panMs, lanes: before }: Pulled,
): Picture {
  const scale = timeScale({
    nowMs: nowMs + panMs,
    keelX: frame.keelX,
    left: frame.labelWidth,
    right: frame.width,
    working: view.working,
    timeZone: view.units.timeZone,
    unfolded,
    stretch: Math.max(0.8, Math.min(1.5, frame.width / 1280)),
  });
  const visible = view.strands.filter(
    (strand) => strand.startMs < scale.toMs && (strand.endMs ?? Infinity) > scale.fromMs,
  );
  const strands = new Map(visible.map((strand) => [strand.lotId, strand]));
  const clipped = staysOf(visible, scale.toMs, (strand, fromMs, toMs) =>
    widestIn(strand, Math.max(fromMs, scale.fromMs), toMs),
  )
    .map((stay) => ({ ...stay, fromMs: Math.max(stay.fromMs, scale.fromMs) }))
    .filter((stay) => stay.toMs > stay.fromMs);
  const { bands, stays, k, lanes } = layoutBands(view.bands, clipped, strands, {
    top: frame.rulerHeight,
    height: frame.height - frame.rulerHeight,
    lanes: before ?? new Map(),
  });
  const shapes = stays.flatMap((stay) => {
    const strand = strands.get(stay.lotId);
    if (strand === undefined) return [];
    const shape = strandShape({ ...stay, strand, k, nowMs, scale });
    return [{ stay, shape, strand }];
  });
  const discs = discsOf(view.moments, stays, scale);
  const brackets = bracketsOf({ shapes, scale, nowMs, k });
  const labels = labelsOf({ shapes, discs, brackets, scale, view, frame, nowMs, k });
  return {
    frame,
    scale,
    lanes,
    bands,
    shapes,
    channels: channelsOf(stays, strands, scale, nowMs),
    discs,
    brackets,
    labels,
    ...rulerMarks(scale, view.units.timeZone),
  };
}

function discsOf(
  moments: readonly Moment[],
  stays: readonly PlacedStay[],
  scale: TimeScale,
): Disc[] {
  const next = moments.filter((moment) => moment.tense === 'planned').slice(0, NEXT_COUNT);
  return moments
    .filter((moment) => moment.atMs > scale.fromMs && moment.atMs < scale.toMs)
    .filter((moment) => moment.glyph !== 'look')
    .flatMap((moment) => {
      const own = stays.filter((stay) => stay.lotId === moment.lotId);
      const stay =
        own.find((one) => one.fromMs <= moment.atMs && moment.atMs < one.toMs) ?? own.at(-1);
      if (stay === undefined) return [];
      const coming = next.includes(moment) ? 'next' : 'later';
      const rank = moment.tense === 'done' ? 'done' : coming;
      return [{ moment, x: scale.x(moment.atMs), y: stay.y, r: DISC_R[rank], rank }];
    });
}
