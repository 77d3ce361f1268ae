import { tr } from '@/words/tr';
import { placeKind } from '@/core/forecast';
import type { Culture, CultureKind } from '@/core/cultures';
import { addHours, toLocalText } from '@/core/units';
import type { DescribingFacts } from '@/server/cultures/describing-facts';

/** The kinds in words. */
export const KIND_NAMES: Readonly<
  Record<CultureKind, { readonly name: string; readonly says: string }>
> = {
  'liquid starter': {
    get name() {
      return tr`Liquid starter`;
    },
    get says() {
      return tr`Flour and water kept alive by wild yeast, as wet as batter; fed from the jar.`;
    },
  },
  'stiff starter': {
    get name() {
      return tr`Stiff starter`;
    },
    get says() {
      return tr`The same, firm as dough: slower, milder, keeps longer.`;
    },
  },
  'carry-over': {
    get name() {
      return tr`Carry-over dough`;
    },
    get says() {
      return tr`Leftover dough with its salt and oil, refreshed and used as leaven.`;
    },
  },
  discard: {
    get name() {
      return tr`Discard jar`;
    },
    get says() {
      return tr`Collects what is left of fed jars, layer by layer, each with its age.`;
    },
  },
};

/** A culture as it is typed. */
export interface Description {
  readonly kind: CultureKind;
  readonly name: string;
  readonly hydrationPct: string;
  readonly saltPct: string;
  readonly flourId: string;
  readonly secondFlourId: string;
  readonly secondPct: string;
  readonly keepG: string;
  readonly placeId: string;
  readonly vesselTareG: string;
  readonly vesselMl: string;
  readonly everyH: string;
  readonly usualRatio: string;
  readonly discardTo: string;
  readonly keepsDays: string;
  readonly limitG: string;
  readonly start: 'bring' | 'begin' | 'empty';
  readonly fedAt: string;
  readonly massG: string;
  readonly ratio: string;
  readonly rise: string;
  readonly flourG: string;
  readonly waterG: string;
}

const round = (value: number, digits = 1) => String(Number(value.toFixed(digits)));

/** How a kind usually is, for the first proposal. */
const USUAL: Readonly<Record<CultureKind, Partial<Description>>> = {
  'liquid starter': { hydrationPct: '100', keepG: '20', everyH: '24', usualRatio: '4' },
  'stiff starter': { hydrationPct: '50', keepG: '40', everyH: '96', usualRatio: '2' },
  'carry-over': {
    hydrationPct: '65',
    saltPct: '2.7',
    everyH: '48',
    keepsDays: '5',
    vesselMl: '4000',
  },
  discard: { keepsDays: '14', limitG: '800', vesselMl: '1500' },
};

/** What stands in the form first. */
export function firstDescription(facts: DescribingFacts): Description {
  const { culture, kind, flours, places, discardJars, nowMs, units } = facts;
  const cold = places.find((place) => placeKind(place.tempC) === 'fridge');
  const warm = places.find((place) => placeKind(place.tempC) === 'room');
  const home = kind === 'carry-over' || kind === 'discard' ? cold : warm;
  const plain: Description = {
    kind,
    name: '',
    hydrationPct: '100',
    saltPct: '0',
    flourId: flours[0]?.id ?? '',
    secondFlourId: '',
    secondPct: '0',
    keepG: '0',
    placeId: (home ?? places[0])?.id ?? '',
    vesselTareG: '0',
    vesselMl: '1000',
    everyH: '24',
    usualRatio: '4',
    discardTo: discardJars[0]?.id ?? '',
    keepsDays: '',
    limitG: '',
    start: 'bring',
    fedAt: toLocalText(addHours(nowMs, -10), units.timeZone),
    massG: '200',
    ratio: '4',
    rise: '',
    flourG: '60',
    waterG: '60',
    ...USUAL[kind],
  };
  return culture === null ? plain : { ...plain, ...describedAs(culture) };
}

/** A culture that is there, as it was described. */
function describedAs(culture: Culture): Partial<Description> {
  const [first, second] = culture.flours;
  const figure = (value: number | null) => (value === null ? '' : round(value));
  return {
    name: culture.name,
    hydrationPct: round(100 * culture.hydration),
    saltPct: round(100 * culture.saltShare, 2),
    flourId: first?.flourId ?? '',
    secondFlourId: second?.flourId ?? '',
    secondPct: round(100 * (second?.share ?? 0)),
    keepG: round(culture.keepG),
    placeId: culture.placeId,
    vesselTareG: round(culture.vesselTareG),
    vesselMl: round(culture.vesselMl),
    everyH: round(culture.everyH),
    usualRatio: round(culture.usualRatio),
    discardTo: culture.discardTo ?? '',
    keepsDays: figure(culture.keepsDays),
    limitG: figure(culture.limitG),
  };
}

/** The form as the server takes it. */
export function describedForm(fields: Description, { culture }: DescribingFacts) {
  const { start, ...described } = fields;
  const starter = fields.kind === 'liquid starter' || fields.kind === 'stiff starter';
  const begins = culture === null && starter;
  return {
    ...described,
    id: culture?.id ?? null,
    secondPct: described.secondFlourId === '' ? '0' : described.secondPct,
    start: begins ? STARTS[start](fields) : { how: 'empty' },
  };
}

/** What is said of each beginning. */
const STARTS: Readonly<Record<Description['start'], (fields: Description) => object>> = {
  bring: ({ fedAt, massG, ratio, rise }) => ({ how: 'bring', fedAt, massG, ratio, rise }),
  begin: ({ flourG, waterG }) => ({ how: 'begin', flourG, waterG }),
  empty: () => ({ how: 'empty' }),
};
