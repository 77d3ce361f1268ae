import { tr } from '@/words/tr';
import { headOf } from './heads';
import { foldsIn, hoursIn } from './stage-words';
import { thingIn, type RecipeThing } from './words';

/** A share of the water that a line gives. */
interface OverWater {
  readonly thing: RecipeThing;
  readonly share: number;
  readonly over: 'water';
  readonly says: string;
  readonly hydration: null;
}

/** Words of a line that is kept as a note. */
export const NOTES =
  /\b(to taste|as needed|as required|if needed|optional|for dusting|for the (?:tray|bowl|board|pan|peel)|a little extra|extra for)\b/;

/** "30 g salt per litre of water": a share of the water. */
export function saltPerLitre(text: string): OverWater | null {
  const found =
    /(\d+(?:[.,]\d+)?)\s*g(?:rams?)?\s*(?:of\s+)?(?:fine |coarse |sea )*salt\s*(?:per|a|to (?:the|a)|for each|\/)\s*(?:1\s*)?(?:l\b|lit(?:re|er))/.exec(
      text,
    );
  const salt = thingIn('salt');
  if (found === null || salt === null) return null;
  const gramsPerL = Number((found[1] ?? '').replace(',', '.'));
  return {
    thing: salt.thing,
    share: gramsPerL / 1000,
    over: 'water',
    says: tr`salt, ${gramsPerL} g to each litre of water`,
    hydration: null,
  };
}

/** Words that a step of the method begins with. */
const STEP_VERBS =
  /^(?:step \d+|(?:then|now|next|next day|finally|meanwhile|the (?:next|following) day|after(?:wards)?|when|once|in the (?:morning|evening)|overnight)[ ,]|(?:add|autolyse|bake|ball|beat|blend|bring|bulk|chill|combine|cook|cool|cover|cut|discard|dissolve|divide|dust|feed|ferment|fold|form|freeze|heat|keep|knead|leave|let|make|mix|oil|place|pour|preheat|pre-heat|prepare|proof|prove|punch|put|refrigerate|remove|rest|ripen|roll|round|scale|serve|set|shape|slap|sprinkle|stir|store|stretch|take|temper|top|transfer|turn|warm|weigh|whisk|work)\b)/;
/** Words that head a part of a recipe. */
const HEADINGS =
  /^(?:ingredients?|method|directions?|instructions?|steps?|preparation|procedure|notes?|tips?|for the .{1,40}|the .{1,30}|dough|final dough|main dough|final mix|poolish|biga|levain|starter|sponge|day (?:one|two|three|\d+))\s*:?$/;
const FEW_WORDS = 7;

const isHeading = (raw: string, text: string, hasFigure: boolean) =>
  HEADINGS.test(text) || headOf(raw) !== null || (!hasFigure && /:\s*$/.test(raw));

/** True for hours, minutes or folds of nothing that is weighed: “24 h in the fridge”. */
const saysHours = (text: string) =>
  thingIn(text) === null && (hoursIn(text) !== null || foldsIn(text) !== null);

/** What a line is that is no ingredient: a heading, a title, a step of the method; null for one that may be. */
export function noIngredient(raw: string, text: string): string | null {
  const hasFigure = /\d|\bpinch|\bhandful|½|¼|¾/.test(text);
  if (isHeading(raw, text, hasFigure)) return tr`a heading`;
  // A step may weigh something: it begins with what is to be done, an ingredient with how much or what.
  if (STEP_VERBS.test(text)) return tr`a step of the method`;
  if (saysHours(text)) return tr`a step of the method`;
  const words = text.split(' ').length;
  if (!hasFigure && thingIn(text) === null && !NOTES.test(text)) {
    return words <= FEW_WORDS ? tr`a heading` : tr`a step of the method`;
  }
  return null;
}
