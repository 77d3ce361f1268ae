import { tr } from '@/words/tr';

/** A label on a roll or on a sheet; all in mm. */
export interface LabelSize {
  readonly id: string;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  /** Null for a roll: each label is a page. */
  readonly sheet: {
    readonly width: number;
    readonly height: number;
    readonly columns: number;
    readonly rows: number;
    readonly left: number;
    readonly top: number;
    readonly gapX: number;
    readonly gapY: number;
  } | null;
}

const A4 = { width: 210, height: 297 };
const LETTER = { width: 215.9, height: 279.4 };

/** Common sizes of rolls and sheets. */
export const LABEL_SIZES: readonly LabelSize[] = [
  {
    id: 'roll-62x40',
    get name() {
      return tr`Roll 62 × 40 mm`;
    },
    width: 62,
    height: 40,
    sheet: null,
  },
  {
    id: 'roll-57x32',
    get name() {
      return tr`Roll 57 × 32 mm`;
    },
    width: 57,
    height: 32,
    sheet: null,
  },
  {
    id: 'roll-100x60',
    get name() {
      return tr`Roll 100 × 60 mm`;
    },
    width: 100,
    height: 60,
    sheet: null,
  },
  {
    id: 'a4-2x7',
    get name() {
      return tr`A4, 14 of 99 × 38 mm`;
    },
    width: 99.1,
    height: 38.1,
    sheet: { ...A4, columns: 2, rows: 7, left: 4.65, top: 15.15, gapX: 2.5, gapY: 0 },
  },
  {
    id: 'a4-3x8',
    get name() {
      return tr`A4, 24 of 70 × 36 mm`;
    },
    width: 70,
    height: 36,
    sheet: { ...A4, columns: 3, rows: 8, left: 0, top: 4.5, gapX: 0, gapY: 0 },
  },
  {
    id: 'letter-2x5',
    get name() {
      return tr`Letter, 10 of 4 × 2 in`;
    },
    width: 101.6,
    height: 50.8,
    sheet: { ...LETTER, columns: 2, rows: 5, left: 4, top: 12.7, gapX: 4.7, gapY: 0 },
  },
];

/** The size of an id; the first where there is none such. */
export function labelSize(id: string | null | undefined): LabelSize {
  return LABEL_SIZES.find((size) => size.id === id) ?? (LABEL_SIZES[0] as LabelSize);
}
