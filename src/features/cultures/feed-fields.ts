import { tr, word } from '@/words/tr';
import { isCold, tempAt } from '@/core/forecast';
import type { FeedSheetQuestion } from '@/core/cultures';
import { numberField, wrongFields, z } from '@/core/parse';
import { addHours, fromLocalText } from '@/core/units';
import type { FeedFacts, JarOffer } from '@/server/cultures/feed-facts';
import { type FeedFields, grams } from './first-feed-fields';
import type { CheckedWish } from './use-wish';

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

/** Reads the form as a question for the core. */
export function checkFeed(fields: FeedFields, facts: FeedFacts): CheckedWish<FeedSheetQuestion> {
  const parsed = schema.safeParse(fields);
  const errors = { ...wrongFields(parsed), ...wrongHours(fields, facts) };
  const offer = facts.jars.find((one) => one.jar.lot.id === fields.fromLotId) ?? facts.jars[0];
  if (!parsed.success || offer === undefined || Object.keys(errors).length > 0) {
    return { asks: null, errors };
  }
  const { need, keep } = parsed.data;
  if (need + keep < 1) {
    return {
      asks: null,
      errors: { need: tr`Need: 0 g is nothing to make. Allowed: from 1 g.` },
    };
  }
  return { asks: questionOf(fields, parsed.data, facts, offer), errors: {} };
}

type Numbers = z.output<typeof schema>;

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
