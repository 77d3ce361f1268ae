import type { LeavenKind } from '../dough';

/** A thing that recipes name, as Olvik counts it. */
export interface RecipeThing {
  readonly id: string;
  readonly name: string;
  readonly kind:
    'flour' | 'water' | 'salt' | 'oil' | 'sugar' | 'yeast' | 'liquid' | 'extra' | 'leaven';
  /** Grams of a millilitre, and its doubt either way as a fraction. */
  readonly density: number;
  readonly densityDoubt: number;
  /** Grams of one, where it is counted; absent: it is not. */
  readonly eachG?: number;
  /** Units that make sense beside weights: measures for all, pinches for strong things. */
  readonly pinches?: boolean;
  readonly leaven?: LeavenKind;
  /** Water over its own flour, for leavens. */
  readonly hydration?: number;
  /** Salt over its own flour, for carry-over dough. */
  readonly saltShare?: number;
  /** The culture of the shop that it is. */
  readonly cultureId?: string;
}

/** Id, name, kind, density, its doubt, what else is known. */
type ThingRow = readonly [
  string,
  string,
  RecipeThing['kind'],
  number,
  number,
  Partial<RecipeThing>?,
];
const thing = (...[id, name, kind, density, densityDoubt, more = {}]: ThingRow): RecipeThing => ({
  id,
  name,
  kind,
  density,
  densityDoubt,
  ...more,
});

const flour = (id: string, name: string, density = 0.53) => thing(id, name, 'flour', density, 0.13);
const yeast = (id: string, name: string, density: number, eachG?: number) =>
  thing(id, name, 'yeast', density, 0.12, {
    pinches: true,
    ...(eachG === undefined ? {} : { eachG }),
  });
const leaven = (id: LeavenKind, name: string, hydration: number, more: Partial<RecipeThing> = {}) =>
  thing(id, name, 'leaven', 0.95, 0.3, { leaven: id, hydration, ...more });

