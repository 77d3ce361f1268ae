/** A word of the trade with its meaning. */
export interface Term {
  readonly word: string;
  /** Other words for it, or forms that are looked for. */
  readonly also: readonly string[];
  readonly means: string;
  /** The view where it is at home. */
  readonly at: string;
}

const term = (word: string, means: string, at: string, ...also: string[]): Term => ({
  word,
  also,
  means,
  at,
});

/** The words of the trade as Olvik uses them, in alphabetical order. */
export const TERMS: readonly Term[] = [
  term(
    'autolyse',
    'Flour and water stand alone for a while before salt and leaven: the dough needs less mixing.',
    '/doughs',
  ),
  term(
    'baker’s percentages',
    'Every ingredient over all the flour of the dough; flour itself is 100 %.',
    '/doughs',
  ),
  term(
    'balls',
    'Divided and rounded pieces of dough, each one pizza; they proof until they open without tearing.',
    '/',
  ),
  term(
    'band',
    'The hours between which a moment comes eight times in ten. Looks make it narrower.',
    '/learned',
    '80 %',
  ),
  term(
    'bassinage',
    'Holding back a part of the water and working it in at the end.',
    '/mix',
    'held-back water',
  ),
  term(
    'biga',
    'A stiff, crumbly pre-ferment with baker’s yeast, ripened for most of a day or longer in the cold.',
    '/doughs',
  ),
  term(
    'bracket',
    'The mark above a strand: a tick where the ripe window opens, a triangle at its best, a tick where it closes.',
    '/',
  ),
  term('bulk', 'The first rise, of the whole dough.', '/doughs', 'first rise'),
  term(
    'carry-over dough',
    'Yesterday’s leftover dough as today’s leaven, with its salt and oil.',
    '/cultures',
    'chain',
  ),
  term('culture', 'A named line of feedings that goes on: a starter, a chain.', '/cultures'),
  term('discard', 'Starter that is left over when it is fed, past its peak.', '/cultures'),
  term(
    'endurance',
    'How many hours a flour can ferment before its gluten gives way.',
    '/doughs',
    'W',
    'strength',
  ),
  term(
    'exhaustion',
    'The sugar that yeast can eat is gone: a room-warm leaven is then at its best and soon falls.',
    '/learned',
  ),
  term(
    'feed',
    'Flour and water for a starter: mother : flour : water by weight, as 1:5:5.',
    '/cultures',
    'feeding',
  ),
  term(
    'final dough',
    'What is mixed with the ripe pre-ferment: whole formula less what the leaven brings.',
    '/doughs',
  ),
  term(
    'float test',
    'A spoonful of levain in water: it floats when there is enough gas in it. A sign among others.',
    '/',
  ),
  term(
    'fresh-yeast equivalent',
    'Any yeast counted as fresh: dry weights are divided by 0.42 (active) or 0.34 (instant).',
    '/doughs',
    'FYE',
  ),
  term(
    'hold or hurry',
    'What can still be done when something slips, each move run through to the service.',
    '/plan',
  ),
  term('hydration', 'Water over all flour of the mass named.', '/doughs', 'water'),
  term('inoculation', 'Ripe seed over the flour of the build.', '/cultures'),
  term(
    'keel',
    'The line of now on the Tide: left of it what was done, right of it what is to come.',
    '/',
  ),
  term('knot', 'The fewest conditions that together stand in the way of a service.', '/plan'),
  term('levain', 'A starter built for one dough and used whole.', '/doughs'),
  term(
    'look',
    'What you see, smell and feel of a lot at an hour. The forecast moves to meet it.',
    '/',
  ),
  term(
    'lot',
    'A traceable quantity of one mass, with a code: a feeding, a poolish, a dough, its balls.',
    '/log',
  ),
  term(
    'mother',
    'The starter that is kept back and fed again. Never use up the last of it.',
    '/cultures',
  ),
  term(
    'odds',
    'The chance that balls are ready in every half hour of a service, from runs with drawn truths.',
    '/plan',
  ),
  term('oven spring', 'How far the rim rises in the oven.', '/compare', 'rim'),
  term(
    'poke',
    'A dent with a wet finger: back at once, too young; half-way, right; stays, too far gone.',
    '/',
  ),
  term(
    'poolish',
    'Equal flour and water with a very small dose of baker’s yeast, ripened for hours.',
    '/doughs',
  ),
  term(
    'pre-fermented flour',
    'Flour that goes in with the leaven over all flour of the dough.',
    '/doughs',
  ),
  term('proof', 'The last rise, of the balls.', '/'),
  term(
    'refreshment',
    'A feed before the one that counts, so that a culture from the cold is strong.',
    '/cultures',
  ),
  term('retard', 'To slow a dough in the cold.', '/plan', 'cold'),
  term('score', 'How a bake turned out: opening, rim, colour, crumb, taste.', '/log'),
  term('slack', 'A ball past its window: it spreads and tears.', '/compare'),
  term(
    'sponge',
    'A short pre-ferment with a full dose of yeast, taken at a chosen rise.',
    '/doughs',
  ),
  term(
    'springs back',
    'A ball too young or just handled: it will not open wide.',
    '/compare',
    'elastic',
    'tight',
  ),
  term(
    'starter',
    'Flour and water kept alive by wild yeast and lactic bacteria.',
    '/cultures',
    'sourdough',
  ),
  term(
    'strand',
    'A lot as the Tide draws it: it swells with its activity and lies in its place.',
    '/',
  ),
  term('temper', 'To let cold balls warm up before they are opened.', '/plan'),
  term(
    'trial',
    'The same lot once more with one thing different; both are looked at, and lie side by side.',
    '/compare/lots',
  ),
  term(
    'window',
    'The hours in which a leaven or a ball is ripe: it opens, has its best, closes.',
    '/',
    'ripe',
  ),
  term(
    'windowpane',
    'A piece of dough drawn so thin that light comes through: the gluten is ready.',
    '/mix',
  ),
  term(
    'yeast stock',
    'Yeast weighed into water, so that a dose under the scale’s step can be poured.',
    '/doughs',
  ),
];

/** Words that hold, mean or are also called what is looked for; all of them for nothing. */
export function termsFor(text: string): readonly Term[] {
  const wanted = text.trim().toLowerCase();
  if (wanted === '') return TERMS;
  const rank = ({ word, also, means }: Term) => {
    if (word.toLowerCase().startsWith(wanted)) return 0;
    if ([word, ...also].some((one) => one.toLowerCase().includes(wanted))) return 1;
    return means.toLowerCase().includes(wanted) ? 2 : null;
  };
  return TERMS.map((one) => ({ one, at: rank(one) }))
    .filter(({ at }) => at !== null)
    .sort((a, b) => (a.at ?? 0) - (b.at ?? 0))
    .map(({ one }) => one);
}
