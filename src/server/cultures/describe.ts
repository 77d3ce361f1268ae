import { tr, word } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { CULTURE_KINDS, leavenAimC, type Culture } from '@/core/cultures';
import type { Act } from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { fromLocalText, MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import { saveCulture } from '@/data';
import type { ShopContext } from '../context';
import { batchOf, type EntryDraft, writeEntries } from '../journal/entries';
import { nextCodes } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { RESERVED } from './panel';
import { culturesOf } from '../culture-lines/registry';

const grams = (name: string, min: number) => numberField({ name, unit: 'g', min, max: 100_000 });
const optional = (field: z.ZodType) =>
  z.preprocess((value) => (value === '' ? null : value), field);

const describedSchema = z.object({
  id: z.string().max(80).nullish(),
  batch: z.string().min(8).max(80),
  kind: z.enum(CULTURE_KINDS),
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 40 letters.` })
    .max(40, { error: () => tr`Name: too long. Allowed: 1 to 40 letters.` }),
  hydrationPct: numberField({ name: word('Water'), unit: word('% of flour'), min: 40, max: 200 }),
  saltPct: numberField({ name: word('Salt'), unit: word('% of flour'), min: 0, max: 6 }).default(0),
  flourId: z.string().min(1).max(80),
  secondFlourId: z.string().max(80).nullish(),
  secondPct: numberField({
    name: word('Of the second flour'),
    unit: '%',
    min: 0,
    max: 100,
  }).default(0),
  keepG: grams(word('Mother to keep'), 0).default(0),
  placeId: z.string().min(1).max(80),
  vesselTareG: grams(word('Empty vessel'), 0).default(0),
  vesselMl: numberField({ name: word('Vessel'), unit: 'ml', min: 50, max: 500_000 }).default(1000),
  everyH: numberField({ name: word('Fed every'), unit: 'h', min: 4, max: 2160 }).default(24),
  usualRatio: numberField({
    name: word('Flour per 1 of starter'),
    unit: word('parts'),
    min: 0.5,
    max: 20,
  }).default(4),
  discardTo: z.string().max(80).nullish(),
  keepsDays: optional(
    numberField({ name: word('Keeps'), unit: word('days'), min: 1, max: 365 }).nullable(),
  ).default(null),
  limitG: optional(
    numberField({ name: word('Holds'), unit: 'g', min: 10, max: 500_000 }).nullable(),
  ).default(null),
  start: z
    .discriminatedUnion('how', [
      z.object({ how: z.literal('empty') }),
      z.object({
        how: z.literal('begin'),
        flourG: grams(word('Flour'), 5),
        waterG: grams(word('Water'), 5),
      }),
      z.object({
        how: z.literal('bring'),
        fedAt: z.string().min(1, { error: () => tr`Last fed: an hour is needed.` }),
        massG: grams(word('In the jar'), 5),
        ratio: numberField({
          name: word('Flour per 1 of starter then'),
          unit: word('parts'),
          min: 0.25,
          max: 50,
        }),
        rise: optional(
          numberField({ name: word('Risen to'), unit: '×', min: 0.5, max: 8 }).nullable(),
        ).default(null),
      }),
    ])
    .default({ how: 'empty' }),
});
type Described = z.output<typeof describedSchema>;

/** Flour to a gram of mother at the most, where the baker does not say. */
const THINNEST = 10;
/** A culture is brought in with a feed at the most so long ago, h. */
const LONGEST_AGO_H = 24 * 28;

/** Registers a culture, with its beginning or its last feed, or changes how one is described. */
export function describeCulture(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; id: string; before: Culture | null }> {
  const parsed = parseForm(describedSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const described = parsed.value;
    const cultures = culturesOf(context, state);
    const before = cultures.find((one) => one.id === described.id) ?? null;
    if (described.id != null && before === null) {
      return refused('id', tr`This culture is not in the shop any more.`);
    }
    const wrong = refuseParts(state, described, cultures);
    if (wrong !== null) return wrong;
    const id = before?.id ?? freshId(described.name, cultures);
    const culture = cultureOf(described, id, before, state);
    const starts = before === null ? startDrafts(context, state, culture, described) : done([]);
    if (!starts.ok) return starts;
    saveCulture(context.db, culture);
    writeEntries(context, batchOf(context, described.batch, starts.value));
    return done({ batch: described.batch, id, before });
  });
}

function refuseParts(
  state: ShopState,
  described: Described,
  cultures: readonly Culture[],
): Outcome<never> | null {
  if (!state.placeMap.has(described.placeId)) {
    return refused('placeId', tr`Home: “${described.placeId}” is not in the shop.`);
  }
  const second = described.secondPct > 0 ? [described.secondFlourId ?? ''] : [];
  const strange = [described.flourId, ...second].find(
    (flourId) => state.pantry.get(flourId)?.kind !== 'flour',
  );
  if (strange !== undefined) {
    return refused('flourId', tr`Flour: “${strange}” is not a flour of the shop.`);
  }
  const taken = cultures.find(
    (one) => one.id !== described.id && one.name.toLowerCase() === described.name.toLowerCase(),
  );
  if (taken !== undefined) {
    return refused('name', tr`Name: “${described.name}” is there already. Allowed: another name.`);
  }
  const { discardTo } = described;
  if (discardTo != null && discardTo !== '') {
    const jar = cultures.find((one) => one.id === discardTo);
    if (jar?.kind !== 'discard') {
      return refused(
        'discardTo',
        tr`Rest goes to: “${discardTo}” is not a discard jar of the shop.`,
      );
    }
  }
  return null;
}

/** A short id from the name: it stands in addresses and on labels. */
function freshId(name: string, cultures: readonly Culture[]): string {
  const plain = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 30);
  const taken = new Set(cultures.map((one) => one.id));
  for (let n = 1; ; n += 1) {
    const id = n === 1 && plain !== '' ? plain : `${plain === '' ? tr`culture` : plain}-${n}`;
    if (!taken.has(id) && !RESERVED.includes(id)) return id;
  }
}

function cultureOf(
  described: Described,
  id: string,
  before: Culture | null,
  state: ShopState,
): Culture {
  const second = described.secondPct / 100;
  const flours =
    second > 0 && described.secondFlourId != null
      ? [
          { flourId: described.flourId, share: 1 - second },
          { flourId: described.secondFlourId, share: second },
        ].filter((line) => line.share > 0)
      : [{ flourId: described.flourId, share: 1 }];
  return {
    id,
    name: described.name,
    kind: described.kind,
    hydration: described.hydrationPct / 100,
    saltShare: described.saltPct / 100,
    flours,
    keepG: described.keepG,
    placeId: described.placeId,
    vesselTareG: described.vesselTareG,
    vesselMl: described.vesselMl,
    everyH: described.everyH,
    usualRatio: described.usualRatio,
    thinnestRatio: Math.max(before?.thinnestRatio ?? THINNEST, described.usualRatio),
    discardTo: described.discardTo === '' ? null : (described.discardTo ?? null),
    keepsDays: described.keepsDays as number | null,
    limitG: described.limitG as number | null,
    begunMs: before?.begunMs ?? (described.start.how === 'begin' ? state.nowMs : null),
    retiredMs: before?.retiredMs ?? null,
  };
}

/** What the journal says of a new culture: begun today, or fed by the baker before it came in. */
function startDrafts(
  context: ShopContext,
  state: ShopState,
  culture: Culture,
  { start }: Described,
): Outcome<EntryDraft[]> {
  if (start.how === 'empty') return done([]);
  const blend = (massG: number) =>
    culture.flours.map((line) => ({ ingredientId: line.flourId, massG: massG * line.share }));
  const make = (lotId: string, atMs: number): Extract<Act, { kind: 'make' }> => ({
    kind: 'make',
    lotId,
    lotKind: culture.kind === 'stiff starter' ? 'stiff starter' : 'starter',
    name: culture.name,
    cultureId: culture.id,
    ingredients: [],
    portions: [],
    placeId: culture.placeId,
    startC: leavenAimC(state.placeMap, culture.placeId, atMs),
    gasKept: 0,
  });
  if (start.how === 'begin') {
    const { nowMs } = state;
    const [lotId = ''] = nextCodes(context, state, 'starter', [nowMs]);
    const ingredients = [...blend(start.flourG), { ingredientId: 'water', massG: start.waterG }];
    return done([
      { atMs: nowMs, tense: 'done', body: { ...make(lotId, nowMs), ingredients, young: true } },
    ]);
  }
  const fedMs = fromLocalText(start.fedAt, state.shop.timeZone);
  if (fedMs > state.nowMs || fedMs < state.nowMs - LONGEST_AGO_H * MS_PER_HOUR) {
    return refused(
      'fedAt',
      tr`Last fed: ${start.fedAt.replace('T', ' ')} is not possible. Allowed: the last four weeks, up to now.`,
    );
  }
  return done(broughtIn({ context, state, culture, start, fedMs, make, blend }));
}

/** Mother and feed as they were weighed then: the jar is run on from there, and the rise that is seen moves it. */
function broughtIn(of: {
  context: ShopContext;
  state: ShopState;
  culture: Culture;
  start: Extract<Described['start'], { how: 'bring' }>;
  fedMs: number;
  make: (lotId: string, atMs: number) => Extract<Act, { kind: 'make' }>;
  blend: (massG: number) => { ingredientId: string; massG: number }[];
}): EntryDraft[] {
  const { context, state, culture, start, fedMs, make, blend } = of;
  const h = culture.hydration;
  const motherG = start.massG / (1 + start.ratio * (1 + h));
  const motherMs = fedMs - MS_PER_MINUTE;
  const [motherId = '', jarId = ''] = nextCodes(context, state, 'starter', [motherMs, fedMs]);
  const weighed = (flourG: number) => [
    ...blend(flourG),
    { ingredientId: 'water', massG: flourG * h },
  ];
  const mother = { ...make(motherId, motherMs), ingredients: weighed(motherG / (1 + h)) };
  const fed = {
    ...make(jarId, fedMs),
    ingredients: weighed(start.ratio * motherG),
    portions: [{ lotId: motherId, massG: motherG }],
  };
  const rise = start.rise as number | null;
  const look: EntryDraft[] =
    rise === null || state.nowMs <= fedMs
      ? []
      : [
          {
            atMs: state.nowMs,
            tense: 'done',
            body: { kind: 'look', lotId: jarId, signs: { rise } },
          },
        ];
  return [
    { atMs: motherMs, tense: 'done', body: mother },
    { atMs: fedMs, tense: 'done', body: fed },
    ...look,
  ];
}
