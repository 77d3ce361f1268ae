import { massOf, type Pantry } from '../composition';
import {
  solveHours,
  type LotForecast,
  type Places,
  type RunLot,
  type Surroundings,
} from '../forecast';
import type { ActOf } from '../journal';
import type { LotKind } from '../ripeness';
import type { WaterAnswer } from '../thermal';
import { addHours, hoursBetween } from '../units';
import {
  feedAmounts,
  motherAt,
  motherRange,
  weighedIn,
  type FedAs,
  type FeedAmounts,
} from './amounts';
import { forecastDraft, standing, type Jar } from './jar';
import { leavenAimC, mixedAt } from './mixing';

/** A feed to be worked out. Plain data: it can be posted to a worker. */
export interface FeedQuestion {
  readonly jar: Jar;
  readonly fed: FedAs;
  /** What it is called and what it is. */
  readonly as: {
    readonly lotId: string;
    readonly name: string;
    readonly kind: LotKind;
    /** The line of lots it carries on; null for a build that is used whole. */
    readonly cultureId: string | null;
  };
  /** When it is mixed. */
  readonly atMs: number;
  readonly placeId: string;
  /** Grams of the mother that may be taken. */
  readonly thereG: number;
  /** Flour to a gram of mother, at the most. */
  readonly thinnest: number;
  /** Coldest water at hand without ice, °C. */
  readonly tapC: number;
}

/** A feed with its forecast. */
export interface Feed {
  readonly amounts: FeedAmounts;
  readonly act: ActOf<'make'>;
  readonly atMs: number;
  readonly forecast: LotForecast;
  /** The water that mixes it at the temperature of its place, or as near as water can. */
  readonly water: WaterAnswer | null;
}

/** What keeps a feed from its wish. */
export type FeedBound =
  /** More of the mother is wanted than is there; all of it goes in. */
  | { readonly kind: 'jar too short'; readonly wantedG: number; readonly thereG: number }
  /** Even the thinnest feed is ripe too early. */
  | { readonly kind: 'too early'; readonly thinnest: number }
  /** Even the thickest feed is ripe too late. */
  | { readonly kind: 'too late' }
  /** It never ripens there. */
  | { readonly kind: 'never ripe' };

/** A feed found for a wish: met, or the nearest there is and what stops it. */
export interface FeedAnswer {
  readonly feed: Feed;
  /** Null when the wish is met. */
  readonly bound: FeedBound | null;
  /** By how much its best misses the wish, h; null where it has no best, or none was wished for. */
  readonly missedH: number | null;
  /** Earliest and latest hour at which such a feed can be ripe there. */
  readonly feasibleMs: { readonly earliestMs: number | null; readonly latestMs: number | null };
}

/** What a feed rests on. */
export interface FeedShop {
  readonly places: Places;
  readonly pantry: Pantry;
}

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
