import { massOf } from '../composition';
import { solveHours, type LotForecast, type RunLot, type Surroundings } from '../forecast';
import type { ActOf } from '../journal';
import { addHours, hoursBetween } from '../units';
import { feedAmounts, motherAt, motherRange, weighedIn } from './amounts';
import { forecastDraft, standing } from './jar';
import { leavenAimC, mixedAt } from './mixing';
import type { FeedQuestion, Feed, FeedBound, FeedAnswer, FeedShop } from './feed-question';

/** Runs for finding are coarser than the one that is shown. */
const SEEKING_STEP_H = 0.1;

/** Best of a forecast, or where it opens when it has no best. */
export function ripeMs({ window }: LotForecast): number | null {
  return window.bestMs ?? window.opensMs;
}

/** One question with its jar run on to the hour of the feed. */
export class Feeding {
  readonly question: FeedQuestion;
  private readonly around: Surroundings;
  private readonly mother: RunLot;

  constructor(question: FeedQuestion, shop: FeedShop) {
    this.question = question;
    this.around = shop;
    this.mother = plenty(standing(question.jar, question.atMs, shop));
  }

  /**
   * The feed with so much of the mother.
   * @throws {DomainError} mother-too-wet, mother-too-much, mother-empty, hydration-range
   */
  with(motherG: number, totalG: number, options: { withBand: boolean; stepH?: number }): Feed {
    const { jar, fed, as, atMs, placeId, tapC } = this.question;
    const { pantry, places } = this.around;
    const amounts = feedAmounts(jar.lot.composition, fed, { motherG, totalG }, pantry);
    const wanted: ActOf<'make'> = {
      kind: 'make',
      lotId: as.lotId,
      lotKind: as.kind,
      name: as.name,
      ...(as.cultureId === null ? {} : { cultureId: as.cultureId }),
      ingredients: weighedIn(amounts),
      portions: motherG > 0 ? [{ lotId: jar.lot.id, massG: motherG }] : [],
      placeId,
      startC: leavenAimC(places, placeId, atMs),
      gasKept: 0,
    };
    const mothers = [this.mother];
    const { act, water } = mixedAt(wanted, { mothers, atMs, tapC }, this.around);
    const from = { mothers, culture: jar.culture };
    const forecast = forecastDraft({ act, atMs }, from, this.around, options);
    return { amounts, act, atMs, forecast, water };
  }

  /**
   * The amount of mother at which a mass of so many grams is best at a wanted hour.
   * @param readyMs when it is to be best
   * @throws {DomainError} mother-empty, hydration-range
   */
  forHour(readyMs: number, totalG: number): FeedAnswer {
    const { jar, fed, atMs, thereG, thinnest } = this.question;
    const { pantry } = this.around;
    const range = motherRange(jar.lot.composition, { fed, totalG, thinnest }, pantry);
    const { leastG } = range;
    const hours = (motherG: number) => {
      const feed = this.with(motherG, totalG, { withBand: false, stepH: SEEKING_STEP_H });
      const ms = ripeMs(feed.forecast);
      return ms === null ? null : hoursBetween(atMs, ms);
    };
    const mostG = thickestRipe(hours, range);
    const wantedH = Math.max(LEAST_WANTED_H, hoursBetween(atMs, readyMs));
    const found = solveHours(hours, { least: leastG, most: mostG, linear: false }, wantedH);
    const wantedG = found.kind === 'found' ? found.value : found.nearest;
    const short = wantedG > thereG + 1e-6;
    const motherG = short ? thereG : wantedG;
    const feed = this.with(motherG, totalG, { withBand: true });
    const ms = ripeMs(feed.forecast);
    const latestH = found.range.atLeastH;
    return {
      feed,
      bound: short
        ? { kind: 'jar too short', wantedG, thereG }
        : found.kind === 'found'
          ? null
          : boundOf(found.bound, ms, thinnest),
      missedH: ms === null ? null : hoursBetween(readyMs, ms),
      feasibleMs: {
        earliestMs: at(atMs, hours(Math.max(leastG, Math.min(mostG, thereG)))),
        latestMs: at(atMs, latestH),
      },
    };
  }

  /** Mother in a mass of so many grams, with so much flour to a gram of it, g. */
  motherAt(ratio: number, totalG: number): number {
    const { jar, fed } = this.question;
    return motherAt(jar.lot.composition, { fed, totalG, ratio }, this.around.pantry);
  }
}

/** Share by which a feed too thick to ripen is made thinner at each try. */
const THINNER = 0.85;

/** The most of the mother with which a feed still ripens: a very thick one has too little to rise on. */
function thickestRipe(
  hours: (motherG: number) => number | null,
  { leastG, mostG }: { readonly leastG: number; readonly mostG: number },
): number {
  let motherG = mostG;
  while (hours(motherG) === null && motherG * THINNER > leastG) motherG *= THINNER;
  return motherG;
}

/** The same mother, more than any feed takes: how much a wish would need is found beyond what is there. */
function plenty(mother: RunLot): RunLot {
  const { lot } = mother.story;
  const factor = PLENTY_G / massOf(lot.composition);
  const composition = Object.fromEntries(
    Object.entries(lot.composition).map(([id, massG]) => [id, massG * factor]),
  );
  return { ...mother, story: { ...mother.story, lot: { ...lot, composition } } };
}

const PLENTY_G = 1e6;

/** A feed is wished for at least so long after it is mixed, h. */
const LEAST_WANTED_H = 0.25;

const at = (fromMs: number, hours: number | null) =>
  hours === null ? null : addHours(fromMs, hours);

function boundOf(bound: 'least' | 'most', ms: number | null, thinnest: number): FeedBound {
  if (ms === null) return { kind: 'never ripe' };
  return bound === 'least' ? { kind: 'too early', thinnest } : { kind: 'too late' };
}
