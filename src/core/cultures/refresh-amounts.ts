import { tr, trOf, word } from '@/words/tr';
import { totals, type Composition, type Pantry } from '../composition';
import { OIL, SALT, WATER } from '../formula';
import { DomainError, requireNumber, roundKeepingSum } from '../units';
import { stepFor, type BlendLine, type Scales } from './amounts';

/** What a refreshed dough is to be, over its flour; null: as the leftover brings it, none is added. */
export interface RefreshAim {
  readonly hydration: number;
  readonly saltShare: number | null;
  readonly oilShare: number | null;
  readonly flours: readonly BlendLine[];
}

/** Grams to weigh for a refresh. */
export interface RefreshAmounts {
  readonly leftoverG: number;
  readonly flours: readonly { readonly ingredientId: string; readonly massG: number }[];
  readonly flourG: number;
  readonly waterG: number;
  readonly saltG: number;
  readonly oilG: number;
  readonly totalG: number;
  /** Leftover over the whole, by weight. */
  readonly share: number;
}

/** What stops a larger share of leftover. */
export type ShareBound = 'flour' | 'water' | 'salt' | 'oil';

const AIM_RULES = {
  hydration: { name: word('Water'), unit: word('of flour'), min: 0.4, max: 1.2 },
  saltShare: { name: word('Salt'), unit: word('of flour'), min: 0, max: 0.06 },
  oilShare: { name: word('Oil'), unit: word('of flour'), min: 0, max: 0.15 },
} as const;

function checkAim(aim: RefreshAim): void {
  for (const [field, rule] of Object.entries(AIM_RULES)) {
    const value = aim[field as keyof typeof AIM_RULES];
    if (value !== null) requireNumber(`refresh-${field}`, value, rule);
  }
}

/** Grams of each in a gram of leftover; `other` is what neither is held nor added (yeast, sugar, unheld salt). */
function perGram(leftover: Composition, aim: RefreshAim, pantry: Pantry) {
  const sum = totals(leftover, pantry);
  if (!(sum.flourG > 0)) {
    throw new DomainError('leftover-empty', tr`Leftover: nothing of it is left.`, {});
  }
  const per = (massG: number) => massG / sum.massG;
  const held = {
    flour: per(sum.flourG),
    water: per(sum.waterG),
    salt: aim.saltShare === null ? 0 : per(sum.saltG),
    oil: aim.oilShare === null ? 0 : per(sum.oilG),
  };
  return { ...held, other: 1 - held.flour - held.water - held.salt - held.oil };
}

const sharesOf = (aim: RefreshAim): Readonly<Record<ShareBound, number>> => ({
  flour: 1,
  water: aim.hydration,
  salt: aim.saltShare ?? 0,
  oil: aim.oilShare ?? 0,
});

/**
 * The largest share of a leftover that a dough can take and still be what it is to be: beyond it the leftover alone
 * brings more of one thing than the whole may hold.
 * @throws {DomainError} leftover-empty, refresh-hydration, refresh-saltShare, refresh-oilShare
 */
export function largestShare(
  leftover: Composition,
  aim: RefreshAim,
  pantry: Pantry,
): { readonly share: number; readonly by: ShareBound } {
  checkAim(aim);
  const per = perGram(leftover, aim, pantry);
  const wanted = sharesOf(aim);
  const parts = 1 + wanted.water + wanted.salt + wanted.oil;
  const bounds = (['flour', 'water', 'salt', 'oil'] as const).map((by) => {
    const target = wanted[by] / parts;
    const brings = target * per.other + per[by];
    return { by, share: brings > 0 ? target / brings : 1 };
  });
  return bounds.reduce((least, one) => (one.share < least.share - 1e-12 ? one : least));
}

/**
 * Grams of new flour, water, salt and oil that turn a leftover into a dough of a wanted mass, whatever the leftover
 * itself is made of.
 * @throws {DomainError} refresh-too-much, leftover-empty, refresh-hydration, refresh-saltShare, refresh-oilShare
 */
export function refreshAmounts(
  leftover: Composition,
  aim: RefreshAim,
  grams: { readonly leftoverG: number; readonly totalG: number },
  pantry: Pantry,
): RefreshAmounts {
  const { leftoverG, totalG } = grams;
  const most = largestShare(leftover, aim, pantry);
  const share = leftoverG / totalG;
  if (!(totalG > 0) || share > most.share + 1e-9) {
    throw new DomainError(
      'refresh-too-much',
      tr`Leftover: ${Math.round(100 * share)} % is not possible. Allowed: up to ${Math.floor(100 * most.share)} %, beyond it the leftover alone brings more ${trOf(most.by)} than the dough may hold.`,
      { share, most: most.share },
    );
  }
  const per = perGram(leftover, aim, pantry);
  const wanted = sharesOf(aim);
  const parts = 1 + wanted.water + wanted.salt + wanted.oil;
  const allFlourG = (totalG - leftoverG * per.other) / parts;
  const added = (of: ShareBound) => Math.max(0, allFlourG * wanted[of] - leftoverG * per[of]);
  const flourG = added('flour');
  return {
    leftoverG,
    flours: aim.flours.map((line) => ({ ingredientId: line.flourId, massG: flourG * line.share })),
    flourG,
    waterG: added('water'),
    saltG: added('salt'),
    oilG: added('oil'),
    totalG,
    share,
  };
}

/** Amounts rounded to what the scales show; salt and oil of a few grams go on the fine one. */
export function roundedRefresh(amounts: RefreshAmounts, steps: Scales): RefreshAmounts {
  const { stepG } = steps;
  const fine = (massG: number) => {
    const step = stepFor(massG, steps);
    return Math.round(massG / step) * step;
  };
  const saltG = fine(amounts.saltG);
  const oilG = fine(amounts.oilG);
  const lines = [amounts.leftoverG, amounts.waterG, ...amounts.flours.map((line) => line.massG)];
  const [leftoverG = 0, waterG = 0, ...floursG] = roundKeepingSum(lines, stepG);
  const flourG = floursG.reduce((sum, massG) => sum + massG, 0);
  return {
    ...amounts,
    leftoverG,
    waterG,
    saltG,
    oilG,
    flourG,
    flours: amounts.flours.map((line, index) => ({ ...line, massG: floursG[index] ?? 0 })),
    totalG: leftoverG + waterG + flourG + saltG + oilG,
  };
}

/** The lines to weigh in beside the leftover. */
export function refreshWeighed(amounts: RefreshAmounts) {
  return [
    ...amounts.flours,
    { ingredientId: WATER, massG: amounts.waterG },
    { ingredientId: SALT, massG: amounts.saltG },
    { ingredientId: OIL, massG: amounts.oilG },
  ].filter((line) => line.massG > 0);
}
