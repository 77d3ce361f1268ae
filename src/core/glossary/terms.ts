import { trOf, word } from '@/words/tr';

/** A word of the trade with its meaning. */
export interface Term {
  /** The same in every language, to be linked to. */
  readonly id: string;
  readonly word: string;
  /** Other words for it, or forms that are looked for. */
  readonly also: readonly string[];
  readonly means: string;
  /** The view where it is at home. */
  readonly at: string;
}

const term = (name: string, means: string, at: string, ...also: string[]): Term => ({
  id: name.replaceAll(' ', '-'),
  get word() {
    return trOf(name);
  },
  get means() {
    return trOf(means);
  },
  also,
  at,
});

/** The words of the trade as Olvik uses them, in alphabetical order. */
export const TERMS: readonly Term[] = [
  term(
    word('autolyse'),
    word(
      'Flour and water stand alone for a while before salt and leaven: the dough needs less mixing.',
    ),
    '/doughs',
  ),
  term(
    word('baker’s percentages'),
    word('Every ingredient over all the flour of the dough; flour itself is 100 %.'),
    '/doughs',
  ),
  term(
    word('balls'),
    word(
      'Divided and rounded pieces of dough, each one pizza; they proof until they open without tearing.',
    ),
    '/',
  ),
  term(
    word('band'),
    word('The hours between which a moment comes eight times in ten. Looks make it narrower.'),
    '/learned',
    '80 %',
  ),
  term(
    word('bassinage'),
    word('Holding back a part of the water and working it in at the end.'),
    '/mix',
    'held-back water',
  ),
  term(
    word('biga'),
    word(
      'A stiff, crumbly pre-ferment with baker’s yeast, ripened for most of a day or longer in the cold.',
    ),
    '/doughs',
  ),
  term(
    word('bracket'),
    word(
      'The mark above a strand: a tick where the ripe window opens, a triangle at its best, a tick where it closes.',
    ),
    '/',
  ),
  term(word('bulk'), word('The first rise, of the whole dough.'), '/doughs', 'first rise'),
  term(
    word('carry-over dough'),
    word('Yesterday’s leftover dough as today’s leaven, with its salt and oil.'),
    '/cultures',
    'chain',
  ),
  term(
    word('culture'),
    word('A named line of feedings that goes on: a starter, a chain.'),
    '/cultures',
  ),
  term(
    word('discard'),
    word('Starter that is left over when it is fed, past its peak.'),
    '/cultures',
  ),
  term(
    word('endurance'),
    word('How many hours a flour can ferment before its gluten gives way.'),
    '/doughs',
    'W',
    'strength',
  ),
  term(
    word('exhaustion'),
    word(
      'The sugar that yeast can eat is gone: a room-warm leaven is then at its best and soon falls.',
    ),
    '/learned',
  ),
  term(
    word('feed'),
    word('Flour and water for a starter: mother : flour : water by weight, as 1:5:5.'),
    '/cultures',
    'feeding',
  ),
  term(
    word('final dough'),
    word('What is mixed with the ripe pre-ferment: whole formula less what the leaven brings.'),
    '/doughs',
  ),
  term(
    word('float test'),
    word(
      'A spoonful of levain in water: it floats when there is enough gas in it. A sign among others.',
    ),
    '/',
  ),
  term(
    word('fresh-yeast equivalent'),
    word('Any yeast counted as fresh: dry weights are divided by 0.42 (active) or 0.34 (instant).'),
    '/doughs',
    'FYE',
  ),
  term(
    word('hold or hurry'),
    word('What can still be done when something slips, each move run through to the service.'),
    '/plan',
  ),
  term(word('hydration'), word('Water over all flour of the mass named.'), '/doughs', 'water'),
  term(word('inoculation'), word('Ripe seed over the flour of the build.'), '/cultures'),
  term(
    word('keel'),
    word('The line of now on the Tide: left of it what was done, right of it what is to come.'),
    '/',
  ),
  term(
    word('knot'),
    word('The fewest conditions that together stand in the way of a service.'),
    '/plan',
  ),
  term(word('levain'), word('A starter built for one dough and used whole.'), '/doughs'),
  term(
    word('look'),
    word('What you see, smell and feel of a lot at an hour. The forecast moves to meet it.'),
    '/',
  ),
  term(
    word('lot'),
    word(
      'A traceable quantity of one mass, with a code: a feeding, a poolish, a dough, its balls.',
    ),
    '/log',
  ),
  term(
    word('mother'),
    word('The starter that is kept back and fed again. Never use up the last of it.'),
    '/cultures',
  ),
  term(
    word('odds'),
    word(
      'The chance that balls are ready in every half hour of a service, from runs with drawn truths.',
    ),
    '/plan',
  ),
  term(word('oven spring'), word('How far the rim rises in the oven.'), '/compare', 'rim'),
  term(
    word('poke'),
    word(
      'A dent with a wet finger: back at once, too young; half-way, right; stays, too far gone.',
    ),
    '/',
  ),
  term(
    word('poolish'),
    word('Equal flour and water with a very small dose of baker’s yeast, ripened for hours.'),
    '/doughs',
  ),
  term(
    word('pre-fermented flour'),
    word('Flour that goes in with the leaven over all flour of the dough.'),
    '/doughs',
  ),
  term(word('proof'), word('The last rise, of the balls.'), '/'),
  term(
    word('refreshment'),
    word('A feed before the one that counts, so that a culture from the cold is strong.'),
    '/cultures',
  ),
  term(word('retard'), word('To slow a dough in the cold.'), '/plan', 'cold'),
  term(word('score'), word('How a bake turned out: opening, rim, colour, crumb, taste.'), '/log'),
  term(word('slack'), word('A ball past its window: it spreads and tears.'), '/compare'),
  term(
    word('sponge'),
    word('A short pre-ferment with a full dose of yeast, taken at a chosen rise.'),
    '/doughs',
  ),
  term(
    word('springs back'),
    word('A ball too young or just handled: it will not open wide.'),
    '/compare',
    'elastic',
    'tight',
  ),
  term(
    word('starter'),
    word('Flour and water kept alive by wild yeast and lactic bacteria.'),
    '/cultures',
    'sourdough',
  ),
  term(
    word('strand'),
    word('A lot as the Tide draws it: it swells with its activity and lies in its place.'),
    '/',
  ),
  term(word('temper'), word('To let cold balls warm up before they are opened.'), '/plan'),
  term(
    word('trial'),
    word(
      'The same lot once more with one thing different; both are looked at, and lie side by side.',
    ),
    '/compare/lots',
  ),
  term(
    word('window'),
    word('The hours in which a leaven or a ball is ripe: it opens, has its best, closes.'),
    '/',
    'ripe',
  ),
  term(
    word('windowpane'),
    word('A piece of dough drawn so thin that light comes through: the gluten is ready.'),
    '/mix',
  ),
  term(
    word('yeast stock'),
    word('Yeast weighed into water, so that a dose under the scale’s step can be poured.'),
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
