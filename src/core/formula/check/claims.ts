import { amountsIn, readNumber } from './quantity';

/** What a recipe says of itself. */
export type RecipeClaim =
  | { readonly of: 'hydration'; readonly share: number }
  | { readonly of: 'salt'; readonly share: number }
  | { readonly of: 'pieces'; readonly count: number; readonly weightG: number | null }
  | { readonly of: 'dough'; readonly massG: number };

const PIECE_WORDS =
  '(?:dough )?(?:pizzas?|balls?|dough balls?|pieces?|panetti|bases?|crusts?|pies?|breads?|flatbreads?|trays?)';
const HYDRATION =
  /(\d+(?:[.,]\d+)?)\s*%\s*(?:hydration|water content)|hydration\s*(?:of|is|:|=)?\s*(\d+(?:[.,]\d+)?)\s*%/;
const COUNTED = new RegExp(
  `(?:makes|yields?|gives|serves|for|enough for|divide into|yield)\\s*:?\\s*(?:about |around |up to )?(\\d+)\\s*(?:[x×]\\s*)?(?:(?:about )?\\d|${PIECE_WORDS}|people|persons)`,
);
const TIMES = new RegExp(
  `^(\\d+)\\s*(?:[x×]\\s*(\\d+(?:[.,]\\d+)?)\\s*(g|kg|oz)\\s*${PIECE_WORDS}|${PIECE_WORDS}\\s*(?:of|at|à)\\s*(\\d+(?:[.,]\\d+)?)\\s*(g|kg|oz))`,
);
const DOUGH =
  /(?:total dough|dough weight|total weight|yields?|makes)\s*(?:weight|of)?\s*:?\s*(?:about )?[\d.,½¼¾ ]+\s*(?:kg|g|lb|oz)\b(?!.*(?:balls?|pizzas?|pieces?))/;

/** What a line claims of the whole recipe, with how it was understood; null for a line that claims nothing. */
export function readClaim(text: string): { claim: RecipeClaim; says: string } | null {
  if (/starter|levain|poolish|biga|sponge|dough at/.test(text) && /\d\s*g\b/.test(text))
    return null;
  const hydration = HYDRATION.exec(text);
  if (hydration !== null) {
    const share = readNumber(hydration[1] ?? hydration[2] ?? '') / 100;
    return { claim: { of: 'hydration', share }, says: `says ${round(share * 100)} % water` };
  }
  const pieces = readPieces(text);
  if (pieces !== null) {
    const each = pieces.weightG === null ? '' : ` of ${round(pieces.weightG)} g`;
    return { claim: pieces, says: `says ${pieces.count} pieces${each}` };
  }
  if (DOUGH.test(text)) {
    const amount = amountsIn(text).find((one) => one.unit?.of === 'weight');
    if (amount?.unit != null) {
      const massG = amount.low * amount.unit.factor;
      return { claim: { of: 'dough', massG }, says: `says ${round(massG)} g of dough` };
    }
  }
  return null;
}

function readPieces(text: string): Extract<RecipeClaim, { of: 'pieces' }> | null {
  const counted = COUNTED.exec(text);
  const times = TIMES.exec(text);
  if (counted === null && times === null) return null;
  const count = Number((times ?? counted)?.[1]);
  if (!(count >= 1 && count <= 2000)) return null;
  const weight = amountsIn(text).find((one) => one.unit?.of === 'weight');
  const weightG =
    weight?.unit == null ? null : ((weight.low + weight.high) / 2) * weight.unit.factor;
  return { of: 'pieces', count, weightG };
}

const round = (value: number) => Number(value.toPrecision(3));
