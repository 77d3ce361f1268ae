import { tr, word } from '@/words/tr';
import type { CheckedWish } from './use-wish';
import type { SeriesQuestion } from '@/core/cultures';
import { numberField } from '@/core/parse';
import { addHours, atWallMinute, fromLocalText, toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import type { JobKinds } from '@/ui/compute/job-kinds';

/** Feeds in a row as they are typed. */
export interface SeriesFields {
  readonly readyAt: string;
  readonly feeds: string;
  readonly last: 'feed' | 'levain';
  readonly need: string;
  readonly placeId: string;
}

/** Hours that a first proposal leaves for each feed. */
const FOR_EACH_H = 9;

/** What is proposed first: two feeds for the step it serves, or for a morning that leaves time. */
export function firstSeries(facts: FeedFacts): SeriesFields {
  const { culture, serves, nowMs, timeZone, workingHours } = facts;
  const soonestMs = addHours(nowMs, 2 * FOR_EACH_H);
  const mornings = [1, 2, 3].map((day) =>
    atWallMinute(nowMs, day, workingHours.fromMinute + 60, timeZone),
  );
  const served = serves !== null && serves.atMs >= soonestMs ? serves.atMs : null;
  const readyMs = served ?? mornings.find((ms) => ms >= soonestMs) ?? addHours(nowMs, 30);
  return {
    readyAt: toLocalText(readyMs, timeZone),
    feeds: '2',
    last: 'feed',
    need: String(Math.round(serves?.takesG ?? culture.keepG * culture.usualRatio)),
    placeId: culture.placeId,
  };
}

const needRule = numberField({ name: word('Need'), unit: 'g', min: 1, max: 500_000 });

/** Reads the form as a question for the core. */
export function checkSeries(
  fields: SeriesFields,
  facts: FeedFacts,
): CheckedWish<JobKinds['series']['asks']> {
  const need = needRule.safeParse(fields.need);
  if (!need.success) {
    return { asks: null, errors: { need: need.error.issues[0]?.message ?? tr`Need: a number.` } };
  }
  const readyMs = fromLocalText(fields.readyAt, facts.timeZone);
  if (readyMs <= facts.nowMs) {
    return {
      asks: null,
      errors: { readyAt: tr`Ready at: that hour has passed. Allowed: from now on.` },
    };
  }
  const offer = facts.jars[0];
  if (offer === undefined) return { asks: null, errors: { '': tr`Nothing is left in the jar.` } };
  const { culture } = facts;
  const levain = fields.last === 'levain' && fields.feeds !== '1';
  const question: SeriesQuestion = {
    jar: offer.jar,
    fed: culture,
    as: {
      lotId: 'series',
      name: culture.name,
      kind: culture.kind === 'stiff starter' ? 'stiff starter' : 'starter',
      cultureId: culture.id,
    },
    placeId: fields.placeId,
    thereG: offer.massG,
    thinnest: culture.thinnestRatio,
    tapC: facts.tapC,
    stepG: facts.scaleStepG,
    fineStepG: facts.fineStepG,
    nowMs: facts.nowMs,
    readyMs,
    totalG: need.data + (levain ? 0 : culture.keepG),
    ...(levain ? { keepBeforeLastG: culture.keepG } : {}),
    feeds: (Number(fields.feeds) || 2) as SeriesQuestion['feeds'],
    workingHours: facts.workingHours,
    timeZone: facts.timeZone,
    lotIds: facts.codes,
  };
  return { asks: { question, places: facts.places, pantry: facts.pantry }, errors: {} };
}
