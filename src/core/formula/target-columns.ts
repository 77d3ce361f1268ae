import { tr } from '@/words/tr';
import type { Pantry } from '../composition';
import { roundToStep } from '../units';
import type { ScaleSteps } from './scale-steps';
import type { Dough } from './dough';
import { withRemainder, type Divided } from './divide';
import { doughColumns, type DoughColumns } from './dough-columns';
import { flourFor, roundBallG, trayG, type Product, type Target } from './target';

/** What a dough is weighed for. */
export interface DoughFor {
  readonly target: Target;
  readonly dough: Dough;
  /** Dough that stays in the bowl over dough mixed. */
  readonly lossShare: number;
}

/** A plain weight of dough is taken as pieces of this weight, g. */
const USUAL_BALL_G = 250;
/** Hours that pieces keep where the target does not say. */
const USUAL_KEEPS_H = 24;
/** Rounds in which the flour is raised to what the pieces need. */
const ROUNDS = 6;

/**
 * The columns of a dough for what it is made for, in weighable grams. Rounded up where rounding would leave the pieces a gram
 * short: whole ≥ pieces.
 * @throws {DomainError} leaven-exceeds-dough, seed-too-wet, leaven-unknown, ingredient-unknown
 */
export function targetColumns(made: DoughFor, steps: ScaleSteps, pantry: Pantry): DoughColumns {
  const neededG = askedPieces(made, steps.scaleStepG, pantry).reduce(massOfPieces, 0);
  let flourG = flourFor(made.target, made.dough, made.lossShare, pantry);
  let columns = doughColumns(made.dough, flourG, steps, pantry);
  for (let round = 0; round < ROUNDS && columns.wholeG < neededG; round += 1) {
    flourG *= (neededG + (round + 0.5) * steps.scaleStepG) / Math.max(1, columns.wholeG);
    columns = doughColumns(made.dough, flourG, steps, pantry);
  }
  return columns;
}

const massOfPieces = (sum: number, { count, weightG }: Product) => sum + count * weightG;

/**
 * Pieces that a dough is divided into: as asked, or lighter by the grams that the dough falls short of them.
 * @param columns the dough as it is weighed
 */
export function piecesFor(
  made: DoughFor,
  columns: DoughColumns,
  stepG: number,
  pantry: Pantry,
): Product[] {
  const asked = askedPieces(made, stepG, pantry);
  if (asked.length === 0) {
    const keptG = columns.wholeG * (1 - made.lossShare);
    const typedG = typedPieceG(made.target);
    const count = Math.max(1, Math.floor(keptG / (typedG ?? USUAL_BALL_G) + 1e-9));
    const usedUpG = Math.floor(keptG / count / stepG) * stepG;
    return [piece(tr`Balls`, count, Math.min(typedG ?? usedUpG, usedUpG))];
  }
  const neededG = asked.reduce(massOfPieces, 0);
  if (neededG <= columns.wholeG) return asked;
  const factor = columns.wholeG / neededG;
  return asked.map((one) => ({
    ...one,
    weightG: Math.max(stepG, Math.floor((one.weightG * factor) / stepG + 1e-9) * stepG),
  }));
}

/** The pieces of a dough and what stays over once they are off it: a small ball, or carry-over. */
export function dividedInto(
  made: DoughFor,
  columns: DoughColumns,
  stepG: number,
  pantry: Pantry,
): Divided {
  const keptG = columns.wholeG * (1 - made.lossShare);
  return withRemainder(keptG, piecesFor(made, columns, stepG, pantry));
}

/** The weight that pieces of a plain weight of dough were asked for, g. */
function typedPieceG(target: Target): number | null {
  return 'pieceG' in target ? (target.pieceG ?? null) : null;
}

/** Pieces as the target asks for them; none where it asks for a weight. */
function askedPieces({ target, dough }: DoughFor, stepG: number, pantry: Pantry): Product[] {
  if (target.by === 'products') return target.products;
  if (target.by === 'diameter') {
    const weightG = roundToStep(roundBallG(target.diameterCm, target.style), stepG);
    return [piece(tr`Balls`, target.count, weightG)];
  }
  if (target.by !== 'tray') return [];
  const weightG = roundToStep(trayG(target, dough, pantry), stepG);
  return [piece(target.count === 1 ? tr`Tray` : tr`Trays`, target.count, weightG)];
}

const piece = (name: string, count: number, weightG: number): Product => ({
  name,
  count,
  weightG,
  keepsH: USUAL_KEEPS_H,
});
