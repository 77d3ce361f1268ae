import type { Moment, Strand, TideView } from '@/services/tide';
import { clockText } from '@/ui/format';
import { layoutBands, type BandBox, type PlacedStay } from './bands';
import { channelsOf, type Channel } from './channels';
import { placeLabels, textWidth, type Box, type LabelWish, type PlacedLabel } from './labels';
import { staysOf } from './lanes';
import { strandShape, widestIn, widthAt, type StrandShape } from './strand-shape';
import { rulerMarks, type DayMark, type Tick } from './ticks';
import { timeScale, type TimeScale } from './time-scale';

/** The picture’s frame on the screen, px. */
export interface Frame {
  readonly width: number;
  readonly height: number;
  readonly keelX: number;
  readonly labelWidth: number;
  readonly rulerHeight: number;
}

/** A disc on a strand. */
export interface Disc {
  readonly moment: Moment;
  readonly x: number;
  readonly y: number;
  readonly r: number;
  /** Done, one of the next five, or later. */
  readonly rank: 'done' | 'next' | 'later';
}

/** The bracket of a ripe window above a strand. */
export interface Bracket {
  readonly lotId: string;
  readonly y: number;
  readonly opensX: number;
  readonly bestX: number | null;
  /** Null: used while still ripe, or no closing in sight. */
  readonly closesX: number | null;
  readonly endX: number;
  /** Soft bars of the 80 % bands, from–to. */
  readonly doubts: readonly (readonly [number, number])[];
}

/** One text on the picture. */
export interface PictureLabel extends PlacedLabel {
  readonly text: string;
  readonly style: 'name' | 'time' | 'best' | 'node' | 'nodeNext';
}

/** Everything the home picture draws. */
export interface Picture {
  readonly frame: Frame;
  readonly scale: TimeScale;
  readonly bands: readonly BandBox[];
  readonly shapes: readonly { readonly stay: PlacedStay; readonly shape: StrandShape; readonly strand: Strand }[];
  readonly channels: readonly Channel[];
  readonly discs: readonly Disc[];
  readonly brackets: readonly Bracket[];
  readonly labels: readonly PictureLabel[];
  readonly ticks: readonly Tick[];
  readonly days: readonly DayMark[];
}

/** Moments that stand filled on the picture and on the cards. */
export const NEXT_COUNT = 5;
const DISC_R = { next: 15, later: 11, done: 9 } as const;
const LEAST_BRACKET_PX = 3;
const NAME_PX = 16;
const TIME_PX = 14;

