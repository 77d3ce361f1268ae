/** Something that can be opened by its name. */
export interface Findable {
  readonly kind: 'View' | 'Lot' | 'Bake' | 'Culture' | 'Method' | 'Word';
  readonly name: string;
  /** What tells it from others of its name, in a line. */
  readonly says: string;
  /** When it was made or is for; null for what has no hour. */
  readonly atMs: number | null;
  readonly href: string;
}

/** Letters without their marks and case: “biga” finds “Bigá”. */
const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

/** How well a thing answers to what was typed; less is better, null for not at all. */
function rank(one: Findable, words: readonly string[]): number | null {
  const name = plain(one.name);
  const all = `${name} ${plain(one.says)} ${plain(one.kind)}`;
  if (!words.every((word) => all.includes(word))) return null;
  const [first] = words;
  if (first === undefined) return 0;
  if (name.startsWith(first)) return 0;
  return words.every((word) => name.includes(word)) ? 1 : 2;
}

/** What answers to every word that was typed, names that begin with it first; with nothing typed, all as they stand. */
export function foundFor(text: string, all: readonly Findable[]): readonly Findable[] {
  const words = plain(text).split(/\s+/).filter(Boolean);
  return all
    .map((one, index) => ({ one, index, rank: rank(one, words) }))
    .filter((found): found is typeof found & { rank: number } => found.rank !== null)
    .sort((a, b) => a.rank - b.rank || a.index - b.index)
    .map(({ one }) => one);
}

/** What of a shop can be found, and the zone its days are read in. */
export interface FoundInShop {
  readonly timeZone: string;
  readonly things: readonly Findable[];
}
