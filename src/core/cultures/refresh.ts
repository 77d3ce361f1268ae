import { totals, type Composition, type Pantry } from '../composition';
import { solveHours, type LotForecast, type PlaceHistory, type RunLot } from '../forecast';
import type { ActOf } from '../journal';
import { acidToPh, STATE_SIZE, X } from '../kinetics';
import { rowAtHour, SLACK_GLUTEN } from '../ripeness';
import type { WaterAnswer } from '../thermal';
import { hoursBetween, MS_PER_HOUR } from '../units';
import { curveOf, risingOf, type SheetCurve } from './feed-picture';
import { ripeMs } from './feed';
import { forecastDraft, standing, type Jar } from './jar';
import { mixedAt } from './mixing';
import {
  largestShare,
  refreshAmounts,
  refreshWeighed,
  roundedRefresh,
  type RefreshAim,
  type RefreshAmounts,
  type ShareBound,
} from './refresh-amounts';

/** A refresh of leftover dough to be worked out. Plain data: it can be posted to a worker. */
export interface RefreshQuestion {
  readonly jar: Jar;
  readonly aim: RefreshAim;
  readonly as: { readonly lotId: string; readonly name: string; readonly cultureId: string | null };
  readonly atMs: number;
  readonly placeId: string;
  /** Leftover that is there, g, as it was made: water that a dry skin lost counts as there. */
  readonly thereG: number;
  /** What is fixed: all of so much leftover, or so much dough. */
  readonly from: { readonly fixed: 'leftover' | 'dough'; readonly massG: number };
  /** What is found: the share for an hour, or the hour of a share. */
  readonly seeks: 'share' | 'hour';
  readonly share: number;
  readonly readyMs: number;
  /** Days until its end by age; null: none of its own. */
  readonly keepsDays: number | null;
  readonly places: readonly PlaceHistory[];
  readonly pantry: Pantry;
  readonly stepG: number;
  readonly fineStepG: number;
  readonly tapC: number;
}

/** What keeps a refresh from its wish. */
export type RefreshBound =
  | { readonly kind: 'leftover too short'; readonly wantedG: number; readonly thereG: number }
  | { readonly kind: 'share'; readonly share: number; readonly by: ShareBound }
  | { readonly kind: 'too early' | 'too late' | 'never ripe' };

/** What speaks against a leftover, with the figure that says so. */
export type RefreshRemark =
  | { readonly kind: 'too old'; readonly days: number; readonly keepsDays: number }
  | { readonly kind: 'too sour'; readonly ph: number; readonly least: number }
  | {
      readonly kind: 'too weak';
      readonly gluten: number;
      readonly least: number;
      readonly share: number | null;
    };

/** A refresh with everything its sheet says. */
export interface RefreshSheet {
  readonly amounts: RefreshAmounts;
  readonly act: ActOf<'make'>;
  readonly atMs: number;
  readonly window: LotForecast['window'];
  readonly risingMs: number | null;
  readonly curve: SheetCurve;
  readonly bound: RefreshBound | null;
  readonly missedH: number | null;
  readonly water: WaterAnswer | null;
  readonly remarks: readonly RefreshRemark[];
  /** Of the leftover as it goes in, and of the dough at its best. */
  readonly leftover: { readonly ph: number; readonly gluten: number; readonly days: number };
  readonly best: { readonly ph: number; readonly gluten: number };
  /** Flour, water, salt and oil of the whole dough, the leftover’s own counted, g. */
  readonly shares: Readonly<Record<ShareBound, number>>;
  readonly largest: { readonly share: number; readonly by: ShareBound };
  /** Left of the leftover, g. */
  readonly leftG: number;
}

