import { MS_PER_HOUR } from '@/core/units';
import type { Moment, TideView } from '@/server/tide';
import { staysOf, type LaneMemory } from '@/ui/lanes/lanes';
import { widestIn } from '@/ui/strand/strand-shape';
import { layoutBands, type PlacedStay } from './bands';
import { bracketsOf } from './brackets';
import { channelsOf } from './channels';
import { labelsOf } from './picture-labels';
import type { Disc, Frame, Picture } from './picture-parts';
import { tentsOf } from './tents';
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
    stretch: Math.max(0.8, Math.min(1.5, frame.width / 1280)) * Math.min(1.4, frame.text),
  });
  const visible = view.strands.filter(
    (strand) => strand.startMs < scale.toMs && (strand.endMs ?? Infinity) > scale.fromMs,
  );
  const strands = new Map(visible.map((strand) => [strand.lotId, strand]));
  const lasting = staysOf(visible, (strand, fromMs, toMs) =>
    widestIn(strand, Math.max(fromMs, scale.fromMs), Math.min(toMs, scale.toMs)),
  ).filter((stay) => stay.toMs > scale.fromMs && stay.fromMs < scale.toMs);
  const { bands, stays, k, rafts, height, places } = layoutBands(
    view.bands,
    lasting,
    { strands, soon: soonLots(view, nowMs) },
    {
      top: frame.rulerHeight,
      height: frame.height - frame.rulerHeight,
      lanes: before ?? new Map(),
      text: frame.text,
      tall: frame.tall,
    },
  );
  const shapes = stays
    .filter((stay) => stay.drawn !== 'raft')
    .flatMap((stay) => {
      const strand = strands.get(stay.lotId);
      if (strand === undefined) return [];
      return [{ stay: clipped(stay, scale), strand }];
    });
  const discs = discsOf(view.moments, stays, scale);
  const brackets = bracketsOf({ shapes, scale, nowMs, k });
  const labels = labelsOf({
    ...{ shapes, rafts, bands, discs, brackets, scale, view, frame, nowMs, k },
    height: frame.rulerHeight + height,
  });
  return {
    frame,
    nowMs,
    scale,
    question: {
      places,
      parents: Object.fromEntries(visible.map((strand) => [strand.lotId, strand.madeFrom])),
      memory: [...(before ?? [])],
    },
    height: frame.rulerHeight + height,
    bands,
    rafts,
    stays,
    k,
    shapes,
    channels: channelsOf(stays, strands, scale, nowMs),
    discs,
    brackets,
    labels,
    tents: tentsOf(view, scale, frame),
    ...rulerMarks(scale, view.units.timeZone, frame.text),
  };
}

/** A moment this near makes a lot one that the hands need soon. */
const SOON_MS = 12 * MS_PER_HOUR;

/** Lots with a moment soon: those it makes or works on, and what goes into them. */
function soonLots(view: TideView, nowMs: number): Set<string> {
  const near = view.moments.filter(
    (moment) => moment.tense === 'planned' && moment.atMs < nowMs + SOON_MS,
  );
  const own = new Set(near.map((moment) => moment.lotId));
  const parents = view.strands.filter((one) => own.has(one.lotId)).flatMap((one) => one.madeFrom);
  return new Set([...own, ...parents]);
}

/** A stay as far as the picture shows it. */
function clipped(stay: PlacedStay, scale: TimeScale): PlacedStay {
  const { fromMs, toMs } = scale;
  return { ...stay, fromMs: Math.max(stay.fromMs, fromMs), toMs: Math.min(stay.toMs, toMs) };
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
