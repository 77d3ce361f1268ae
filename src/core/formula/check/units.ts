import { ouncesToGrams } from '../../units';

/** A unit as a recipe writes it. */
export interface RecipeUnit {
  readonly id: string;
  readonly of: 'weight' | 'volume' | 'measure' | 'count' | 'percent';
  /** Grams for a weight, millilitres for a volume or a measure, 1 for a count. */
  readonly factor: number;
  /** Doubt of the measure itself, as a fraction either way. */
  readonly doubt: number;
  readonly name: string;
}

/** Id, what it measures, factor, name, doubt of the measure. */
type UnitRow = readonly [string, RecipeUnit['of'], number, string, number?];
const unit = (...[id, of, factor, name, doubt = 0]: UnitRow): RecipeUnit => ({
  id,
  of,
  factor,
  doubt,
  name,
});

const CUP_ML = 240;
/** A level spoon and a cup as they are filled by hand. Set, after comparisons of hand-filled measures. */
const SPOON_DOUBT = 0.12;
const CUP_DOUBT = 0.08;

/** Every unit that is read, with the words it is written in. */
const UNITS: readonly { readonly unit: RecipeUnit; readonly words: readonly string[] }[] = [
  {
    unit: unit('kg', 'weight', 1000, 'kg'),
    words: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme', 'kilogrammes'],
  },
  { unit: unit('mg', 'weight', 0.001, 'mg'), words: ['mg', 'milligram', 'milligrams'] },
  {
    unit: unit('g', 'weight', 1, 'g'),
    words: ['g', 'gr', 'gm', 'gms', 'gram', 'grams', 'gramme', 'grammes'],
  },
  { unit: unit('lb', 'weight', ouncesToGrams(16), 'lb'), words: ['lb', 'lbs', 'pound', 'pounds'] },
  {
    unit: unit('fl oz', 'volume', 29.5735, 'fl oz'),
    words: ['fl oz', 'fluid ounce', 'fluid ounces', 'floz'],
  },
  { unit: unit('oz', 'weight', ouncesToGrams(1), 'oz'), words: ['oz', 'ounce', 'ounces'] },
  {
    unit: unit('ml', 'volume', 1, 'ml'),
    words: ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc'],
  },
  { unit: unit('cl', 'volume', 10, 'cl'), words: ['cl', 'centilitre', 'centilitres'] },
  { unit: unit('dl', 'volume', 100, 'dl'), words: ['dl', 'decilitre', 'decilitres', 'deciliter'] },
  { unit: unit('l', 'volume', 1000, 'l'), words: ['l', 'litre', 'litres', 'liter', 'liters'] },
  { unit: unit('cup', 'measure', CUP_ML, 'cup', CUP_DOUBT), words: ['cup', 'cups'] },
  {
    unit: unit('tbsp', 'measure', 15, 'tablespoon', SPOON_DOUBT),
    words: ['tbsp', 'tbsps', 'tbs', 'tablespoon', 'tablespoons', 'tblsp'],
  },
  {
    unit: unit('tsp', 'measure', 5, 'teaspoon', SPOON_DOUBT),
    words: ['tsp', 'tsps', 'teaspoon', 'teaspoons'],
  },
  { unit: unit('pinch', 'measure', 0.3, 'pinch', 0.5), words: ['pinch', 'pinches'] },
  {
    unit: unit('sachet', 'count', 1, 'sachet', 0.05),
    words: ['sachet', 'sachets', 'packet', 'packets', 'envelope', 'envelopes'],
  },
  { unit: unit('%', 'percent', 0.01, '%'), words: ['%', 'percent', 'per cent'] },
];

const BY_WORD = new Map(UNITS.flatMap((one) => one.words.map((word) => [word, one.unit] as const)));
const LONGEST_FIRST = [...BY_WORD.keys()].sort((a, b) => b.length - a.length);

/** The unit a text begins with, and how long it is written; null for none. */
export function unitAt(
  text: string,
): { readonly unit: RecipeUnit; readonly length: number } | null {
  for (const word of LONGEST_FIRST) {
    if (!text.startsWith(word)) continue;
    const next = text.charAt(word.length);
    if (word !== '%' && /[a-zà-ÿ]/.test(next)) continue;
    const found = BY_WORD.get(word);
    if (found === undefined) continue;
    return { unit: found, length: word.length + (next === '.' && word.length > 1 ? 1 : 0) };
  }
  return null;
}
