import type { Strand, TideView } from '@/services/tide';
import { clockText } from '@/ui/format';
import type { PlacedStay } from './bands';
import { placeLabels, textWidth, type Box, type LabelWish } from './labels';
import type { Bracket, Disc, Frame, PictureLabel } from './picture-parts';
import type { TimeScale } from './time-scale';

const NAME_PX = 16;
const TIME_PX = 14;

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

/** Places every text of the picture into free room; what does not fit is left out. */
export function labelsOf(input: LabelInput): PictureLabel[] {
  const { frame } = input;
  const taken: Box[] = [
    ...input.discs.map((disc) => boxAround(disc.x, disc.y, disc.r)),
    { x: input.scale.x(input.nowMs) - 2, y: 0, width: 4, height: frame.height },
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
    const short = strand.name.replace(/ (dough|balls)$/, '');
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
    const shifts = [0, 14, 30, 50, 80, 110, 150, 200].filter(
      (shift) => shift <= Math.max(0, length - 20),
    );
    const spots = [
      ...shifts.map((shift) => ({ x: x + shift, y: stay.y - half - NAME_PX - 5 })),
      ...shifts.map((shift) => ({ x: x + shift, y: stay.y + half + 3 })),
      ...shifts.map((shift) => ({ x: x + shift + 16, y: stay.y - NAME_PX / 2 - 1 })),
    ];
    return [
      { id: `name-${key}`, text: short, style: 'name', width, height: NAME_PX + 3, at: spots },
    ];
  });
}
