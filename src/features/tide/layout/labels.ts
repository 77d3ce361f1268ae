/** A label that wants room: its candidate boxes in the order of liking. */
export interface LabelWish {
  readonly id: string;
  /** Top left corners to try, px. */
  readonly at: readonly { readonly x: number; readonly y: number }[];
  readonly width: number;
  readonly height: number;
}

/** A box that is taken. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Where a label got its room. */
export interface PlacedLabel extends Box {
  readonly id: string;
}

/** Room kept around every label, px. */
const AROUND = 2;

/** True when two boxes overlap. */
export function overlaps(a: Box, b: Box): boolean {
  return (
    a.x < b.x + b.width + AROUND &&
    b.x < a.x + a.width + AROUND &&
    a.y < b.y + b.height &&
    b.y < a.y + a.height
  );
}

/**
 * Places labels greedily into free room, in the order given; what finds none is left out, never overprinted.
 * @param taken boxes no label may cover
 * @param inside the room there is
 */
export function placeLabels(
  wishes: readonly LabelWish[],
  taken: readonly Box[],
  inside: Box,
): PlacedLabel[] {
  const used: Box[] = [...taken];
  const placed: PlacedLabel[] = [];
  for (const wish of wishes) {
    const box = wish.at
      .map((corner) => ({ ...corner, width: wish.width, height: wish.height }))
      .find((one) => within(one, inside) && !used.some((other) => overlaps(one, other)));
    if (box === undefined) continue;
    used.push(box);
    placed.push({ ...box, id: wish.id });
  }
  return placed;
}

function within(box: Box, room: Box): boolean {
  return (
    box.x >= room.x &&
    box.y >= room.y &&
    box.x + box.width <= room.x + room.width &&
    box.y + box.height <= room.y + room.height
  );
}

/** Width of a text at a size, px: a generous mean of the two faces' glyphs. */
export function textWidth(text: string, sizePx: number): number {
  return Math.ceil(text.length * sizePx * 0.56) + 2;
}
