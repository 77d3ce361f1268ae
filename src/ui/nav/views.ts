/** A view by its name, with what it is for in a line. */
export interface NamedView {
  readonly href: string;
  readonly name: string;
  readonly says: string;
  /** The letter that opens it after a “g”; none for those that are seldom opened. */
  readonly key?: string;
  /** Beginnings of the paths that belong to it. */
  readonly holds?: readonly string[];
}

/** The views of the bar: the ones that are opened many times a day. */
export const BAR: readonly NamedView[] = [
  { href: '/', name: 'Tide', says: 'now and next', key: 't', holds: ['/lots', '/mix'] },
  {
    href: '/plan',
    name: 'Plan',
    says: 'services of the week, plans side by side',
    key: 'p',
    holds: ['/hold'],
  },
  { href: '/cultures', name: 'Cultures', says: 'how they are, what to feed', key: 'c' },
  {
    href: '/doughs',
    name: 'Doughs',
    says: 'methods, what is in them',
    key: 'd',
    holds: ['/recipes'],
  },
  { href: '/log', name: 'Log', says: 'what happened; take it back', key: 'l', holds: ['/bakes'] },
];

/** Everything else, in groups. */
export const MORE: readonly { readonly name: string; readonly views: readonly NamedView[] }[] = [
  {
    name: 'Today',
    views: [
      { href: '/day', name: 'The day', says: 'the Tide as tables, to print', key: 'y' },
      { href: '/week', name: 'The week', says: 'seven days on one page, to print', key: 'u' },
      { href: '/hands', name: 'Hands', says: 'who does what when; calendar file', key: 'h' },
      { href: '/bakes/new', name: 'New bake', says: 'grams and hours, backwards', key: 'n' },
      {
        href: '/stock',
        name: 'To buy',
        says: 'what the plans take, what is there, costs',
        key: 'k',
      },
      { href: '/wall', name: 'Wall', says: 'large, for a screen nobody touches', key: 'v' },
      { href: '/labels', name: 'Labels', says: 'a lot by its code; what was printed', key: 'b' },
    ],
  },
  {
    name: 'Doughs and flours',
    views: [
      { href: '/doughs/check', name: 'Recipe check', says: 'what a recipe really is', key: 'r' },
      { href: '/doughs/flours', name: 'Flours', says: 'blends by strength, sacks', key: 'f' },
      { href: '/try', name: 'Try out', says: 'what if, without a lot', key: 'o' },
    ],
  },
  {
    name: 'What was',
    views: [
      { href: '/compare', name: 'Side by side', says: 'bakes compared; one thing to change' },
      { href: '/learned', name: 'Learned', says: 'what looks and readings have taught' },
      { href: '/records', name: 'Records', says: 'sheets, tables, archive, back-ups' },
    ],
  },
  {
    name: 'To learn, to set',
    views: [
      { href: '/practice', name: 'Practice', says: 'read simulated jars' },
      { href: '/practice/dough', name: 'A whole dough', says: 'two days in a minute, hands on' },
      { href: '/words', name: 'Words', says: 'what each word means; first steps', key: 'w' },
      {
        href: '/devices',
        name: 'Other devices',
        says: 'let in, shut out; calendar address, keys',
        key: 'e',
      },
      { href: '/shop', name: 'Shop', says: 'places, hours, units, this device', key: 's' },
    ],
  },
];

/** Every view by name. */
export const ALL_VIEWS: readonly NamedView[] = [...BAR, ...MORE.flatMap((group) => group.views)];

const isUnder = (path: string, href: string) => path === href || path.startsWith(`${href}/`);

/** The view that a path belongs to: the one whose path is the longest part of it; null for none. */
export function viewAt(path: string): NamedView | null {
  const fits = ALL_VIEWS.flatMap((view) =>
    [view.href, ...(view.holds ?? [])]
      .filter((href) => (href === '/' ? path === '/' : isUnder(path, href)))
      .map((href) => ({ view, length: href.length })),
  );
  return fits.sort((a, b) => b.length - a.length)[0]?.view ?? null;
}

/** Views that fill their screen: no bar stands beside them. */
export const BARE: ReadonlySet<string> = new Set(['/wall', '/pair']);
