import { tr } from '@/words/tr';

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

/** A view whose words are said in the language of the moment in which they are read. */
const named = (
  href: string,
  name: () => string,
  says: () => string,
  more: Pick<NamedView, 'key' | 'holds'> = {},
): NamedView => ({
  ...more,
  href,
  get name() {
    return name();
  },
  get says() {
    return says();
  },
});

/** The views of the bar: the ones that are opened many times a day. */
export const BAR: readonly NamedView[] = [
  named(
    '/',
    () => tr`Tide`,
    () => tr`now and next`,
    { key: 't', holds: ['/lots', '/mix'] },
  ),
  named(
    '/plan',
    () => tr`Plan`,
    () => tr`services of the week, plans side by side`,
    { key: 'p', holds: ['/hold'] },
  ),
  named(
    '/cultures',
    () => tr`Cultures`,
    () => tr`how they are, what to feed`,
    { key: 'c' },
  ),
  named(
    '/doughs',
    () => tr`Doughs`,
    () => tr`methods, what is in them`,
    { key: 'd', holds: ['/recipes'] },
  ),
  named(
    '/log',
    () => tr`Log`,
    () => tr`what happened; take it back`,
    { key: 'l', holds: ['/bakes'] },
  ),
];

/** Views that stand together. */
interface ViewGroup {
  readonly name: string;
  readonly views: readonly NamedView[];
}
const group = (name: () => string, views: readonly NamedView[]): ViewGroup => ({
  views,
  get name() {
    return name();
  },
});

/** Everything else, in groups. */
export const MORE: readonly ViewGroup[] = [
  group(
    () => tr`Today`,
    [
      named(
        '/hold',
        () => tr`Hold or hurry`,
        () => tr`what to move when a bake may slip`,
        { key: 'm' },
      ),
      named(
        '/day',
        () => tr`The day`,
        () => tr`the Tide as tables, to print`,
        { key: 'y' },
      ),
      named(
        '/week',
        () => tr`The week`,
        () => tr`seven days on one page, to print`,
        { key: 'u' },
      ),
      named(
        '/hands',
        () => tr`Hands`,
        () => tr`who does what when; calendar file`,
        { key: 'h' },
      ),
      named(
        '/bakes/new',
        () => tr`New bake`,
        () => tr`grams and hours, backwards`,
        { key: 'n' },
      ),
      named(
        '/stock',
        () => tr`To buy`,
        () => tr`what the plans take, what is there, costs`,
        { key: 'k' },
      ),
      named(
        '/wall',
        () => tr`Wall`,
        () => tr`large, for a screen nobody touches`,
        { key: 'v' },
      ),
      named(
        '/labels',
        () => tr`Labels`,
        () => tr`a lot by its code; what was printed`,
        { key: 'b' },
      ),
    ],
  ),
  group(
    () => tr`Doughs and flours`,
    [
      named(
        '/doughs/check',
        () => tr`Recipe check`,
        () => tr`what a recipe really is`,
        { key: 'r' },
      ),
      named(
        '/doughs/flours',
        () => tr`Flours`,
        () => tr`blends by strength, sacks`,
        { key: 'f' },
      ),
      named(
        '/try',
        () => tr`Try out`,
        () => tr`what if, without a lot`,
        { key: 'o' },
      ),
    ],
  ),
  group(
    () => tr`What was`,
    [
      named(
        '/compare',
        () => tr`Side by side`,
        () => tr`bakes compared; one thing to change`,
      ),
      named(
        '/learned',
        () => tr`Learned`,
        () => tr`what looks and readings have taught`,
      ),
      named(
        '/records',
        () => tr`Records`,
        () => tr`sheets, tables, archive, back-ups`,
      ),
    ],
  ),
  group(
    () => tr`To learn, to set`,
    [
      named(
        '/practice',
        () => tr`Practice`,
        () => tr`read simulated jars`,
      ),
      named(
        '/practice/dough',
        () => tr`A whole dough`,
        () => tr`two days in a minute, hands on`,
      ),
      named(
        '/words',
        () => tr`Words`,
        () => tr`what each word means; first steps`,
        { key: 'w' },
      ),
      named(
        '/devices',
        () => tr`Other devices`,
        () => tr`let in, shut out; calendar address, keys`,
        { key: 'e' },
      ),
      named(
        '/shop',
        () => tr`Shop`,
        () => tr`places, hours, units, this device`,
        { key: 's' },
      ),
    ],
  ),
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
