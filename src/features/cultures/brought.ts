import { inSentence, tr } from '@/words/tr';
import { placeKind } from '@/core/forecast';
import { atWallMinute, toLocalText } from '@/core/units';
import type { BroughtWhat } from '@/core/cultures';
import type { BringingFacts } from '@/server/cultures/bringing-facts';
import { percentText, tempText } from '@/ui/format';
import { describedForm, firstDescription } from './description';

/** The kinds of what can be there, in words. */
export const BROUGHT_NAMES: Readonly<
  Record<BroughtWhat, { readonly name: string; readonly says: string }>
> = {
  starter: {
    get name() {
      return tr`Starter`;
    },
    get says() {
      return tr`A jar that is alive: run on from its last feed.`;
    },
  },
  dough: {
    get name() {
      return tr`Dough`;
    },
    get says() {
      return tr`Leftover dough of the last days: refreshed, it raises the next one.`;
    },
  },
  balls: {
    get name() {
      return tr`Balls`;
    },
    get says() {
      return tr`Balls that were made already: they stand on the Tide with their window.`;
    },
  },
  frozen: {
    get name() {
      return tr`Frozen`;
    },
    get says() {
      return tr`Dough in the freezer: thawed for an hour that you name.`;
    },
  },
};

/** What is brought in, as it is typed. */
export interface BroughtFields {
  readonly name: string;
  readonly massG: string;
  readonly count: string;
  readonly ballG: string;
  readonly flatMm: string;
  readonly fedAt: string;
  readonly mixedAt: string;
  readonly placeId: string;
  readonly cultureId: string;
  readonly flourId: string;
  readonly waterPct: string;
  readonly saltPct: string;
  readonly freshPct: string;
  readonly roomH: string;
  readonly roomId: string;
  readonly ratio: string;
  readonly rise: string;
}

/** How each is as a rule; days and minute of the day at which it was made. Set. */
const USUAL: Readonly<
  Record<BroughtWhat, Partial<BroughtFields> & { readonly days: number; readonly minute: number }>
> = {
  starter: { days: 0, minute: 8 * 60, massG: '200', waterPct: '100', ratio: '4' },
  dough: {
    days: -3,
    minute: 20 * 60,
    massG: '1000',
    roomH: '2',
    get name() {
      return tr`Leftover dough`;
    },
  },
  balls: {
    days: -1,
    minute: 16 * 60,
    count: '12',
    ballG: '250',
    roomH: '2',
    get name() {
      return tr`Balls`;
    },
  },
  frozen: {
    days: -14,
    minute: 16 * 60,
    massG: '600',
    roomH: '1',
    get name() {
      return tr`Frozen dough`;
    },
  },
};

/** What stands in the form first. */
export function firstBrought(facts: BringingFacts): BroughtFields {
  const { what, nowMs, units, flours, places, chains } = facts;
  const { days, minute, ...usual } = USUAL[what];
  const of = (kind: ReturnType<typeof placeKind>) =>
    places.find((place) => placeKind(place.tempC) === kind)?.id;
  const room = of('room') ?? places[0]?.id ?? '';
  const cold = of('fridge') ?? room;
  const homes = { starter: room, dough: cold, balls: cold, frozen: of('freezer') ?? '' };
  const usualMs = atWallMinute(nowMs, days, minute, units.timeZone);
  const madeMs = usualMs > nowMs ? atWallMinute(nowMs, days - 1, minute, units.timeZone) : usualMs;
  const madeAt = toLocalText(madeMs, units.timeZone);
  return {
    name: '',
    massG: '',
    count: '',
    ballG: '',
    flatMm: '',
    fedAt: madeAt,
    mixedAt: madeAt,
    placeId: homes[what],
    flourId: flours[0]?.id ?? '',
    waterPct: '65',
    saltPct: '2.7',
    freshPct: '0.3',
    roomH: '0',
    roomId: room,
    ratio: '4',
    rise: '',
    ...usual,
    cultureId: what === 'dough' ? (chains[0]?.id ?? '') : '',
  };
}

/** The form as the server takes it: a starter is described, anything else told as it was made. */
export function broughtForm(facts: BringingFacts, fields: BroughtFields): object {
  const { name, massG, fedAt, ratio, rise, placeId, flourId, waterPct } = fields;
  if (facts.what !== 'starter') return { what: facts.what, ...fields };
  const kind =
    Number(waterPct.replace(',', '.')) < STIFF_BELOW_PCT ? 'stiff starter' : 'liquid starter';
  const described = { ...facts, culture: null, kind } as const;
  return describedForm(
    {
      ...firstDescription(described),
      ...{ name, massG, fedAt, ratio, rise, placeId, flourId, start: 'bring' },
      hydrationPct: waterPct,
    },
    described,
  );
}

/** A starter with less water than this is a stiff one, % of its flour. Set, between the usual 50 and 100. */
const STIFF_BELOW_PCT = 75;

/** What is taken for granted, in a sentence: it can be changed. */
export function assumedText(facts: BringingFacts, fields: BroughtFields): string {
  const { flours, places, units, what } = facts;
  const { flourId, roomId, placeId, waterPct, saltPct, freshPct, roomH, ratio } = fields;
  const pct = (text: string) => percentText(Number(text.replace(',', '.')) / 100, 2);
  const flour = inSentence(flours.find((one) => one.id === flourId)?.name ?? 'flour');
  const place = (id: string) => {
    const one = places.find((other) => other.id === id);
    return one === undefined ? 'nowhere' : `${one.name} ${tempText(one.tempC, units, 0)}`;
  };
  if (what === 'starter') {
    return tr`${pct(waterPct)} water on ${flour}, ${ratio} of flour to 1 of starter at its last feed, at ${place(placeId)}.`;
  }
  return tr`${flour}, ${pct(waterPct)} water, ${pct(saltPct)} salt, ${pct(freshPct)} fresh yeast; ${roomH} h at ${place(roomId)} before it went to ${place(placeId)}.`;
}