/** pH of a leftover under which it tastes and weakens the dough it goes into. Set, wide doubt. */
export const SOUR_LEFTOVER_PH = 4;
const LEAST_SHARE = 0.05;
/** More of it is no refresh any more. Source: the trade’s 10–80 % of the new dough. */
const MOST_SHARE = 0.8;
/** A dough is aimed at so warm out of the bowl, °C. Source: the trade’s 23–26 °C. */
const AIM_C = 24;
const SEEKING_STEP_H = 0.1;
/** Bubbles that a refresh leaves of the leftover’s. */
const GAS_KEPT = 0;

/**
 * The refresh of a leftover: grams, hours, what bounds it and what speaks against it.
 * @throws {DomainError} refresh-too-much, leftover-empty, refresh-hydration, refresh-saltShare, refresh-oilShare
 */
export function refreshSheet(question: RefreshQuestion): RefreshSheet {
  const refreshing = new Refreshing(question);
  const { jar, aim, pantry, seeks } = question;
  const largest = largestShare(jar.lot.composition, aim, pantry);
  const found = seeks === 'share' ? refreshing.forHour(largest) : refreshing.atShare(largest);
  const weighed = roundedRefresh(found.amounts, question);
  const made = refreshing.made(weighed, { withBand: true });
  const ms = ripeMs(made.forecast);
  return {
    amounts: weighed,
    act: made.act,
    atMs: question.atMs,
    window: made.forecast.window,
    risingMs: risingOf(made),
    curve: curveOf(made),
    bound: found.bound,
    missedH: ms === null || seeks === 'hour' ? null : hoursBetween(question.readyMs, ms),
    water: made.water,
    ...refreshing.judged(made.forecast, weighed.share),
    shares: sharesOf(made.forecast.story.lot.composition, pantry),
    largest,
    leftG: Math.max(0, question.thereG - weighed.leftoverG),
  };
}

function sharesOf(composition: Composition, pantry: Pantry): RefreshSheet['shares'] {
  const sum = totals(composition, pantry);
  return { flour: sum.flourG, water: sum.waterG, salt: sum.saltG, oil: sum.oilG };
}

interface Found {
  readonly amounts: RefreshAmounts;
  readonly bound: RefreshBound | null;
}

class Refreshing {
  private readonly around;
  private readonly mother: RunLot;

  constructor(private readonly question: RefreshQuestion) {
    const { places, pantry, jar, atMs } = question;
    this.around = { places: new Map(places.map((one) => [one.id, one])), pantry };
    this.mother = standing(jar, atMs, this.around);
  }

  made(amounts: RefreshAmounts, options: { withBand: boolean; stepH?: number }) {
    const { as, jar, placeId, atMs, tapC } = this.question;
    const wanted: ActOf<'make'> = {
      kind: 'make',
      lotId: as.lotId,
      lotKind: 'carry-over',
      name: as.name,
      ...(as.cultureId === null ? {} : { cultureId: as.cultureId }),
      ingredients: refreshWeighed(amounts),
      portions: [{ lotId: jar.lot.id, massG: amounts.leftoverG }],
      placeId,
      startC: AIM_C,
      gasKept: GAS_KEPT,
    };
    const mothers = [this.mother];
    const { act, water } = mixedAt(wanted, { mothers, atMs, tapC }, this.around);
    const from = { mothers, culture: jar.culture };
    const forecast = forecastDraft({ act, atMs }, from, this.around, options);
    return { act, water, atMs, forecast };
  }

  /** So much leftover in a dough: of a fixed leftover the dough follows, of a fixed dough the leftover. */
  private amountsAt(share: number): RefreshAmounts {
    const { from, jar, aim, pantry } = this.question;
    const totalG = from.fixed === 'dough' ? from.massG : from.massG / share;
    return refreshAmounts(jar.lot.composition, aim, { leftoverG: totalG * share, totalG }, pantry);
  }