/** Lays the whole picture out from a view: pure, repeatable, no clock of its own. */
export function layoutPicture(
  view: TideView,
  nowMs: number,
  frame: Frame,
  unfolded: ReadonlySet<number>,
): Picture {
  const scale = timeScale({
    nowMs,
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
  const { bands, stays, k } = layoutBands(view.bands, clipped, strands, {
    top: frame.rulerHeight,
    height: frame.height - frame.rulerHeight,
  });
  const shapes = stays.flatMap((stay) => {
    const strand = strands.get(stay.lotId);
    if (strand === undefined) return [];
    const shape = strandShape({ ...stay, strand, k, nowMs, scale });
    return [{ stay, shape, strand }];
  });
  const discs = discsOf(view.moments, stays, scale, nowMs);
  const brackets = bracketsOf(shapes, scale, nowMs, k);
  const labels = labelsOf({ shapes, discs, brackets, scale, view, frame, nowMs, k });
  return {
    frame,
    scale,
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
  nowMs: number,
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
      const rank =
        moment.tense === 'done' || moment.atMs < nowMs
          ? moment.tense === 'done'
            ? ('done' as const)
            : ('next' as const)
          : next.includes(moment)
            ? ('next' as const)
            : ('later' as const);
      return [{ moment, x: scale.x(moment.atMs), y: stay.y, r: DISC_R[rank], rank }];
    });
}

function bracketsOf(
  shapes: readonly { stay: PlacedStay; strand: Strand }[],
  scale: TimeScale,
  nowMs: number,
  k: number,
): Bracket[] {
  return shapes.flatMap(({ stay, strand }) => {
    const { opensMs, bestMs, closesMs, opensBand, closesBand } = strand.window;
    const endMs = strand.endMs ?? Infinity;
    const shown =
      opensMs !== null &&
      !strand.keeping &&
      endMs > nowMs &&
      opensMs < Math.min(endMs, stay.toMs) &&
      opensMs >= stay.fromMs &&
      opensMs < scale.toMs &&
      strand.kind !== 'dough';
    if (!shown || opensMs === null) return [];
    const lastMs = Math.min(endMs, scale.toMs);
    const used = closesMs === null || closesMs > lastMs;
    const endX = scale.x(used ? lastMs : closesMs);
    const opensX = Math.max(scale.x(opensMs), scale.x(scale.fromMs));
    if (endX - opensX < LEAST_BRACKET_PX) return [];
    const bar = (band: readonly [number, number] | null): (readonly [number, number])[] =>
      band === null || band[1] < scale.fromMs
        ? []
        : [[scale.x(Math.max(band[0], scale.fromMs)), scale.x(Math.min(band[1], lastMs))]];
    const widest = k * widthAt(strand, bestMs ?? opensMs);
    return [
      {
        lotId: strand.lotId,
        y: stay.y - widest / 2 - 9,
        opensX,
        bestX: bestMs !== null && bestMs <= lastMs ? scale.x(bestMs) : null,
        closesX: used ? null : endX,
        endX,
        doubts: [...bar(opensBand), ...(used ? [] : bar(closesBand))].filter(([a, b]) => b > a),
      },
    ];
  });
}

interface LabelInput {
  readonly shapes: readonly { stay: PlacedStay; strand: Strand }[];
  readonly discs: readonly Disc[];
  readonly brackets: readonly Bracket[];
  readonly scale: TimeScale;
  readonly view: TideView;
  readonly frame: Frame;
  readonly nowMs: number;
  readonly k: number;
}

interface Wish extends LabelWish {
  readonly text: string;
  readonly style: PictureLabel['style'];
}

function labelsOf(input: LabelInput): PictureLabel[] {
  const { frame } = input;
  const taken: Box[] = [
    ...input.discs.map((disc) => boxAround(disc.x, disc.y, disc.r)),
    { x: frame.keelX - 2, y: 0, width: 4, height: frame.height },
    ...input.brackets.map((one) => ({
      x: one.opensX,
      y: one.y - 5,
      width: one.endX - one.opensX,
      height: 9,
    })),
  ];
  const rank = { next: 0, later: 1, done: 2 };
  const nodes = [...input.discs]
    .sort((a, b) => rank[a.rank] - rank[b.rank] || a.x - b.x)
    .map((disc) => nodeWish(disc, input));
  const wishes: Wish[] = [
    ...nodes.filter((wish) => wish.style === 'nodeNext'),
    ...input.brackets.flatMap((bracket) => bracketWishes(bracket, input)),
    ...nameWishes(input),
    ...nodes.filter((wish) => wish.style !== 'nodeNext'),
  ];
  const room = {
    x: frame.labelWidth + 2,
    y: frame.rulerHeight,
    width: frame.width - frame.labelWidth - 4,
    height: frame.height - frame.rulerHeight,
  };
  const byId = new Map(wishes.map((wish) => [wish.id, wish]));
  return placeLabels(wishes, taken, room).flatMap((placed) => {
    const wish = byId.get(placed.id);
    return wish === undefined ? [] : [{ ...placed, text: wish.text, style: wish.style }];
  });
}

function boxAround(x: number, y: number, r: number): Box {
  return { x: x - r, y: y - r, width: 2 * r, height: 2 * r };
}

function nodeWish(disc: Disc, { view }: LabelInput): Wish {
  const text = clockText(disc.moment.atMs, view.units.timeZone);
  const width = textWidth(text, TIME_PX);
  const { x, y, r } = disc;
  return {
    id: `node-${disc.moment.ref}`,
    text,
    style: disc.rank === 'next' ? 'nodeNext' : 'node',
    width,
    height: TIME_PX + 2,
    at: [
      { x: x - width / 2, y: y + r + 2 },
      { x: x - width / 2, y: y - r - TIME_PX - 4 },
      { x: x + r + 3, y: y - TIME_PX / 2 },
      { x: x - r - width - 3, y: y - TIME_PX / 2 },
    ],
  };
}

function bracketWishes(bracket: Bracket, { view, shapes }: LabelInput): Wish[] {
  const strand = shapes.find((one) => one.strand.lotId === bracket.lotId)?.strand;
  if (strand === undefined) return [];
  const { opensMs, bestMs } = strand.window;
  const top = bracket.y - TIME_PX - 8;
  const wish = (id: string, atMs: number, x: number, style: 'time' | 'best'): Wish => {
    const text = clockText(atMs, view.units.timeZone);
    const width = textWidth(text, style === 'best' ? TIME_PX + 2 : TIME_PX);
    const corners = [x - width / 2, x, x - width].map((left) => ({ x: left, y: top }));
    return { id: `${id}-${bracket.lotId}`, text, style, width, height: TIME_PX + 3, at: corners };
  };
  return [
    ...(bestMs !== null && bracket.bestX !== null
      ? [wish('best', bestMs, bracket.bestX, 'best')]
      : []),
    ...(opensMs !== null ? [wish('opens', opensMs, bracket.opensX - 18, 'time')] : []),
  ];
}

function nameWishes({ shapes, scale, k }: LabelInput): Wish[] {
  const named = new Set<string>();
  return shapes.flatMap(({ stay, strand }): Wish[] => {
    const key = `${strand.lotId}-${stay.placeId}-${stay.fromMs}`;
    const short = strand.name;
    if (named.has(key)) return [];
    named.add(key);
    const x = scale.x(stay.fromMs) + 8;
    const half = (k * stay.width) / 2;
    const width = textWidth(short, NAME_PX) - 4;
    if (stay.asleep) {
      return [
        {
          id: `name-${key}`,
          text: short,
          style: 'name',
          width,
          height: NAME_PX + 2,
          at: [{ x: x + 4, y: stay.y - NAME_PX / 2 - 1 }],
        },
      ];
    }
    const spots = [0, 24, 60, 110].flatMap((shift) => [
      { x: x + shift, y: stay.y - half - NAME_PX - 6 },
      { x: x + shift, y: stay.y + half + 3 },
    ]);
    return [
      { id: `name-${key}`, text: short, style: 'name', width, height: NAME_PX + 3, at: spots },
    ];
  });
}

