import { tr } from '@/words/tr';
import { amountsIn, readNumber } from './quantity';

/** What a recipe says of itself. */
export type RecipeClaim =
  | { readonly of: 'hydration'; readonly share: number }
  | { readonly of: 'salt'; readonly share: number }
  | {
      readonly of: 'pieces';
      readonly count: number;
      /** Of “6–7 pizzas” the greater; as `count` where one number is said. */
      readonly most: number;
      readonly weightG: number | null;
    }
  | { readonly of: 'dough'; readonly massG: number };

const PIECE_WORDS =
  '(?:dough )?(?:pizzas?|balls?|dough balls?|pieces?|panetti|bases?|crusts?|pies?|breads?|flatbreads?|trays?|portions?|servings?|rounds?|loaf|loaves)';
const HYDRATION =
  /(\d+(?:[.,]\d+)?)\s*%\s*(?:hydration|water content)|hydration\s*(?:of|is|:|=)?\s*(\d+(?:[.,]\d+)?)\s*%/;
const COUNTED = new RegExp(
  `(?:makes|yields?|gives|serves|for|enough for|divide into|yield)\\s*:?\\s*(?:about |around |up to )?(\\d+)(?!\\d)(?:\\s*(?:-|–|to|or)\\s*(\\d+)(?!\\d))?\\s*(?:[x×]\\s*)?(?:(?:about )?\\d|${PIECE_WORDS}|people|persons)`,
);
const WEIGHT = '(?:about )?\\d[\\d.,]*(?:\\s*(?:-|–|to)\\s*\\d[\\d.,]*)?\\s*(?:g|kg|oz|lb)';
const SIZES = '(?:small |medium |large |round )?';
/** Pieces with what each weighs: “6 x 270 g balls”, “7–8 balls of 250 g”, “4 balls, 9 oz each”. */
const TIMES = new RegExp(
  `^(?:about |around )?(\\d+)(?:\\s*(?:-|–|to|or)\\s*(\\d+))?\\s*(?:[x×]\\s*${WEIGHT}\\s*${SIZES}${PIECE_WORDS}|${SIZES}${PIECE_WORDS}\\s*,?\\s*(?:of |at |à |@ ?|each )?${WEIGHT}\\b)`,
);
/** Nothing but a count of pieces: “6–7 pizzas”, “about 6 portions”. */
const BARE = new RegExp(
  `^(?:about |around )?(\\d+)(?:\\s*(?:-|–|to|or)\\s*(\\d+))?\\s*${SIZES}${PIECE_WORDS}$`,
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
    return { claim: { of: 'hydration', share }, says: tr`says ${round(share * 100)} % water` };
  }
  const pieces = readPieces(text);
  if (pieces !== null) {
    return { claim: pieces, says: piecesSay(pieces) };
  }
  if (DOUGH.test(text)) {
    const amount = amountsIn(text).find((one) => one.unit?.of === 'weight');
    if (amount?.unit != null) {
      const massG = amount.low * amount.unit.factor;
      return { claim: { of: 'dough', massG }, says: tr`says ${round(massG)} g of dough` };
    }
  }
  return null;
}

function piecesSay({ count, most, weightG }: Extract<RecipeClaim, { of: 'pieces' }>): string {
  const each = weightG === null ? '' : tr` of ${round(weightG)} g`;
  if (most > count) return tr`says ${count} to ${most} pieces${each}`;
  return tr`says ${count} ${count === 1 ? tr`piece` : tr`pieces`}${each}`;
}

function readPieces(text: string): Extract<RecipeClaim, { of: 'pieces' }> | null {
  const counted = COUNTED.exec(text);
  const times = TIMES.exec(text);
  const bare = BARE.exec(text);
  const found = times ?? counted ?? bare;
  if (found === null) return null;
  const count = Number(found[1]);
  if (!(count >= 1 && count <= 2000)) return null;
  const upTo = Number(found[2] ?? count);
  const weight = amountsIn(text).find((one) => one.unit?.of === 'weight');
  const weightG =
    weight?.unit == null ? null : ((weight.low + weight.high) / 2) * weight.unit.factor;
  return { of: 'pieces', count, most: Math.max(count, Math.min(2000, upTo)), weightG };
}

const round = (value: number) => Number(value.toPrecision(3));