/** Things by the words that name them; the longest word that fits wins. Densities: level measures, set after kitchen tables. */
const THINGS: readonly (readonly [RecipeThing, readonly string[]])[] = [
  [
    flour('flour-wholegrain', 'wholegrain flour', 0.5),
    [
      'whole wheat flour',
      'wholewheat flour',
      'wholemeal flour',
      'wholemeal',
      'whole wheat',
      'wholegrain flour',
      'whole grain flour',
      'wholegrain',
    ],
  ],
  [flour('flour-rye', 'rye flour', 0.45), ['rye flour', 'rye', 'wholegrain rye flour']],
  [
    flour('flour-semolina', 'semolina', 0.68),
    ['semolina flour', 'semolina', 'durum flour', 'durum'],
  ],
  [flour('flour-rice', 'rice flour', 0.6), ['rice flour']],
  [
    flour('flour-strong', 'strong flour'),
    [
      'strong bread flour',
      'strong white flour',
      'strong flour',
      'bread flour',
      'high protein flour',
      'strong',
    ],
  ],
  [
    flour('flour-00', '00 flour'),
    [
      '00 flour',
      'type 00 flour',
      'type 00',
      'tipo 00 flour',
      'tipo 00',
      'flour 00',
      'double zero flour',
      'pizza flour',
      '00',
    ],
  ],
  [
    flour('flour', 'flour'),
    [
      'all purpose flour',
      'all-purpose flour',
      'plain flour',
      'white flour',
      'wheat flour',
      'flour',
    ],
  ],
  [
    thing('sparkling-water', 'sparkling water', 'liquid', 1, 0.01),
    ['sparkling water', 'soda water', 'fizzy water', 'carbonated water'],
  ],
  [
    thing('water', 'water', 'water', 1, 0.01),
    [
      'lukewarm water',
      'warm water',
      'cold water',
      'ice water',
      'iced water',
      'tap water',
      'water',
      'ice',
      'h2o',
    ],
  ],
  [thing('milk', 'milk', 'liquid', 1.03, 0.01), ['whole milk', 'skimmed milk', 'milk']],
  [
    thing('yoghurt', 'yoghurt', 'liquid', 1.03, 0.04),
    ['plain yoghurt', 'plain yogurt', 'yoghurt', 'yogurt'],
  ],
  [thing('egg', 'egg', 'liquid', 1.03, 0.05, { eachG: 50 }), ['eggs', 'egg']],
  [
    thing('salt', 'salt', 'salt', 1.2, 0.1, { pinches: true }),
    ['fine sea salt', 'fine salt', 'table salt', 'sea salt', 'salt'],
  ],
  [
    thing('salt', 'salt, coarse', 'salt', 0.85, 0.3, { pinches: true }),
    ['coarse sea salt', 'coarse salt', 'flaky salt', 'flaked salt', 'kosher salt'],
  ],
  [
    thing('oil', 'oil', 'oil', 0.91, 0.02),
    ['extra virgin olive oil', 'olive oil', 'sunflower oil', 'vegetable oil', 'evoo', 'oil'],
  ],
  [thing('butter', 'butter', 'liquid', 0.95, 0.05), ['melted butter', 'butter']],
  [thing('honey', 'honey', 'sugar', 1.42, 0.04), ['honey']],
  [
    thing('malt-diastatic', 'diastatic malt', 'sugar', 0.6, 0.15, { pinches: true }),
    ['diastatic malt powder', 'diastatic malt', 'malt flour'],
  ],
  [
    thing('malt-extract', 'malt extract', 'sugar', 1.4, 0.05),
    ['malt extract', 'malt syrup', 'barley malt syrup', 'barley malt', 'malt'],
  ],
  [
    thing('sugar', 'sugar', 'sugar', 0.85, 0.08, { pinches: true }),
    ['caster sugar', 'granulated sugar', 'white sugar', 'brown sugar', 'sugar'],
  ],
  [
    yeast('yeast-instant', 'instant yeast', 0.62, 7),
    [
      'instant dry yeast',
      'instant dried yeast',
      'instant yeast',
      'fast action yeast',
      'fast-action yeast',
      'fast action dried yeast',
      'easy bake yeast',
      'rapid yeast',
      'idy',
    ],
  ],
  [
    yeast('yeast-active-dry', 'active dry yeast', 0.62, 7),
    ['active dry yeast', 'active dried yeast', 'dried yeast', 'dry yeast', 'ady'],
  ],
  [
    yeast('yeast-fresh', 'fresh yeast', 0.65, 25),
    [
      'fresh baker’s yeast',
      "fresh baker's yeast",
      'fresh yeast',
      'yeast, fresh',
      'yeast fresh',
      'compressed yeast',
      'cake yeast',
      'baker’s yeast',
      "baker's yeast",
    ],
  ],
  [
    leaven('stiff levain', 'stiff starter', 0.5),
    ['stiff sourdough starter', 'stiff starter', 'stiff levain', 'firm starter'],
  ],
  [
    leaven('starter', 'starter', 1),
    [
      'ripe sourdough starter',
      'active sourdough starter',
      'sourdough starter',
      'active starter',
      'ripe starter',
      'mature starter',
      'liquid starter',
      'sourdough',
      'starter',
    ],
  ],
  [leaven('levain', 'levain', 1), ['ripe levain', 'young levain', 'levain', 'leaven']],
  [leaven('discard', 'discard', 1), ['sourdough discard', 'starter discard', 'discard']],
  [leaven('poolish', 'poolish', 1), ['ripe poolish', 'poolish']],
  [leaven('biga', 'biga', 0.5), ['ripe biga', 'biga']],
  [leaven('sponge', 'sponge', 0.7), ['sponge']],
  [
    leaven('carry-over', 'old dough', 0.65, { saltShare: 0.027 }),
    [
      'old dough',
      'leftover dough',
      'carry-over dough',
      'carry-over',
      'yesterday’s dough',
      "yesterday's dough",
    ],
  ],
  [thing('seeds-sesame', 'sesame seeds', 'extra', 0.6, 0.1), ['sesame seeds', 'sesame']],
  [thing('seeds-sunflower', 'sunflower seeds', 'extra', 0.55, 0.1), ['sunflower seeds']],
  [
    thing('seeds-linseed', 'linseed', 'extra', 0.67, 0.1),
    ['linseed', 'linseeds', 'flaxseed', 'flax seeds', 'flaxseeds'],
  ],
  [
    thing('herbs-dried', 'dried herbs', 'extra', 0.2, 0.3, { pinches: true }),
    ['dried oregano', 'oregano', 'dried herbs', 'dried rosemary', 'rosemary'],
  ],
];

/** Things by the words that name them. */
export const BY_WORD: ReadonlyMap<string, RecipeThing> = new Map(
  THINGS.flatMap(([one, words]) => words.map((word) => [word, one] as const)),
);
/** Those words, the longest first. */
export const LONGEST_FIRST = [...BY_WORD.keys()].sort((a, b) => b.length - a.length);

/** The thing a text names and the words it is named by; null for none, or for yeast of which the type is not said. */
export function thingIn(
  text: string,
): { readonly thing: RecipeThing; readonly word: string } | null {
  for (const word of LONGEST_FIRST) {
    const at = text.indexOf(word);
    if (at < 0) continue;
    const before = text.charAt(at - 1);
    const after = text.charAt(at + word.length);
    if (/[a-zà-ÿ0-9]/.test(before) || /[a-zà-ÿ0-9]/.test(after)) continue;
    const found = BY_WORD.get(word);
    if (found !== undefined) return { thing: found, word };
  }
  return null;
}
