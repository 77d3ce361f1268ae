import { massOf, type Pantry } from '../composition';
import { placeTempC, solveHours, type LotForecast, type PlaceHistory } from '../forecast';
import type { WaterAnswer } from '../thermal';
import { addHours, hoursBetween } from '../units';
import { roundedAmounts, stepFor, type FeedAmounts } from './amounts';
import { Feeding, ripeMs } from './feed';
import type { FeedAnswer, FeedBound, FeedQuestion } from './feed-question';
import {
  CURVE_STEP_H,
  curveOf,
  levelIn,
  risingOf,
  sampled,
  untilH,
  type SheetCurve,
  type VesselLevel,
} from './feed-picture';

/** What the baker wants of a feed, and which of it Olvik finds. */
export interface FeedWish {
  /** What is found from the rest. */
  readonly seeks: 'ratio' | 'hour' | 'place' | 'amount';
  readonly readyMs: number;
  /** Grams for what comes next, and grams that stay. */
  readonly needG: number;
  readonly keepG: number;
  /** Flour added to each gram of the mother’s flour, where it is not sought. */
  readonly ratio: number;
}

/** A feed sheet to be worked out. Plain data: it can be posted to a worker. */
export interface FeedSheetQuestion {
  readonly feed: FeedQuestion;
  readonly wish: FeedWish;
  readonly places: readonly PlaceHistory[];
  readonly pantry: Pantry;
  readonly stepG: number;
  /** Step of the fine scale, for a mother of a few grams. */
  readonly fineStepG: number;
  readonly vessels: readonly { readonly name: string; readonly ml: number }[];
}

/** A feed with everything the sheet says of it. */
export interface FeedSheet {
  readonly amounts: FeedAmounts;
  readonly placeId: string;
  readonly atMs: number;
  readonly window: LotForecast['window'];
  readonly risingMs: number | null;
  readonly bound: FeedBound | null;
  /** By how much its best misses the wanted hour, h. */
  readonly missedH: number | null;
  readonly feasibleMs: FeedAnswer['feasibleMs'];
  readonly curve: SheetCurve;
  readonly water: WaterAnswer | null;
  /** What the mix comes to, °C. */
  readonly startC: number;
  readonly vessels: readonly VesselLevel[];
  /** What stays in the old jar, g. */
  readonly leftG: number;
  /** Temperature sought, where the place is: the nearest place of the shop is taken. */
  readonly soughtC: number | null;
}

/** Another place or hour for the same wish, with what it needs. */
export interface FeedChoice {
  readonly placeId: string;
  readonly mixMs: number;
  readonly readyMs: number;
  readonly amounts: FeedAmounts;
  readonly window: LotForecast['window'];
  readonly risingMs: number | null;
  readonly bound: FeedBound | null;
  readonly missedH: number | null;
  readonly curve: Pick<SheetCurve, 'stepH' | 'rise'>;
}

const shopOf = (question: FeedSheetQuestion) => ({
  places: new Map(question.places.map((place) => [place.id, place])),
  pantry: question.pantry,
});

/**
 * The feed for a wish, rounded to the scale, with its forecast as it will be weighed.
 * @throws {DomainError} mother-too-wet, mother-too-much, mother-empty, hydration-range
 */
export function feedSheet(question: FeedSheetQuestion): FeedSheet {
  const shop = shopOf(question);
  const found = SEEK[question.wish.seeks](question, shop);
  const { feeding, answer } = found;
  const amounts = roundedAmounts(
    answer.feed.amounts,
    stepFor(answer.feed.amounts.motherG, question),
  );
  // As it is weighed: the forecast is of the rounded grams.
  const feed = feeding.with(amounts.motherG, amounts.totalG, { withBand: true });
  const rounded = { ...amounts, seedShare: feed.amounts.seedShare };
  const readyMs = question.wish.seeks === 'hour' ? null : question.wish.readyMs;
  const ms = ripeMs(feed.forecast);
  return {
    amounts: rounded,
    placeId: feeding.question.placeId,
    atMs: feed.atMs,
    window: feed.forecast.window,
    risingMs: risingOf(feed),
    bound: answer.bound,
    missedH: ms === null || readyMs === null ? null : hoursBetween(readyMs, ms),
    feasibleMs: answer.feasibleMs,
    curve: curveOf(feed),
    water: feed.water,
    startC: feed.act.startC,
    vessels: question.vessels.map((vessel) => levelIn(vessel, feed, question.pantry)),
    leftG: Math.max(0, massOf(question.feed.jar.lot.composition) - amounts.motherG),
    soughtC: found.soughtC,
  };
}

interface Sought {
  readonly feeding: Feeding;
  readonly answer: FeedAnswer;
  readonly soughtC: number | null;
}
type Shop = ReturnType<typeof shopOf>;

const SEEK: Readonly<
  Record<FeedWish['seeks'], (question: FeedSheetQuestion, shop: Shop) => Sought>
