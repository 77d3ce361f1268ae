import { tr, word } from '@/words/tr';
import { placeTempC } from '@/core/forecast';
import type { Act } from '@/core/journal';
import { numberField, wholeNumberField, z } from '@/core/parse';
import { GAS_KEPT_BALLING } from '@/core/planner';
import { addHours, fromLocalText, MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../context';
import { culturesOf } from '../culture-lines/registry';
import { batchOf, writeEntries, type EntryDraft } from '../journal/entries';
import { nextCodes } from '../journal/lot-codes';
import { loadShop } from '../shop/load-shop';
import { describeCulture } from './describe';
import { isFrozen } from './rows/of';

const text = z.string().trim();
const placeId = text.min(1).max(80);

/** A dough as it was mixed once, and the hours that it stood in a room before it was put away. */
const mixed = {
  batch: z.string().min(8).max(80),
  name: text
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 40 letters.` })
    .max(40, { error: () => tr`Name: too long. Allowed: 1 to 40 letters.` }),
  mixedAt: text.min(1, { error: () => tr`Mixed: an hour is needed.` }),
  flourId: text.min(1).max(80),
  waterPct: numberField({ name: word('Water'), unit: word('% of flour'), min: 40, max: 130 }),
  saltPct: numberField({ name: word('Salt'), unit: word('% of flour'), min: 0, max: 6 }),
  freshPct: numberField({
    name: word('Fresh yeast'),
    unit: word('% of flour'),
    min: 0.005,
    max: 6,
  }),
  roomH: numberField({ name: word('In the room first'), unit: 'h', min: 0, max: 72 }),
  roomId: placeId,
  placeId,
};
const grams = numberField({ name: word('Weight'), unit: 'g', min: 20, max: 500_000 });

const bringSchema = z.discriminatedUnion('what', [
  z.object({
    what: z.literal('dough'),
    ...mixed,
    massG: grams,
    /** The chain of carry-over that it belongs to; empty: it begins one of its name. */
    cultureId: text.max(80).nullish(),
  }),
  z.object({
    what: z.literal('balls'),
    ...mixed,
    count: wholeNumberField({ name: word('Balls'), unit: '', min: 1, max: 5000 }),
    ballG: numberField({ name: word('Each'), unit: 'g', min: 20, max: 5000 }),
  }),
  z.object({
    what: z.literal('frozen'),
    ...mixed,
    massG: grams,
    flatMm: z
      .preprocess(
        (value) => (value === '' ? null : value),
        numberField({ name: word('Thickness'), unit: 'mm', min: 2, max: 300 }).nullable(),
      )
      .default(null),
  }),
]);
type Brought = z.output<typeof bringSchema>;

/** Dough and balls are brought in that were mixed at the most so long ago, and bags so much longer, h. */
const LONGEST_AGO_H = { dough: 24 * 14, balls: 24 * 14, frozen: 24 * 365 } as const;
/** A dough comes out of the bowl so warm, °C. Set: the trade’s usual aim. */
const OUT_OF_BOWL_C = 24;
/** Days that leftover dough keeps. Source: the trade’s usual limit in a fridge. */
const LEFTOVER_KEEPS_DAYS = '5';

/** Brings in what was there before Olvik: leftover dough, balls, or a frozen bag, told as it was made and kept. */
export function bringIn(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotId: string; path: string }> {
  const parsed = parseForm(bringSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const brought = parsed.value;
    const wrong = refuseParts(state, brought);
    if (wrong !== null) return wrong;
    const mixedMs = fromLocalText(brought.mixedAt, state.shop.timeZone);
    const hours = hoursOf(state, brought, mixedMs);
    if (!hours.ok) return hours;
    const chain = chainOf(context, state, brought);
    if (!chain.ok) return chain;
    const told = DRAFTS[brought.what](
      { context, state, mixedMs, awayMs: hours.value, cultureId: chain.value },
      brought as never,
    );
    writeEntries(context, batchOf(context, brought.batch, told.drafts));
    return done({ batch: brought.batch, lotId: told.lotId, path: told.path });
  });
}

function refuseParts(state: ShopState, brought: Brought): Outcome<never> | null {
  const strange = (['roomId', 'placeId'] as const).find(
    (field) => !state.placeMap.has(brought[field]),
  );
  if (strange !== undefined) {
    return refused(strange, tr`Place: “${brought[strange]}” is not in the shop.`);
  }
  if (state.pantry.get(brought.flourId)?.kind !== 'flour') {
    return refused('flourId', tr`Flour: “${brought.flourId}” is not a flour of the shop.`);
  }
  if (brought.what === 'frozen' && !isFrozen({ placeId: brought.placeId }, { state })) {
    return refused('placeId', tr`Place: it is no freezer. Allowed: a place below −5°.`);
  }
  return null;
}

/** When it was put away, UTC ms: after its hours in the room, or now where these are not over. */
function hoursOf(state: ShopState, brought: Brought, mixedMs: number): Outcome<number> {
  const { nowMs } = state;
  const longestH = LONGEST_AGO_H[brought.what];
  if (!(mixedMs <= nowMs && mixedMs >= nowMs - longestH * MS_PER_HOUR)) {
    return refused(
      'mixedAt',
      tr`Mixed: ${brought.mixedAt.replace('T', ' ')} is not possible. Allowed: the last ${longestH / 24} days, up to now.`,
    );
  }
  const awayMs = addHours(mixedMs, brought.roomH);
  if (brought.what !== 'dough' && awayMs > nowMs) {
    return refused(
      'roomH',
      tr`In the room first: ${brought.roomH} h are not over yet. Allowed: less, or another hour of mixing.`,
    );
  }
  return done(Math.min(awayMs, nowMs));
}

/** The chain that leftover dough belongs to: the one that was chosen, or a new one of its name. */
function chainOf(
  context: ShopContext,
  state: ShopState,
  brought: Brought,
): Outcome<string | undefined> {
  if (brought.what !== 'dough') return done(undefined);
  const { cultureId } = brought;
  if (cultureId != null && cultureId !== '') {
    const chain = culturesOf(context, state).find((one) => one.id === cultureId);
    return chain?.kind === 'carry-over'
      ? done(chain.id)
      : refused('cultureId', tr`Chain: “${cultureId}” is not a carry-over of the shop.`);
  }
  const begun = describeCulture(context, {
    batch: brought.batch,
    kind: 'carry-over',
    name: brought.name,
    hydrationPct: Math.min(200, brought.waterPct),
    saltPct: brought.saltPct,
    flourId: brought.flourId,
    placeId: brought.placeId,
    everyH: 48,
    vesselMl: 4000,
    keepsDays: LEFTOVER_KEEPS_DAYS,
  });
  return begun.ok ? done(begun.value.id) : begun;
}

/** What is told of something brought in. */
interface Told {
  readonly drafts: EntryDraft[];
  readonly lotId: string;
  /** Where it is looked at. */
  readonly path: string;
}
interface At {
  readonly context: ShopContext;
  readonly state: ShopState;
  readonly mixedMs: number;
  readonly awayMs: number;
  readonly cultureId: string | undefined;
}

const DRAFTS: {
  readonly [K in Brought['what']]: (at: At, brought: Extract<Brought, { what: K }>) => Told;
} = {
  dough: (at, brought) => {
    const { context, state, mixedMs, awayMs, cultureId = '' } = at;
    const [lotId = ''] = nextCodes(context, state, 'carry-over', [mixedMs]);
    const make = { ...madeOf(at, brought, lotId, brought.massG), cultureId };
    return {
      drafts: [
        entry(mixedMs, { ...make, lotKind: 'carry-over' }),
        ...(brought.placeId === brought.roomId
          ? []
          : [entry(awayMs, { kind: 'move', lotId, placeId: brought.placeId })]),
      ],
      lotId,
      path: `/cultures/${encodeURIComponent(cultureId)}`,
    };
  },
  balls: (at, brought) => {
    const { context, state, mixedMs, awayMs } = at;
    const { count, ballG } = brought;
    const [doughId = ''] = nextCodes(context, state, 'dough', [mixedMs]);
    const [ballsLotId = ''] = nextCodes(context, state, 'balls', [awayMs]);
    const divide: Act = {
      kind: 'divide',
      lotId: doughId,
      ballsLotId,
      name: brought.name,
      count,
      ballG,
      placeId: brought.placeId,
      gasKept: GAS_KEPT_BALLING,
    };
    return {
      drafts: [
        entry(mixedMs, madeOf(at, brought, doughId, count * ballG)),
        entry(Math.max(awayMs, mixedMs + MS_PER_MINUTE), divide),
      ],
      lotId: ballsLotId,
      path: `/lots/${encodeURIComponent(ballsLotId)}`,
    };
  },
  frozen: (at, brought) => {
    const { context, state, mixedMs, awayMs } = at;
    const [doughId = ''] = nextCodes(context, state, 'dough', [mixedMs]);
    const [partLotId = ''] = nextCodes(context, state, 'frozen', [awayMs]);
    const bag: Act = {
      kind: 'split',
      lotId: doughId,
      partLotId,
      name: brought.name,
      lotKind: 'dough',
      massG: brought.massG,
      placeId: brought.placeId,
      ...(brought.flatMm === null ? {} : { flatMm: brought.flatMm as number }),
    };
    return {
      drafts: [
        entry(mixedMs, madeOf(at, brought, doughId, brought.massG)),
        entry(Math.max(awayMs, mixedMs + MS_PER_MINUTE), bag),
      ],
      lotId: partLotId,
      path: `/cultures/frozen/${encodeURIComponent(partLotId)}`,
    };
  },
};

const entry = (atMs: number, body: Act): EntryDraft => ({ atMs, tense: 'done', body });

/** The dough as it was mixed, so many grams of it. */
function madeOf(
  { state }: At,
  brought: Brought,
  lotId: string,
  massG: number,
): Extract<Act, { kind: 'make' }> {
  const { flourId, waterPct, saltPct, freshPct, roomId } = brought;
  const flourG = massG / (1 + (waterPct + saltPct + freshPct) / 100);
  const of = (ingredientId: string, pct: number) => ({ ingredientId, massG: (flourG * pct) / 100 });
  return {
    kind: 'make',
    lotId,
    lotKind: 'dough',
    name: brought.name,
    ingredients: [
      of(flourId, 100),
      of('water', waterPct),
      of('salt', saltPct),
      of('yeast-fresh', freshPct),
    ].filter((line) => line.massG > 0),
    portions: [],
    placeId: roomId,
    startC: Math.max(OUT_OF_BOWL_C, Math.min(28, placeTempC(state.placeMap, roomId, state.nowMs))),
    gasKept: 0,
  };
}
