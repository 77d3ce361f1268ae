import type { DoughColumns } from '@/core/formula';

/** Where the picture of a formula’s flows stands. */
export interface FlowFrame {
  readonly width: number;
  readonly nameWidth: number;
  readonly wholeWidth: number;
  readonly rowHeight: number;
}

/** A slice of an ingredient on its way into a leaven or the final mix. */
export interface FlowSlice {
  readonly key: string;
  readonly ingredientId: string;
  readonly path: string;
  readonly width: number;
}

/** The flows of a formula, ready to be drawn. */
export interface FlowLayout {
  readonly height: number;
  readonly slices: readonly FlowSlice[];
  /** Pipes of the leavens into the tub. */
  readonly pours: readonly {
    readonly key: string;
    readonly path: string;
    readonly width: number;
  }[];
  readonly caps: readonly { readonly y: number; readonly height: number }[];
  readonly tub: { readonly x: number; readonly y: number; readonly width: number };
  readonly capX: number;
}

/** Grams as a width: 4.2 px a kilo, and no band of a formula thicker or thinner than the eye wants. */
const PX_PER_G = 0.0042;
const WIDEST = { least: 9, most: 12 } as const;
const THINNEST = 1.2;
/** Bands lie under the figures of their row. */
const BAND_AT = 0.6;
const GAP = 1.6;
const TURN = 10;
const TUB = { width: 116, height: 30, below: 18 } as const;

/**
 * Bands of a formula: each ingredient starts at its cap, its slices peel off into the leavens, lowest first, the rest
 * goes on into the final mix; leavens pour into the tub.
 */
export function flowLayout(columns: DoughColumns, frame: FlowFrame): FlowLayout {
  const { rows } = columns;
  const { rowHeight } = frame;
  const most = Math.max(1, ...rows.map((row) => row.wholeG));
  const scale = Math.min(WIDEST.most, Math.max(WIDEST.least, most * PX_PER_G)) / most;
  const wide = (massG: number) => (massG <= 0 ? 0 : Math.max(THINNEST, massG * scale));
  const parts = columns.leavens.length + 1;
  const bottom = rows.length * rowHeight + 8;
  const tubY = bottom + TUB.below - 6;
  const pipes = Array.from({ length: parts }, (_, index) => pipeX(index, parts, frame));
  const taken = pipes.map(() => 0);
  const slices: FlowSlice[] = [];
  const caps: { y: number; height: number }[] = [];
  const capX = frame.nameWidth + 4;
  rows.forEach((row, index) => {
    const y = index * rowHeight + rowHeight * BAND_AT;
    // The final mix on top, the nearest leaven lowest, so that no slice crosses its neighbour.
    const masses = [row.finalG, ...[...row.leavensG].reverse()];
    const into = [parts - 1, ...row.leavensG.map((_, i) => i).reverse()];
    let top = y;
    masses.forEach((massG, order) => {
      const column = into[order] ?? 0;
      const width = wide(massG);
      if (width === 0) return;
      const middle = top + width / 2;
      top += width + GAP;
      const x = (pipes[column] ?? 0) - (taken[column] ?? 0) - width / 2;
      taken[column] = (taken[column] ?? 0) + width + GAP;
      slices.push({
        key: `${row.ingredientId}-${column}`,
        ingredientId: row.ingredientId,
        path: turning(capX + 5, middle, x, column === parts - 1 ? tubY : bottom),
        width,
      });
    });
    caps.push({ y: y - 2, height: Math.max(5, top - y - GAP + 4) });
  });
  const tubX = (pipes[parts - 1] ?? 0) - TUB.width + 6;
  const pours = columns.leavens.map((one, index) => ({
    key: one.leaven.id,
    path: pouring((pipes[index] ?? 0) - (taken[index] ?? 0) / 2, bottom, tubX, index),
    width: Math.max(THINNEST, Math.min(18, one.totalG * scale)),
  }));
  return {
    height: bottom + TUB.below + TUB.height,
    slices,
    pours,
    caps,
    capX,
    tub: { x: tubX, y: tubY, width: TUB.width },
  };
}

/** The right edge of a column’s pipe. */
function pipeX(index: number, parts: number, frame: FlowFrame): number {
  const from = frame.nameWidth + frame.wholeWidth;
  const each = (frame.width - from) / parts;
  return from + each * (index + 1) - 8;
}

function turning(x0: number, y: number, x: number, bottom: number): string {
  return `M${round(x0)},${round(y)}H${round(x - TURN)}Q${round(x)},${round(y)} ${round(x)},${round(y + TURN)}V${round(bottom)}`;
}

function pouring(x: number, from: number, tubX: number, index: number): string {
  const y = from + 22 + index * 5;
  return `M${round(x)},${round(from)}V${round(y - 6)}Q${round(x)},${round(y)} ${round(x + 6)},${round(y)}H${round(tubX + 20)}`;
}

const round = (value: number) => Math.round(value * 10) / 10;
