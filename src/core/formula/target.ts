import { tr, word } from '@/words/tr';
import type { Pantry } from '../composition';
import { numberField, wholeNumberField, z } from '../parse';
import { DomainError } from '../units';
import { FORMULA_RULES } from './formula';
import type { Dough } from './dough';
import { sizeSchema, weightOfSize } from './size';
import { ROUND_STYLES, SIZE_RULES, type RoundStyle } from './size-rules';
import { doughPerFlour } from './weights';

/** Volume of a dough without gas, ml per g of flour: 0.69 + water + 0.004 · salt%. Source: model of ripening, §1. */
const FLOUR_ML = 0.69;
const SALT_ML = 0.4;

export const TARGET_RULES = {
  count: FORMULA_RULES.balls,
  weight: FORMULA_RULES.ballG,
  ...SIZE_RULES,
  thickness: { name: word('Thickness of the dough'), unit: 'mm', min: 1, max: 40 },
  flour: { name: word('Flour in the sack'), unit: 'g', min: 50, max: 500_000 },
  leaven: { name: word('Leaven at hand'), unit: 'g', min: 1, max: 500_000 },
  dough: { name: word('Dough'), unit: 'g', min: 50, max: 1_000_000 },
  keeps: { name: word('Keeps'), unit: 'h', min: 1, max: 2000 },
} as const;

/** A thing made of the dough, with how long it keeps. */
export const productSchema = z.object({
  name: z.string().trim().min(1).max(30),
  count: wholeNumberField(TARGET_RULES.count),
  weightG: numberField(TARGET_RULES.weight),
  /** Hours it keeps once divided, in the place it is kept. */
  keepsH: numberField(TARGET_RULES.keeps),
  /** What the weight is meant for, where the baker said it. */
  size: sizeSchema.nullish(),
});
export type Product = z.infer<typeof productSchema>;

/** Weight of a piece that a plain weight of dough is divided into, g; left out, it is used up in pieces of about 250 g. */
const pieceG = numberField(TARGET_RULES.weight).nullish();

/** What a dough is made for. */
export const targetSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('products'), products: z.array(productSchema).min(1).max(6) }),
  z.object({
    by: z.literal('diameter'),
    count: wholeNumberField(TARGET_RULES.count),
    diameterCm: numberField(TARGET_RULES.diameter),
    style: z.enum(Object.keys(ROUND_STYLES) as [RoundStyle, ...RoundStyle[]]),
  }),
  z.object({
    by: z.literal('tray'),
    count: wholeNumberField(TARGET_RULES.count),
    lengthCm: numberField(TARGET_RULES.side),
    widthCm: numberField(TARGET_RULES.side),
    thicknessMm: numberField(TARGET_RULES.thickness),
  }),
  z.object({ by: z.literal('flour'), flourG: numberField(TARGET_RULES.flour), pieceG }),
  z.object({
    by: z.literal('leaven'),
    leavenId: z.string().min(1).max(80),
    massG: numberField(TARGET_RULES.leaven),
    pieceG,
  }),
  z.object({ by: z.literal('dough'), doughG: numberField(TARGET_RULES.dough), pieceG }),
]);
export type Target = z.infer<typeof targetSchema>;

/** Volume of a dough without gas, ml for each gram of its flour. */
export function mlPerFlour(dough: Pick<Dough, 'hydration' | 'saltShare'>): number {
  return FLOUR_ML + dough.hydration + SALT_ML * dough.saltShare;
}

/** Weight of one round pizza’s ball, g: area × grams per cm². */
export function roundBallG(diameterCm: number, style: RoundStyle): number {
  return weightOfSize({ of: 'round', diameterCm }, ROUND_STYLES[style]);
}

/** Weight of dough that covers a tray so thick before it rises, g: area × thickness × density. */
export function trayG(
  tray: { readonly lengthCm: number; readonly widthCm: number; readonly thicknessMm: number },
  dough: Dough,
  pantry: Pantry,
): number {
  const volumeMl = tray.lengthCm * tray.widthCm * (tray.thicknessMm / 10);
  return (volumeMl * doughPerFlour(dough, pantry)) / mlPerFlour(dough);
}

/** Dough that ends up divided, g; null for targets that do not say pieces. */
export function dividedG(target: Target, dough: Dough, pantry: Pantry): number | null {
  switch (target.by) {
    case 'products':
      return target.products.reduce((sum, one) => sum + one.count * one.weightG, 0);
    case 'diameter':
      return target.count * roundBallG(target.diameterCm, target.style);
    case 'tray':
      return target.count * trayG(target, dough, pantry);
    default:
      return null;
  }
}

/**
 * All flour of the dough that a target needs, g.
 * Pieces and dough: what stays in the bowl is made on top; flour and leaven at hand: all of it is used.
 * @param lossShare dough that stays in the bowl over dough mixed
 * @throws {DomainError} leaven-unknown
 */
export function flourFor(target: Target, dough: Dough, lossShare: number, pantry: Pantry): number {
  const perFlour = doughPerFlour(dough, pantry);
  const pieces = dividedG(target, dough, pantry);
  if (pieces !== null) return pieces / (1 - lossShare) / perFlour;
  if (target.by === 'flour') return target.flourG;
  if (target.by === 'dough') return target.doughG / perFlour;
  if (target.by !== 'leaven') throw new DomainError('target-unknown', tr`Target: it is not known.`);
  const leaven = dough.leavens.find((one) => one.id === target.leavenId);
  if (leaven === undefined) {
    throw new DomainError(
      'leaven-unknown',
      tr`Leaven: “${target.leavenId}” is not in this dough.`,
      {
        leavenId: target.leavenId,
      },
    );
  }
  const { made } = leaven;
  const rest = made.by === 'taken' ? made.saltShare + made.oilShare : 0;
  return target.massG / (1 + leaven.hydration + rest) / leaven.flourShare;
}
