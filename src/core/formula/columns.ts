import type { DoughColumns } from './dough-columns';
import type { WeighedDose } from './yeast-dose';

/** One ingredient across the three columns, g as weighed. */
export interface ColumnRow {
  readonly ingredientId: string;
  readonly wholeG: number;
  readonly poolishG: number;
  readonly finalG: number;
  /** Over total flour, from the weighed grams. */
  readonly wholeShare: number;
}

/** A dough from one pre-ferment as it is weighed: whole = pre-ferment + final mix, row by row and in all. */
export interface Columns {
  readonly rows: readonly ColumnRow[];
  readonly wholeG: number;
  readonly poolishG: number;
  readonly finalG: number;
  /** Its dose; null for a dough without yeast. */
  readonly yeast: WeighedDose | null;
}

/** The columns of a dough from one pre-ferment, as they are told in three. */
export function threeColumns({ rows, leavens, ...dough }: DoughColumns): Columns {
  const [first] = leavens;
  return {
    rows: rows.map(({ ingredientId, wholeG, leavensG, finalG }) => ({
      ingredientId,
      wholeG,
      poolishG: leavensG[0] ?? 0,
      finalG,
      wholeShare: wholeG / dough.flourG,
    })),
    wholeG: dough.wholeG,
    poolishG: first?.totalG ?? 0,
    finalG: dough.finalG,
    yeast: first?.yeast ?? dough.finalYeast,
  };
}
