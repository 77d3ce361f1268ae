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

/** The views of the bar: the ones that are opened many times a day. */
export const BAR: readonly NamedView[] = [
  {
    href: '/',
    get name() {
      return tr`Tide`;
    },
    get says() {
      return tr`now and next`;
    },
    key: 't',
    holds: ['/lots', '/mix'],
  },
  {
    href: '/plan',
    get name() {
      return tr`Plan`;
    },
    get says() {
      return tr`services of the week, plans side by side`;
    },
    key: 'p',
    holds: ['/hold'],
  },
  {
    href: '/cultures',
    get name() {
      return tr`Cultures`;
    },
    get says() {
      return tr`how they are, what to feed`;
    },
    key: 'c',
  },
  {
    href: '/doughs',
    get name() {
      return tr`Doughs`;
    },
    get says() {
      return tr`methods, what is in them`;
    },
    key: 'd',
    holds: ['/recipes'],
  },
  {
    href: '/log',
    get name() {
      return tr`Log`;
    },
    get says() {
      return tr`what happened; take it back`;
    },
    key: 'l',
    holds: ['/bakes'],
  },
];

/** Everything else, in groups. */
export const MORE: readonly { readonly name: string; readonly views: readonly NamedView[] }[] = [
  {
    get name() {
      return tr`Today`;
    },
    views: [
      {
        href: '/day',
        get name() {
          return tr`The day`;
        },
        get says() {
          return tr`the Tide as tables, to print`;
        },
        key: 'y',
      },
      {
        href: '/week',
        get name() {
          return tr`The week`;
        },
        get says() {
          return tr`seven days on one page, to print`;
        },
        key: 'u',
      },
      {
        href: '/hands',
        get name() {
          return tr`Hands`;
        },
        get says() {
          return tr`who does what when; calendar file`;
        },
        key: 'h',
      },
      {
        href: '/bakes/new',
        get name() {
          return tr`New bake`;
        },
        get says() {
          return tr`grams and hours, backwards`;
        },
        key: 'n',
      },
      {
        href: '/stock',
        get name() {
          return tr`To buy`;
        },
        get says() {
          return tr`what the plans take, what is there, costs`;
        },
        key: 'k',
      },
      {
        href: '/wall',
        get name() {
          return tr`Wall`;
        },
        get says() {
          return tr`large, for a screen nobody touches`;
        },
        key: 'v',
      },
      {
        href: '/labels',
        get name() {
          return tr`Labels`;
        },
        get says() {
          return tr`a lot by its code; what was printed`;
        },
        key: 'b',
      },
    ],
  },
  {
    get name() {
      return tr`Doughs and flours`;
    },
    views: [
      {
        href: '/doughs/check',
        get name() {
          return tr`Recipe check`;
        },
        get says() {
          return tr`what a recipe really is`;
        },
        key: 'r',
      },
      {
        href: '/doughs/flours',
        get name() {
          return tr`Flours`;
        },
        get says() {
          return tr`blends by strength, sacks`;
        },
        key: 'f',
      },
      {
        href: '/try',
        get name() {
          return tr`Try out`;
        },
        get says() {
          return tr`what if, without a lot`;
        },
        key: 'o',
      },
    ],
  },
  {
    get name() {
      return tr`What was`;
    },
    views: [
      {
        href: '/compare',
        get name() {
          return tr`Side by side`;
        },
        get says() {
          return tr`bakes compared; one thing to change`;
        },
      },
      {
        href: '/learned',
        get name() {
          return tr`Learned`;
        },
        get says() {
          return tr`what looks and readings have taught`;
        },
      },
      {
        href: '/records',
        get name() {
          return tr`Records`;
        },
        get says() {
          return tr`sheets, tables, archive, back-ups`;
        },
      },
    ],
  },
  {
    get name() {
      return tr`To learn, to set`;
    },
    views: [
      {
        href: '/practice',
        get name() {
          return tr`Practice`;
        },
        get says() {
          return tr`read simulated jars`;
        },
      },
      {
        href: '/practice/dough',
        get name() {
          return tr`A whole dough`;
        },
        get says() {
          return tr`two days in a minute, hands on`;
        },
      },
      {
        href: '/words',
        get name() {
          return tr`Words`;
        },
        get says() {
          return tr`what each word means; first steps`;
        },
        key: 'w',
      },
      {
        href: '/devices',
        get name() {
          return tr`Other devices`;
        },
        get says() {
          return tr`let in, shut out; calendar address, keys`;
        },
        key: 'e',
      },
      {
        href: '/shop',
        get name() {
          return tr`Shop`;
        },
        get says() {
          return tr`places, hours, units, this device`;
        },
        key: 's',
      },
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
