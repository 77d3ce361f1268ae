import { tr, word } from '@/words/tr';
import type { Refused } from '@/shop/outcome';
import type { Shop } from '@/server/shop/shop';
import { LANGUAGES } from '@/words/speaker';
import type { QuantityKind } from '@/core/units';

export const CHOICES = {
  language: Object.entries(LANGUAGES),
  massUnit: [
    ['g', word('grams')],
    ['oz', word('ounces')],
  ],
  tempUnit: [
    ['C', '°C'],
    ['F', '°F'],
  ],
  lengthUnit: [
    ['cm', word('centimetres')],
    ['in', word('inches')],
  ],
  get mixedBy() {
    return [
      ['mixer', tr`a mixer`],
      ['hand', word('hand')],
    ];
  },
  get waste() {
    return [
      ['with discard', tr`with what is left used or thrown`],
      ['without discard', tr`without discard: all of the jar goes in`],
    ];
  },
  yeastType: [
    ['fresh', word('fresh')],
    ['active dry', word('active dry')],
    ['instant', word('instant')],
  ],
} as const;

/** The settings as they are typed. */
export type Texts = Record<
  | 'name'
  | 'timeZone'
  | 'scaleStepG'
  | 'fineStepG'
  | 'workFrom'
  | 'workUntil'
  | 'people'
  | 'tapC'
  | 'surePct'
  | keyof typeof CHOICES,
  string
>;

export const LABELS: Readonly<Record<keyof Texts, string>> = {
  get name() {
    return tr`Shop`;
  },
  get timeZone() {
    return tr`Time zone`;
  },
  get scaleStepG() {
    return tr`Scale step`;
  },
  get fineStepG() {
    return tr`Yeast scale step`;
  },
  get workFrom() {
    return tr`Working hours from`;
  },
  get workUntil() {
    return tr`Working hours to`;
  },
  get people() {
    return tr`People, with commas`;
  },
  get tapC() {
    return tr`Tap water`;
  },
  get surePct() {
    return tr`A service is covered from, %`;
  },
  get mixedBy() {
    return tr`Doughs are mixed by`;
  },
  get waste() {
    return tr`Starters are fed`;
  },
  get massUnit() {
    return tr`Weights in`;
  },
  get tempUnit() {
    return tr`Degrees in`;
  },
  get lengthUnit() {
    return tr`Lengths in`;
  },
  get yeastType() {
    return tr`Yeast in the house`;
  },
  get language() {
    return tr`Language`;
  },
};

/** What is typed in the shop’s units. */
export const FIGURES: Readonly<Partial<Record<keyof Texts, QuantityKind>>> = {
  scaleStepG: 'mass',
  fineStepG: 'mass',
  tapC: 'temperature',
};

const two = (n: number) => String(n).padStart(2, '0');
const clock = (minute: number) => `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;

/** "06:30" as minutes of the day; what is not a time goes on as it is, to be refused by name. */
function minuteOf(text: string): number | string {
  const match = /^(\d{1,2}):(\d{2})$/.exec(text.trim());
  return match === null ? text : Number(match[1]) * 60 + Number(match[2]);
}

/** The settings of a shop as they are typed. */
export function textsOf(shop: Shop): Texts {
  return {
    name: shop.name,
    timeZone: shop.timeZone,
    massUnit: shop.massUnit,
    language: shop.language,
    tempUnit: shop.tempUnit,
    lengthUnit: shop.lengthUnit,
    mixedBy: shop.mixedBy,
    waste: shop.waste,
    yeastType: shop.yeastType,
    scaleStepG: String(shop.scaleStepG),
    fineStepG: String(shop.fineStepG),
    workFrom: clock(shop.workFromMinute),
    workUntil: clock(shop.workUntilMinute),
    people: shop.people.join(', '),
    tapC: String(shop.tapC),
    surePct: String(shop.surePct),
  };
}

/** The fields that are sent, as the shop takes them. */
export function formOf({ workFrom, workUntil, people, ...rest }: Partial<Texts>) {
  return {
    ...rest,
    ...(workFrom === undefined ? {} : { workFromMinute: minuteOf(workFrom) }),
    ...(workUntil === undefined ? {} : { workUntilMinute: minuteOf(workUntil) }),
    ...(people === undefined
      ? {}
      : {
          people: people
            .split(',')
            .map((one) => one.trim())
            .filter((one) => one !== ''),
        }),
  };
}
/** The names of a whole crew. */
export const LONGEST = 400;

/** Whether a setting is one of a few. */
export const isChoice = (name: keyof Texts): name is keyof typeof CHOICES => name in CHOICES;

/** Sentences by the fields that are typed, where the shop takes another. */
export function typedBy({ workFromMinute, workUntilMinute, ...rest }: Refused): Refused {
  return {
    ...rest,
    ...(workFromMinute === undefined ? {} : { workFrom: workFromMinute }),
    ...(workUntilMinute === undefined ? {} : { workUntil: workUntilMinute }),
  };
}
