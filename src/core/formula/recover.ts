import { tr } from '@/words/tr';
import { totals, waterShareOf, type Composition, type Pantry } from '../composition';
import { DomainError } from '../units';

/** The true formula of a mass, from what is in it. */
export interface TrueFormula {
  readonly flourG: number;
  readonly massG: number;
  /** Water of every source over all flour. */
  readonly hydration: number;
  readonly saltShare: number;
  readonly oilShare: number;
  readonly sugarShare: number;
  /** Baker’s yeast as fresh-yeast equivalent over all flour. */
  readonly freshShare: number;
  /** Each flour over all flour. */
  readonly flours: readonly { readonly flourId: string; readonly share: number }[];
  readonly strengthW: number;
  readonly wholegrainShare: number;
}

/**
 * The formula recovered from weights: everything over all the flour there is.
 * @throws {DomainError} formula-no-flour, ingredient-unknown
 */
export function trueFormula(composition: Composition, pantry: Pantry): TrueFormula {
  const sum = totals(composition, pantry);
  if (!(sum.flourG > 0)) {
    throw new DomainError('formula-no-flour', tr`Formula: there is no flour in it.`, {});
  }
  const { flourG } = sum;
  return {
    flourG,
    massG: sum.massG,
    hydration: sum.waterG / flourG,
    saltShare: sum.saltG / flourG,
    oilShare: sum.oilG / flourG,
    sugarShare: sum.sugarG / flourG,
    freshShare: sum.freshYeastG / flourG,
    flours: Object.entries(composition)
      .filter(([id, massG]) => massG > 0 && pantry.get(id)?.kind === 'flour')
      .map(([flourId, massG]) => ({ flourId, share: massG / flourG })),
    strengthW: sum.strengthW,
    wholegrainShare: sum.wholegrainShare,
  };
}

/** Plain water to weigh so that a mass without any comes to a hydration, g; what liquids bring is counted. */
export function plainWaterG(without: Composition, hydration: number, pantry: Pantry): number {
  const { flourG } = totals(without, pantry);
  const brought = Object.entries(without).reduce((sum, [id, massG]) => {
    const ingredient = pantry.get(id);
    return sum + (ingredient === undefined ? 0 : massG * waterShareOf(ingredient));
  }, 0);
  return hydration * flourG - brought;
}
