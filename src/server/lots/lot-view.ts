import type { Curve } from '@/shop/lots/curve';
import type { ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import { freezeWhen, type FreezeWhen } from '@/core/cultures';
import { placeKind, placeTempC, type LotForecast, type ShopForecast } from '@/core/forecast';
import { lotMadeBy, lotsTouchedBy } from '@/core/journal';
import { valueAtHour } from '@/core/ripeness';
import { addHours, hoursBetween, type ShopUnits, unitsOf } from '@/core/units';
import type { ShopContext } from '../context';
import { culturesOf, stockOf } from '../culture-lines/registry';
import { lotAnyTime, type LotAnyTime } from './lot-any-time';
import { inside, quietOf, tempsOf } from '@/shop/lots/lot-inside';
import { lotHours, type LotHours } from '@/shop/lots/lot-hours';
import { trialOffer, type TrialOffer } from '@/shop/trials/trial-offer';
import { whatIfOffer, type WhatIfOffer } from '@/shop/lots/what-if-base';
import { coldPlaceIds, strandOf } from '@/shop/tide/strands';
import type { Moment } from '@/shop/hands/moment';
import type { Strand } from '@/shop/tide/view';
import { curveOf, risesOf, looksOf, nextOn, type LookMark } from './lot-curve';

/** The rise a lot is judged by. */
export interface LotAim {
  /** Set by the baker; null: the table’s. */
  readonly own: number | null;
  /** Rise at its best as things stand. */
  readonly bestRise: number;
  readonly greatest: number;
}

/** One lot, close up. */
export interface LotView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly strand: Strand;
  readonly code: string;
  readonly placeName: string;
  readonly placeC: number;
  readonly massG: number;
  readonly balls: number | null;
  readonly composition: readonly { readonly name: string; readonly massG: number }[];
  readonly curve: Curve;
  readonly early: Curve | null;
  readonly late: Curve | null;
  /** pH and gluten integrity on the curve’s steps. */
  readonly quiet: { readonly ph: readonly number[]; readonly gluten: readonly number[] };
  /** Temperatures of core and place on the curve’s steps, until it was used. */
  readonly temps: { readonly core: readonly number[]; readonly place: readonly number[] };
  /** pH and gluten now, where the lot has been made. */
  readonly phNow: number | null;
  readonly glutenNow: number | null;
  readonly looks: readonly LookMark[];
  readonly hours: LotHours;
  /** Until when balls spring back when opened; null for other kinds. */
  readonly tightUntilMs: number | null;
  /** The baker’s own target rise; null: as the table has it, or ripe by no rise. */
  readonly aim: LotAim | null;
  /** The next moment that takes from this lot. */
  readonly next: Moment | null;
  readonly madeFrom: readonly { readonly lotId: string; readonly name: string }[];
  readonly becomes: readonly { readonly lotId: string; readonly name: string }[];
  readonly offer: WhatIfOffer | null;
  /** What can be tried beside it; null where nothing can any more. */
  readonly trial: TrialOffer | null;
  /** When it was last touched, for a lot that is gone; null for one in sight. Now is that instant then. */
  readonly pastMs: number | null;
  readonly places: readonly { readonly id: string; readonly name: string }[];
  readonly ingredients: readonly { readonly id: string; readonly name: string }[];
  /** When it is frozen best, and where it can be; null where it does not rise, is frozen, or nothing freezes. */
  readonly freeze: (FreezeWhen & { readonly placeIds: readonly string[] }) | null;
  /** Grams left of it now; the composition is as it was made. */
  readonly leftG: number;
  readonly ballsLeft: number | null;
  /** Chains that leftover dough can go to. */
  readonly chains: readonly { readonly id: string; readonly name: string }[];
  /** Why nothing can be forecast about it; null where it is forecast. */
  readonly unknown: string | null;
}

/** Hours shown after the window closes, or after the last mark. */
const AFTER_H = 2;
const LONGEST_H = 96;

/** The close-up of one lot: as it stands, or as it stood when it was last touched; null for one that was never made. */
export function lotView(context: ShopContext, lotId: string): LotView | null {
  const found = lotAnyTime(context, lotId);
  if (found === null) return null;
  const view = viewOfLot(context, found, lotId);
  return found.pastMs === null || view === null ? view : pastLot(view, found, lotId);
}

