import { placeTempC } from '../forecast';
import { addHours, hoursBetween, roundToStep } from '../units';
import { roundedAmounts, stepFor } from './amounts';
import { Feeding, ripeMs } from './feed';
import type { Feed, FeedQuestion, FeedShop } from './feed-question';
import { jarOf } from './jar';
import {
  SHORTEST_H,
  NEAR_BEST_H,
  rhythmAt,
  schedules,
  type SeriesQuestion,
} from './series-schedules';

/** One feed of a series. */
export interface SeriesFeed extends Feed {
  /** By how much the feed before was past its best when it was taken, h; null for the first. */
  readonly takenPastBestH: number | null;
}

/** A series found, or why there is none. */
export type SeriesAnswer =
  | {
      readonly kind: 'series';
      readonly feeds: readonly SeriesFeed[];
      readonly missedH: number;
      /** Grams of the old jar that go in. */
      readonly fromJarG: number;
      /** Grams that are made and not taken, all feeds together. */
      readonly overG: number;
    }
  | {
      readonly kind: 'no series';
      readonly because: 'too late to start' | 'jar too short' | 'no working hour fits';
      /** Earliest hour at which so many feeds can be ripe; null where no hours fit at all. */
      readonly earliestMs: number | null;
    };

/**
 * Works a series out backwards: hours of work before the wanted hour are tried nearest to the culture's own rhythm
 * first; then each ratio is found forwards, from what the jar truly is.
 */
export function findSeries(question: SeriesQuestion, shop: FeedShop): SeriesAnswer {
  const rhythmH = rhythmAt(placeTempC(shop.places, question.placeId, question.readyMs));
  let short = false;
  for (const hours of schedules(question, rhythmH)) {
    const found = follow(question, hours, shop);
    if (found === 'jar too short') short = true;
    else if (found !== null) return found;
  }
  if (short) return { kind: 'no series', because: 'jar too short', earliestMs: null };
  const earliestMs = addHours(question.nowMs, question.feeds * SHORTEST_H);
  return {
    kind: 'no series',
    because: earliestMs > question.readyMs ? 'too late to start' : 'no working hour fits',
    earliestMs,
  };
}

/** The feeds of one schedule, found from the first to the last; null where one can not be ripe in time. */
function follow(
  question: SeriesQuestion,
  hours: readonly number[],
  shop: FeedShop,
): SeriesAnswer | 'jar too short' | null {
  const shares = sharesOf(question, hours, shop);
  if (shares === null) return null;
  const { totals, mothers, overG } = gramsBack(question, shares);
  const fromJarG = mothers[0] ?? 0;
  if (fromJarG > question.thereG + 1e-6) return 'jar too short';
  const feeds: SeriesFeed[] = [];
  let { jar } = question;
  let missedH = 0;
  for (const [index, atMs] of hours.entries()) {
    const untilMs = hours[index + 1] ?? question.readyMs;
    const feeding = new Feeding({ ...stepQuestion(question, index), jar, atMs }, shop);
    const totalG = totals[index] ?? question.totalG;
    const motherG = mothers[index] ?? 0;
    const exact = feeding.with(motherG, totalG, { withBand: false });
    const step = stepFor(Math.min(motherG, totalG), question);
    const weighed = roundedAmounts(exact.amounts, step);
    const made = feeding.with(weighed.motherG, weighed.totalG, { withBand: true });
    const feed = { ...made, amounts: { ...weighed, seedShare: made.amounts.seedShare } };
    const before = feeds.at(-1);
    const beforeMs = before === undefined ? null : ripeMs(before.forecast);
    feeds.push({
      ...feed,
      takenPastBestH: beforeMs === null ? null : hoursBetween(beforeMs, atMs),
    });
    const ms = ripeMs(feed.forecast);
    if (ms === null) return null;
    missedH = hoursBetween(untilMs, ms);
    jar = jarOf(feed.forecast, untilMs, question.jar.culture);
  }
  return { kind: 'series', feeds, missedH, fromJarG, overG };
}

/** Less of a mother can be neither weighed nor stirred in evenly, g. Set. */
const LEAST_MOTHER_G = 4;

/**
 * Grams grow from the last one back: each feed makes just what the next one takes, as it is weighed; where that would
 * be a trace of mother, it makes more and some is left over.
 */
function gramsBack(
  question: SeriesQuestion,
  shares: readonly number[],
): {
  readonly totals: readonly number[];
  readonly mothers: readonly number[];
  readonly overG: number;
} {
  const totals: number[] = [];
  const mothers: number[] = [];
  let wantedG = question.totalG;
  let overG = 0;
  for (let i = shares.length - 1; i >= 0; i -= 1) {
    const share = shares[i] ?? 1;
    const exactG = wantedG * share;
    const motherG = Math.max(LEAST_MOTHER_G, roundToStep(exactG, stepFor(exactG, question)));
    const totalG = exactG < LEAST_MOTHER_G ? motherG / share : wantedG;
    overG += totalG - wantedG;
    totals[i] = totalG;
    mothers[i] = motherG;
    wantedG = motherG;
    if (i === shares.length - 1 && i > 0) wantedG += question.keepBeforeLastG ?? 0;
  }
  return { totals, mothers, overG };
}

function stepQuestion(question: SeriesQuestion, index: number): FeedQuestion {
  const last = index === question.feeds - 1;
  const as = { ...question.as, lotId: question.lotIds[index] ?? `${question.as.lotId}-${index}` };
  return { ...question, as, atMs: 0, thereG: last ? question.thereG : Infinity };
}

/** Mother over the whole of each feed, found one after the other for a hundred grams; null where one can not be. */
function sharesOf(
  question: SeriesQuestion,
  hours: readonly number[],
  shop: FeedShop,
): number[] | null {
  const shares: number[] = [];
  let { jar } = question;
  for (const [index, atMs] of hours.entries()) {
    const untilMs = hours[index + 1] ?? question.readyMs;
    const plenty = { ...stepQuestion(question, index), jar, atMs, thereG: Infinity };
    const answer = new Feeding(plenty, shop).forHour(untilMs, question.totalG);
    if (answer.bound !== null && Math.abs(answer.missedH ?? Infinity) > NEAR_BEST_H) return null;
    if (answer.missedH === null) return null;
    shares.push(answer.feed.amounts.motherG / question.totalG);
    jar = jarOf(answer.feed.forecast, untilMs, question.jar.culture);
  }
  return shares;
}