  /** Never more than there is: the dough is then as large as all of it makes. */
  private within(share: number, bound: RefreshBound | null): Found {
    const { thereG, jar, aim, pantry } = this.question;
    const amounts = this.amountsAt(share);
    if (amounts.leftoverG <= thereG + 1e-6) return { amounts, bound };
    const all = { leftoverG: thereG, totalG: thereG / share };
    return {
      amounts: refreshAmounts(jar.lot.composition, aim, all, pantry),
      bound: { kind: 'leftover too short', wantedG: amounts.leftoverG, thereG },
    };
  }

  atShare(largest: { share: number; by: ShareBound }): Found {
    const { share } = this.question;
    return share > largest.share
      ? this.within(largest.share, { kind: 'share', ...largest })
      : this.within(Math.max(LEAST_SHARE / 5, share), null);
  }

  forHour(largest: { share: number; by: ShareBound }): Found {
    const { atMs, readyMs } = this.question;
    const hours = (share: number) => {
      const made = this.made(this.amountsAt(share), { withBand: false, stepH: SEEKING_STEP_H });
      const ms = ripeMs(made.forecast);
      return ms === null ? null : hoursBetween(atMs, ms);
    };
    const range = {
      least: Math.min(LEAST_SHARE, largest.share / 2),
      most: Math.min(MOST_SHARE, largest.share),
      linear: false,
    };
    const wantedH = Math.max(0.25, hoursBetween(atMs, readyMs));
    const found = solveHours(hours, range, wantedH);
    if (found.kind === 'found') return this.within(found.value, null);
    if (found.bound === 'least') return this.within(found.nearest, { kind: 'too early' });
    if (found.range.atMostH === null) return this.within(found.nearest, { kind: 'never ripe' });
    const held =
      largest.share < MOST_SHARE
        ? { kind: 'share' as const, ...largest }
        : { kind: 'too late' as const };
    return this.within(found.nearest, held);
  }

  /** How the leftover goes in, how the dough is at its best, and what speaks against it. */
  judged(
    forecast: LotForecast,
    share: number,
  ): Pick<RefreshSheet, 'remarks' | 'leftover' | 'best'> {
    const { jar, atMs, keepsDays } = this.question;
    const leftover = {
      ...insideOf(this.mother, atMs),
      days: hoursBetween(jar.lot.madeAtMs, atMs) / 24,
    };
    const best = insideOf(forecast, ripeMs(forecast) ?? atMs + 12 * MS_PER_HOUR);
    const remarks: RefreshRemark[] = [];
    if (keepsDays !== null && leftover.days > keepsDays) {
      remarks.push({ kind: 'too old', days: leftover.days, keepsDays });
    }
    if (leftover.ph < SOUR_LEFTOVER_PH) {
      remarks.push({ kind: 'too sour', ph: leftover.ph, least: SOUR_LEFTOVER_PH });
    }
    if (best.gluten < SLACK_GLUTEN) {
      remarks.push({
        kind: 'too weak',
        gluten: best.gluten,
        least: SLACK_GLUTEN,
        share: this.strongShare(share),
      });
    }
    return { remarks, leftover, best };
  }

  /** The largest share under a given one at which the dough is strong enough at its best; null: none is. */
  private strongShare(above: number): number | null {
    for (let share = above * 0.8; share >= LEAST_SHARE; share *= 0.8) {
      const { forecast } = this.made(this.amountsAt(share), {
        withBand: false,
        stepH: SEEKING_STEP_H,
      });
      const ms = ripeMs(forecast);
      if (ms !== null && insideOf(forecast, ms).gluten >= SLACK_GLUTEN) return share;
    }
    return null;
  }
}

/** pH and gluten of a run at an instant. */
export function insideOf({ story, run }: RunLot, atMs: number): { ph: number; gluten: number } {
  const row = rowAtHour(run.hours, run.length, hoursBetween(story.startMs, atMs));
  const at = (index: number) => run.states[row * STATE_SIZE + index] ?? 0;
  const { wholegrainShare, model } = run.constants;
  return { ph: acidToPh(at(X.acid), wholegrainShare, model), gluten: at(X.gluten) };
}