> = {
  ratio: ({ feed, wish }, shop) => {
    const feeding = new Feeding(feed, shop);
    return {
      feeding,
      answer: feeding.forHour(wish.readyMs, wish.needG + wish.keepG),
      soughtC: null,
    };
  },
  hour: ({ feed, wish }, shop) => {
    const feeding = new Feeding(feed, shop);
    return { feeding, answer: byRatio(feeding, wish), soughtC: null };
  },
  place: (question, shop) => soughtPlace(question, shop),
  amount: ({ feed, wish }, shop) => {
    const feeding = new Feeding(feed, shop);
    // The hour fixes the mother's share; all of the jar goes in.
    const share = feeding.forHour(wish.readyMs, feed.thereG);
    const totalG = (feed.thereG * feed.thereG) / Math.max(1e-6, wantedOf(share));
    return { feeding, answer: feeding.forHour(wish.readyMs, totalG), soughtC: null };
  },
};

/** Mother that a mass wants, whether it is there or not, g. */
function wantedOf({ bound, feed }: FeedAnswer): number {
  return bound?.kind === 'jar too short' ? bound.wantedG : feed.amounts.motherG;
}

/** A feed by its ratio: what is not there is said, and all there is goes in. */
function byRatio(feeding: Feeding, wish: FeedWish): FeedAnswer {
  const totalG = wish.needG + wish.keepG;
  const { thereG } = feeding.question;
  const wantedG = feeding.motherAt(wish.ratio, totalG);
  const short = wantedG > thereG + 1e-6;
  const feed = feeding.with(short ? thereG : wantedG, totalG, { withBand: false });
  return {
    feed,
    bound: short ? { kind: 'jar too short', wantedG, thereG } : null,
    missedH: null,
    feasibleMs: { earliestMs: null, latestMs: null },
  };
}

/** Warmest and coldest place sought, °C: above the cold places, where another rule of ripeness holds. */
const SOUGHT_C = { least: 9, most: 32 };
const SOUGHT_ID = 'sought';

/** The temperature at which a ratio is best at an hour, and the place of the shop that comes nearest. */
function soughtPlace(question: FeedSheetQuestion, shop: Shop): Sought {
  const { feed, wish } = question;
  const totalG = wish.needG + wish.keepG;
  const at = (tempC: number) => {
    const place = { id: SOUGHT_ID, name: SOUGHT_ID, settings: [{ fromMs: 0, tempC }] };
    const places = new Map([...shop.places, [SOUGHT_ID, place] as const]);
    return new Feeding({ ...feed, placeId: SOUGHT_ID }, { ...shop, places });
  };
  const motherG = Math.min(feed.thereG, at(20).motherAt(wish.ratio, totalG));
  const found = solveHours(
    (tempC) => {
      const ms = ripeMs(at(tempC).with(motherG, totalG, { withBand: false, stepH: 0.1 }).forecast);
      return ms === null ? null : hoursBetween(feed.atMs, ms);
    },
    { ...SOUGHT_C, linear: true },
    Math.max(0.25, hoursBetween(feed.atMs, wish.readyMs)),
  );
  const soughtC = found.kind === 'found' ? found.value : found.nearest;
  const [nearest] = [...question.places].sort(
    (a, b) => apartC(a, soughtC, question) - apartC(b, soughtC, question),
  );
  const feeding = new Feeding({ ...feed, placeId: nearest?.id ?? feed.placeId }, shop);
  return { feeding, answer: byRatio(feeding, wish), soughtC };
}

function apartC(place: PlaceHistory, soughtC: number, { feed, places }: FeedSheetQuestion): number {
  const byId = new Map(places.map((one) => [one.id, one]));
  return Math.abs(placeTempC(byId, place.id, addHours(feed.atMs, SETTLED_H)) - soughtC);
}

/** A reading says how warm a place is now; so many hours later it is what was learned of it. */
const SETTLED_H = 4;

/** The same wish in other places and at other hours. */
export function feedChoices(
  question: FeedSheetQuestion,
  others: readonly { readonly placeId: string; readonly readyMs: number }[],
): FeedChoice[] {
  const shop = shopOf(question);
  return others.map(({ placeId, readyMs }) => {
    const feeding = new Feeding({ ...question.feed, placeId }, shop);
    const { needG, keepG } = question.wish;
    const answer = feeding.forHour(readyMs, needG + keepG);
    const { forecast } = answer.feed;
    return {
      placeId,
      mixMs: answer.feed.atMs,
      readyMs,
      amounts: roundedAmounts(answer.feed.amounts, stepFor(answer.feed.amounts.motherG, question)),
      window: forecast.window,
      risingMs: risingOf(answer.feed),
      bound: answer.bound,
      missedH: answer.missedH,
      curve: { stepH: CURVE_STEP_H, rise: sampled(forecast.run, untilH(answer.feed)) },
    };
  });
}
