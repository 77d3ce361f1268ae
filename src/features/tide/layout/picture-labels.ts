import { bareName } from '@/words/bare';
import { tr } from '@/words/tr';
import type { Strand, TideView } from '@/server/tide';
import { clockText } from '@/ui/format';
import { NAME_ROW, type BandBox, type PlacedStay, type Raft } from './bands';
import { placeLabels, textWidth, type Box, type LabelWish } from './labels';
import type { Bracket, Disc, Frame, PictureLabel } from './picture-parts';
import type { TimeScale } from './time-scale';

const NAME_PX = 16;
const TIME_PX = 14;

interface LabelInput {
  readonly shapes: readonly { stay: PlacedStay; strand: Strand }[];
  readonly rafts: readonly Raft[];
  readonly bands: readonly BandBox[];
  readonly discs: readonly Disc[];
  readonly brackets: readonly Bracket[];
  readonly scale: TimeScale;
  readonly view: TideView;
  readonly frame: Frame;
  /** Height of the whole picture, px. */
  readonly height: number;
  readonly nowMs: number;
  readonly k: number;
}

interface Wish extends LabelWish {
  readonly text: string;
  readonly style: PictureLabel['style'];
}

/** Places every text of the picture into free room; what does not fit is left out. */
export function labelsOf(input: LabelInput): PictureLabel[] {
  const { frame, height } = input;
  const taken: Box[] = [
    ...input.discs.map((disc) => boxAround(disc.x, disc.y, disc.r)),
    { x: input.scale.x(input.nowMs) - 2, y: 0, width: 4, height },
    ...input.brackets.map((one) => ({
      x: one.opensX,
      y: one.y - 5,
      width: one.endX - one.opensX,
      height: 9,
    })),
    ...(frame.tall ? input.bands.map((box) => nameRow(box, frame)) : []),
  ];
  const rank = { next: 0, later: 1, done: 2 };
  const nodes = [...input.discs]
    .sort((a, b) => rank[a.rank] - rank[b.rank] || a.x - b.x)
    .map((disc) => nodeWish(disc, input));
  const wishes: Wish[] = [
    ...nodes.filter((wish) => wish.style === 'nodeNext'),
    ...input.brackets.flatMap((bracket) => bracketWishes(bracket, input)),
    ...input.rafts.map((raft) => raftWish(raft, input)),
    ...nameWishes(input),
    ...nodes.filter((wish) => wish.style !== 'nodeNext'),
  ];
  const room = {
    x: frame.labelWidth + 2,
    y: frame.rulerHeight,
    width: frame.width - frame.labelWidth - 4,
    height: height - frame.rulerHeight,
  };
  const byId = new Map(wishes.map((wish) => [wish.id, wish]));
  return placeLabels(wishes, taken, room).flatMap((placed) => {
    const wish = byId.get(placed.id);
    return wish === undefined ? [] : [{ ...placed, text: wish.text, style: wish.style }];
  });
}

/** The row in which a place of the tall picture has its name. */
function nameRow(box: BandBox, { width, text }: Frame): Box {
  return { x: 0, y: box.top, width, height: NAME_ROW * text };
}

function raftWish(raft: Raft, { scale, frame }: LabelInput): Wish {
  const text = tr`${raft.lotIds.length} asleep`;
  const size = NAME_PX * frame.text;
  const x = scale.x(Math.max(raft.fromMs, scale.fromMs)) + 8;
  const across = [0, 40, 80, 140, 200, 300].map((by) => ({ x: x + by, y: raft.y - size / 2 - 1 }));
  return {
    id: `raft-${raft.placeId}`,
    text,
    style: 'name',
    width: textWidth(text, size) - 4,
    height: size + 2,
    at: across,
  };
}

function boxAround(x: number, y: number, r: number): Box {
  return { x: x - r, y: y - r, width: 2 * r, height: 2 * r };
}

function nodeWish(disc: Disc, { view, frame }: LabelInput): Wish {
  const timePx = TIME_PX * frame.text;
  const text = clockText(disc.moment.atMs, view.units.timeZone);
  const width = textWidth(text, timePx);
  const { x, y, r } = disc;
  return {
    id: `node-${disc.moment.ref}`,
    text,
    style: disc.rank === 'next' ? 'nodeNext' : 'node',
    width,
    height: timePx + 2,
    at: [
      { x: x - width / 2, y: y + r + 2 },
      { x: x - width / 2, y: y - r - timePx - 4 },
      { x: x + r + 3, y: y - timePx / 2 },
      { x: x - r - width - 3, y: y - timePx / 2 },
    ],
  };
}

function bracketWishes(bracket: Bracket, { view, shapes, frame }: LabelInput): Wish[] {
  const timePx = TIME_PX * frame.text;
  const strand = shapes.find((one) => one.strand.lotId === bracket.lotId)?.strand;
  if (strand === undefined) return [];
  const { opensMs, bestMs } = strand.window;
  const top = bracket.y - timePx - 8;
  const wish = (id: string, atMs: number, x: number, style: 'time' | 'best'): Wish => {
    const text = clockText(atMs, view.units.timeZone);
    const width = textWidth(text, style === 'best' ? timePx + 2 * frame.text : timePx);
    const corners = [x - width / 2, x, x - width].map((left) => ({ x: left, y: top }));
    return { id: `${id}-${bracket.lotId}`, text, style, width, height: timePx + 3, at: corners };
  };
  return [
    ...(bestMs !== null && bracket.bestX !== null
      ? [wish('best', bestMs, bracket.bestX, 'best')]
      : []),
    ...(opensMs !== null ? [wish('opens', opensMs, bracket.opensX - 18, 'time')] : []),
  ];
}

function nameWishes({ shapes, scale, k, frame }: LabelInput): Wish[] {
  const namePx = NAME_PX * frame.text;
  const named = new Set<string>();
  return shapes.flatMap(({ stay, strand }): Wish[] => {
    const key = `${strand.lotId}-${stay.placeId}-${stay.fromMs}`;
    const short = bareName(strand.name, 'dough', 'balls');
    const goesOn = shapes.some(
      (other) =>
        strand.madeFrom.includes(other.strand.lotId) &&
        other.stay.placeId === stay.placeId &&
        other.strand.name.startsWith(short),
    );
    if (goesOn || named.has(key)) return [];
    named.add(key);
    const x = scale.x(stay.fromMs) + 8;
    const length = scale.x(stay.toMs) - x;
    const half = (k * stay.width) / 2;
    const width = textWidth(short, namePx) - 4;
    if (stay.asleep) {
      return [
        {
          id: `name-${key}`,
          text: short,
          style: 'name',
          width,
          height: namePx + 2,
          at: [{ x: x + 4, y: stay.y - namePx / 2 - 1 }],
        },
      ];
    }
    const shifts = [0, 14, 30, 50, 80, 110, 150, 200].filter(
      (shift) => shift <= Math.max(0, length - 20),
    );
    const spots = [
      ...shifts.map((shift) => ({ x: x + shift, y: stay.y - half - namePx - 5 })),
      ...shifts.map((shift) => ({ x: x + shift, y: stay.y + half + 3 })),
      ...shifts.map((shift) => ({ x: x + shift + 16, y: stay.y - namePx / 2 - 1 })),
    ];
    return [
      { id: `name-${key}`, text: short, style: 'name', width, height: namePx + 3, at: spots },
    ];
  });
}
