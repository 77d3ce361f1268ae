import type { FeedWish } from '@/core/cultures';
import { numberField } from '@/core/parse';
import { addHours, atWallMinute, hoursBetween, toLocalText } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';

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

export const grams = (name: string, min: number) =>
  numberField({ name, unit: 'g', min, max: 500_000 });
