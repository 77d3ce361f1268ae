import { tr, word } from '@/words/tr';
import { isCold, tempAt } from '@/core/forecast';
import type { FeedSheetQuestion, FeedWish } from '@/core/cultures';
import { numberField, z } from '@/core/parse';
import { addHours, atWallMinute, fromLocalText, hoursBetween, toLocalText } from '@/core/units';
import type { FeedFacts, JarOffer } from '@/server/cultures/feed-facts';

/** The feed form as it is typed. */
export interface FeedFields {
  readonly as: 'feed' | 'levain';
  readonly seeks: FeedWish['seeks'];
  /** Which jar is taken from, by its lot. */
  readonly fromLotId: string;
  readonly readyAt: string;
  readonly need: string;
  readonly keep: string;
  readonly placeId: string;
  readonly ratio: string;
  readonly hydrationPct: string;
  readonly flourId: string;
  /** When it is mixed; null: now. */
  readonly mixAt: string | null;
}

/** A feed is not proposed to be ripe sooner than this, h. */
const SOONEST_H = 5;

/** What is wanted first: ripe for the step it serves, else for the next morning. */
export function firstFields(facts: FeedFacts): FeedFields {
  const { culture, serves, jars } = facts;
  const keepG = culture.keepG;
  const usualG = keepG * culture.usualRatio;
  const first: FeedFields = {
    as: 'feed',
    seeks: 'ratio',
    fromLotId: jars[0]?.jar.lot.id ?? '',
    readyAt: toLocalText(firstReadyMs(facts), facts.timeZone),
    need: String(Math.round(serves?.takesG ?? usualG)),
    keep: String(keepG),
    placeId: culture.placeId,
    ratio: String(culture.usualRatio),
    hydrationPct: String(Math.round(culture.hydration * 100)),
    flourId: culture.flours[0]?.flourId ?? '',
    mixAt: null,
  };
  return facts.withoutDiscard ? allOfTheJar(first, facts) : first;
}

/** Without discard all of the jar goes in: the grams wanted say the ratio, and the hour is found. */
function allOfTheJar(first: FeedFields, { jars, culture }: FeedFacts): FeedFields {
  const thereG = jars[0]?.massG ?? 0;
  const totalG = Math.max(Number(first.need) + Number(first.keep), thereG * LEAST_GROWTH);
  const ratio = (totalG - thereG) / (1 + culture.hydration) / Math.max(1, thereG);
  return {
    ...first,
    seeks: 'hour',
    need: String(Math.round(totalG - Number(first.keep))),
    ratio: String(Math.max(0.5, Math.round(ratio * 100) / 100)),
  };
}

/** A feed is at least so many times its mother. */
const LEAST_GROWTH = 2;

/** Ripe for the step it serves; else for the morning, where that is a night away; else in the evening. */
function firstReadyMs({ serves, nowMs, workingHours, timeZone }: FeedFacts): number {
  if (serves !== null && hoursBetween(nowMs, serves.atMs) >= SOONEST_H) return serves.atMs;
  const morning = (day: number) =>
    atWallMinute(nowMs, day, workingHours.fromMinute + MINUTES_AFTER_OPENING, timeZone);
  const next = [0, 1, 2].map(morning).find((ms) => ms >= addHours(nowMs, SOONEST_H));
  const laterMs = Math.round(addHours(nowMs, USUAL_H) / HALF_HOUR_MS) * HALF_HOUR_MS;
  if (next !== undefined && hoursBetween(nowMs, next) <= NIGHT_AWAY_H) return next;
  return laterMs;
}

const USUAL_H = 9;
const NIGHT_AWAY_H = 14;
const HALF_HOUR_MS = 1_800_000;
const MINUTES_AFTER_OPENING = 30;

const grams = (name: string, min: number) => numberField({ name, unit: 'g', min, max: 500_000 });
const schema = z.object({
  need: grams(word('Need'), 0),
  keep: grams(word('Keep'), 0),
  ratio: numberField({
    name: word('Flour per 1 of starter'),
    unit: word('parts'),
    min: 0.5,
    max: 50,
  }),
  hydrationPct: numberField({ name: word('Water'), unit: word('% of flour'), min: 40, max: 200 }),
});

/** A checked form: the question it asks, or a sentence for each wrong field. */
export type CheckedFeed =
  | { readonly question: FeedSheetQuestion; readonly errors: null }
  | { readonly question: null; readonly errors: Readonly<Record<string, string>> };

