import { BY_WORD, LONGEST_FIRST, type RecipeThing } from './words';

/** A thing of the shop by the name it has there, in small letters. */
export interface OwnThing {
  readonly word: string;
  readonly thing: RecipeThing;
}

/** A thing with the words that name it, and where they stand. */
interface NamedThing {
  readonly thing: RecipeThing;
  readonly word: string;
  readonly at: number;
}

/** Every thing a text names, in the order in which they stand; the longest word that fits wins over the shorter ones in it. */
function thingsIn(text: string, own: readonly OwnThing[]): NamedThing[] {
  let left = text;
  const found: NamedThing[] = [];
  const byOwn = new Map(own.map(({ word, thing }) => [word, thing]));
  const ownFirst = [...byOwn.keys()].sort((a, b) => b.length - a.length);
  for (const word of [...ownFirst, ...LONGEST_FIRST]) {
    for (let at = left.indexOf(word); at >= 0; at = left.indexOf(word, at + word.length)) {
      const before = left.charAt(at - 1);
      const after = left.charAt(at + word.length);
      if (/[a-zà-ÿ0-9]/.test(before) || /[a-zà-ÿ0-9]/.test(after)) continue;
      const named = byOwn.get(word) ?? BY_WORD.get(word);
      if (named === undefined) continue;
      found.push({ thing: named, word, at });
      left = `${left.slice(0, at)}${'\u0001'.repeat(word.length)}${left.slice(at + word.length)}`;
    }
  }
  return found.sort((a, b) => a.at - b.at);
}

/** What comes after these says more of the thing, and is not the thing: “1 cup water, what this flour needed”. */
const SAYS_MORE = /[,;]|\s(?:for|from|what|that|which|until|so that|as much as|if|with|in)\s/;

/**
 * The thing that a line is about: the last one named before it goes on to say more (“wholemeal poolish” is a poolish), a leaven
 * before what it is made of; two of them side by side (“flour and water”) where they are more than one.
 */
export function thingOfLine(
  text: string,
  own: readonly OwnThing[] = [],
): {
  readonly thing: RecipeThing;
  readonly word: string;
  readonly beside: RecipeThing | null;
} | null {
  const all = thingsIn(text, own);
  if (all.length === 0) return null;
  const more = SAYS_MORE.exec(text);
  const head = more === null ? all : all.filter(({ at }) => at < more.index);
  const said = head.length > 0 ? head : all.slice(0, 1);
  const leaven = said.find(({ thing }) => thing.kind === 'leaven');
  const last = leaven ?? (said.at(-1) as NamedThing);
  const other = said.find((one) => one !== last && joined(text, one, last));
  return { thing: last.thing, word: last.word, beside: other?.thing ?? null };
}

/** True for two things with an “and” between them. */
function joined(text: string, one: NamedThing, other: NamedThing): boolean {
  const [a, b] = one.at < other.at ? [one, other] : [other, one];
  return /^\s*(?:and|&|\+)\s*$/.test(text.slice(a.at + a.word.length, b.at));
}