/** The close-up of a lot of a forecast; null when no such lot is in sight. */
function viewOfLot(
  context: ShopContext,
  { state, forecast }: { readonly state: ShopState; readonly forecast: ShopForecast },
  lotId: string,
): LotView | null {
  const lot = forecast.lots.get(lotId);
  if (lot === undefined) return null;
  const { story } = lot;
  const untilMs = shownUntil(lot, state.nowMs);
  const named = (ids: readonly string[]) =>
    [...new Set(ids)].map((id) => ({
      lotId: id,
      name: forecast.lots.get(id)?.story.lot.name ?? id,
    }));
  const cold = coldPlaceIds(
    state.places.map((place) => ({
      placeId: place.id,
      tempC: placeTempC(state.placeMap, place.id, state.nowMs),
    })),
  );
  const placeId =
    (
      story.stays.find((stay) => stay.toMs === null || stay.toMs > state.nowMs) ??
      story.stays.at(-1)
    )?.placeId ?? '';
  const { shop } = state;
  return {
    units: unitsOf(shop),
    nowMs: state.nowMs,
    strand: strandOf(lot, untilMs, cold),
    code: lotId,
    placeName: state.placeMap.get(placeId)?.name ?? placeId,
    placeC: placeTempC(state.placeMap, placeId, state.nowMs),
    massG: massOf(story.lot.composition),
    balls: story.lot.balls,
    composition: Object.entries(story.lot.composition)
      .filter(([, massG]) => massG > 0)
      .map(([id, massG]) => ({ name: state.pantry.get(id)?.name ?? id, massG })),
    curve: curveOf(lot.run, story.startMs, untilMs),
    early: lot.band === null ? null : curveOf(lot.band.early, story.startMs, untilMs),
    late: lot.band === null ? null : curveOf(lot.band.late, story.startMs, untilMs),
    quiet: quietOf(lot, untilMs),
    temps: tempsOf(lot, state.placeMap, untilMs),
    ...inside(lot, state.nowMs),
    looks: looksOf(lot),
    hours: lotHours(lot, state, forecast.lots),
    tightUntilMs: lot.window.tightUntilMs,
    aim: aimOf(lot),
    next: nextOn(context, lotId, { state, forecast }),
    madeFrom: named(story.lot.madeFrom),
    becomes: named(story.becomes),
    offer: lot.unknown === null ? whatIfOffer(lot, state) : null,
    unknown: lot.unknown,
    trial: trialOffer({ id: lotId, endMs: story.endMs, ...lot.window }, state),
    pastMs: null,
    places: state.places.map(({ id, name }) => ({ id, name })),
    ingredients: [...state.pantry.values()].map(({ id, name }) => ({ id, name })),
    freeze: freezeOf(lot, placeId, state),
    ...leftOf(context, state, lotId),
    chains: culturesOf(context, state)
      .filter((one) => one.kind === 'carry-over' && one.retiredMs === null)
      .map(({ id, name }) => ({ id, name })),
  };
}

/** A lot that is gone: nothing can be done with it any more. */
function pastLot(view: LotView, { state, pastMs }: LotAnyTime, lotId: string): LotView {
  const into = state.folded.done.flatMap(({ act }) => {
    const made = lotMadeBy(act);
    return made !== null && made !== lotId && lotsTouchedBy(act).includes(lotId) ? [act] : [];
  });
  return {
    ...view,
    pastMs,
    offer: null,
    trial: null,
    freeze: null,
    chains: [],
    leftG: 0,
    becomes: into.map((act) => ({
      lotId: lotMadeBy(act) ?? '',
      name: 'name' in act ? act.name : '',
    })),
  };
}

/** When a lot that is not frozen yet is frozen best, in a shop that freezes. */
function freezeOf(lot: LotForecast, placeId: string, state: ShopState): LotView['freeze'] {
  const placeIds = state.places
    .filter(({ id }) => placeKind(placeTempC(state.placeMap, id, state.nowMs)) === 'freezer')
    .map(({ id }) => id);
  if (placeIds.length === 0 || placeIds.includes(placeId) || lot.unknown !== null) return null;
  const when = freezeWhen(lot, state.nowMs);
  return when === null ? null : { ...when, placeIds };
}

/** What is left of a lot now. */
function leftOf(context: ShopContext, state: ShopState, lotId: string) {
  const lot = stockOf(context, state).get(lotId);
  return lot === undefined
    ? { leftG: 0, ballsLeft: null }
    : { leftG: massOf(lot.composition), ballsLeft: lot.balls };
}

/** The target of a lot that is ripe by a rise; null for any other. */
function aimOf({ story, window, run }: LotForecast): LotAim | null {
  if (window.by !== 'target') return null;
  const own = story.aims.at(-1)?.targetRise ?? null;
  const hour = window.bestMs === null ? null : hoursBetween(story.startMs, window.bestMs);
  const bestRise = hour === null ? window.peakRise : valueAtHour(risesOf(run), hour);
  const round = (rise: number) => Math.round(rise * 100) / 100;
  return { own, bestRise: round(bestRise), greatest: Math.floor(window.peakRise * 100) / 100 };
}

function shownUntil(lot: LotForecast, nowMs: number): number {
  const { closesMs, bestMs, opensMs } = lot.window;
  const last = Math.max(
    closesMs ?? bestMs ?? opensMs ?? 0,
    lot.story.startMs,
    Math.min(nowMs, lot.story.endMs ?? nowMs),
  );
  return Math.min(addHours(last, AFTER_H), addHours(lot.story.startMs, LONGEST_H));
}