/** Reads the form as a question for the core. */
export function checkFeed(fields: FeedFields, facts: FeedFacts): CheckedFeed {
  const parsed = schema.safeParse(fields);
  const errors = { ...wrongNumbers(parsed), ...wrongHours(fields, facts) };
  const offer = facts.jars.find((one) => one.jar.lot.id === fields.fromLotId) ?? facts.jars[0];
  if (!parsed.success || offer === undefined || Object.keys(errors).length > 0) {
    return { question: null, errors };
  }
  const { need, keep } = parsed.data;
  if (need + keep < 1) {
    return {
      question: null,
      errors: { need: tr`Need: 0 g is nothing to make. Allowed: from 1 g.` },
    };
  }
  return { errors: null, question: questionOf(fields, parsed.data, facts, offer) };
}

type Numbers = z.output<typeof schema>;

function wrongNumbers(parsed: ReturnType<typeof schema.safeParse>): Record<string, string> {
  if (parsed.success) return {};
  return Object.fromEntries(
    parsed.error.issues.map((issue) => [String(issue.path[0]), issue.message]),
  );
}

function wrongHours(fields: FeedFields, facts: FeedFacts): Record<string, string> {
  const mixMs = mixInstant(fields, facts);
  const readyMs = fromLocalText(fields.readyAt, facts.timeZone);
  if (fields.mixAt !== null && mixMs < facts.nowMs - 60_000) {
    return { mixAt: tr`Mixed at: that hour has passed. Allowed: from now on.` };
  }
  if (fields.seeks !== 'hour' && readyMs <= mixMs) {
    return { readyAt: tr`Ready at: it is mixed later than that. Allowed: after it is mixed.` };
  }
  return {};
}

function questionOf(
  fields: FeedFields,
  { need, keep, ratio, hydrationPct }: Numbers,
  facts: FeedFacts,
  offer: JarOffer,
): FeedSheetQuestion {
  const { culture } = facts;
  const levain = fields.as === 'levain';
  return {
    feed: {
      jar: offer.jar,
      fed: { hydration: hydrationPct / 100, flours: floursOf(fields, facts) },
      as: {
        lotId: facts.codes[0] ?? 'S-next',
        name: levain ? `${culture.name} levain` : culture.name,
        kind: kindOf(levain, hydrationPct),
        cultureId: levain ? null : culture.id,
      },
      atMs: mixInstant(fields, facts),
      placeId: fields.placeId,
      thereG: levain ? Math.max(0, offer.massG - culture.keepG) : offer.massG,
      thinnest: culture.thinnestRatio,
      tapC: facts.tapC,
    },
    wish: {
      seeks: fields.seeks,
      readyMs: fromLocalText(fields.readyAt, facts.timeZone),
      needG: need,
      keepG: levain ? 0 : keep,
      ratio,
    },
    places: facts.places,
    pantry: facts.pantry,
    stepG: facts.scaleStepG,
    fineStepG: facts.fineStepG,
    vessels: facts.vessels,
  };
}

function kindOf(levain: boolean, hydrationPct: number) {
  if (levain) return 'levain';
  return hydrationPct < STIFF_UNDER_PCT ? 'stiff starter' : 'starter';
}

const STIFF_UNDER_PCT = 70;

/** The culture's own blend while its first flour is the one that is chosen. */
function floursOf(fields: FeedFields, { culture }: FeedFacts) {
  return culture.flours[0]?.flourId === fields.flourId
    ? culture.flours
    : [{ flourId: fields.flourId, share: 1 }];
}

/** When the feed is mixed: as said, else now, or when the planned jar is made. */
export function mixInstant(fields: FeedFields, facts: FeedFacts): number {
  if (fields.mixAt !== null) return fromLocalText(fields.mixAt, facts.timeZone);
  const offer = facts.jars.find((one) => one.jar.lot.id === fields.fromLotId);
  const planned = offer?.plannedFor;
  if (planned == null) return facts.nowMs;
  return Math.max(facts.nowMs, planned.ripeMs ?? planned.madeAtMs);
}

/** True when the feed is planned rather than done now. */
export function isLater(fields: FeedFields, facts: FeedFacts): boolean {
  const offer = facts.jars.find((one) => one.jar.lot.id === fields.fromLotId);
  return fields.mixAt !== null || offer?.plannedFor != null;
}

/** Other places and hours that the same wish is worked out for. */
export function otherChoices(
  fields: FeedFields,
  facts: FeedFacts,
): { placeId: string; readyMs: number }[] {
  const readyMs = fromLocalText(fields.readyAt, facts.timeZone);
  // Cold places have no peak to be ready at.
  const places = facts.places
    .filter((place) => place.id !== fields.placeId)
    .filter((place) => !isCold(tempAt(place, facts.nowMs)))
    .slice(0, 2)
    .map((place) => ({ placeId: place.id, readyMs }));
  const hours = [-1, 1, 2].map((byH) => ({
    placeId: fields.placeId,
    readyMs: addHours(readyMs, byH),
  }));
  return [
    ...places,
    ...hours.filter((one) => one.readyMs > addHours(mixInstant(fields, facts), 1)),
  ];
}
