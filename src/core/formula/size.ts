import { tr } from '@/words/tr';
import { numberField, z } from '../parse';
import { ROUND_STYLES, SIZE_RULES } from './size-rules';

/** How large a piece is meant to be: a round by its diameter, a tray by its sides. */
export const sizeSchema = z.discriminatedUnion('of', [
  z.object({ of: z.literal('round'), diameterCm: numberField(SIZE_RULES.diameter) }),
  z.object({
    of: z.literal('tray'),
    lengthCm: numberField(SIZE_RULES.side),
    widthCm: numberField(SIZE_RULES.side),
  }),
]);
export type Size = z.infer<typeof sizeSchema>;

/** A usual weight of dough for a size, with the word for how it comes out. */
export interface UsualThickness {
  readonly name: string;
  readonly gPerCm2: number;
}

/**
 * Grams per cm² by what a piece is meant to be. Source: the trade’s 0.30–0.45 g per cm² for rounds; trays take more, set
 * from doughs laid 3 to 7 mm thick before they rise.
 */
export const USUAL_THICKNESS: Readonly<Record<Size['of'], readonly UsualThickness[]>> = {
  round: Object.entries(ROUND_STYLES).map(([name, gPerCm2]) => ({ name, gPerCm2 })),
  tray: [
    {
      get name() {
        return tr`thin and crisp`;
      },
      gPerCm2: 0.42,
    },
    {
      get name() {
        return tr`middling`;
      },
      gPerCm2: 0.55,
    },
    {
      get name() {
        return tr`thick and airy`;
      },
      gPerCm2: 0.72,
    },
  ],
};

/** Area of a piece as it lies before it is baked, cm². */
export function areaOf(size: Size): number {
  return size.of === 'round' ? Math.PI * (size.diameterCm / 2) ** 2 : size.lengthCm * size.widthCm;
}

/** Weight of dough on each cm² of a piece, g. */
export function perAreaOf(weightG: number, size: Size): number {
  return weightG / areaOf(size);
}

/** Weight of a piece of a size with so many grams on each cm², g, not rounded. */
export function weightOfSize(size: Size, gPerCm2: number): number {
  return areaOf(size) * gPerCm2;
}

/** Weight of a piece of another size that comes out as thick as one that is known, g, not rounded. */
export function weightAsKnown(
  size: Size,
  known: { readonly size: Size; readonly weightG: number },
): number {
  return weightOfSize(size, perAreaOf(known.weightG, known.size));
}
