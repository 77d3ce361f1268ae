import { isStarter, type Culture } from '@/core/cultures';
import { placeTempC, type LotForecast, type ShopForecast } from '@/core/forecast';
import { isAct, isUsedUp, type Lot } from '@/core/journal';
import { STATE_SIZE, X } from '@/core/kinetics';
import { rowAtHour } from '@/core/ripeness';
import { addHours, hoursBetween, MS_PER_HOUR, type ShopUnits } from '@/core/units';
import type { ShopContext } from '../context';
import { forecastState, loadShop, type ShopState } from '../shop-state';
import { coldPlaceIds, strandOf } from '../tide/strands';
import type { Strand } from '../tide/view';
import { feedFacts, type FeedFacts } from './feed-facts';
import { currentJar, culturesOf, gramsOf, lotsOfCulture, stockOf } from './registry';

/** Hours of the past that a row shows. */
export const ROW_PAST_H = 34;

/** How ripe a jar is now. */
export type Ripeness = 'under' | 'rising' | 'ripe' | 'past';

/** A starter with its last hours. */
export interface StarterRow {
  readonly culture: Culture;
  readonly lotId: string | null;
  readonly massG: number;
  readonly placeName: string;
  readonly placeC: number;
  readonly ripeness: Ripeness | null;
  readonly opensMs: number | null;
  readonly bestMs: number | null;
  readonly closesMs: number | null;
  /** Its lots of the last hours, oldest first. */
  readonly strands: readonly Strand[];
  readonly looks: readonly { readonly atMs: number; readonly rise: number }[];
  readonly due: FeedDue | null;
  /** Activity of its yeast now over that at its best; null before its best. */
  readonly vigour: number | null;
}

/** When a culture is to be fed. */
export interface FeedDue {
  readonly atMs: number;
  /** Planned by the baker or by itself; otherwise by its rhythm. */
  readonly planned: boolean;
  /** Hours by which it is late; 0 while it is not. */
  readonly lateH: number;
}

/** A chain of carry-over dough. */
export interface ChainRow {
  readonly culture: Culture;
  readonly lots: readonly KeptLot[];
  /** Refreshes of the last hours. */
  readonly refreshes: readonly { readonly atMs: number; readonly generation: number }[];
  readonly generation: number;
  readonly saltShare: number | null;
  readonly endsMs: number | null;
}

/** A lot that is kept for later. */
export interface KeptLot {
  readonly lotId: string;
  readonly name: string;
  readonly massG: number;
  readonly madeAtMs: number;
  readonly placeName: string;
  readonly endsMs: number | null;
}

/** A jar that collects discard. */
export interface DiscardRow {
  readonly culture: Culture;
  readonly nowG: number;
  /** Its layers, oldest first. */
  readonly layers: readonly KeptLot[];
  /** Grams over the last hours. */
  readonly fill: readonly { readonly atMs: number; readonly massG: number }[];
}

/** Something in the freezer. */
export interface FrozenRow extends KeptLot {
  readonly flatMm: number | null;
  readonly days: number;
  readonly keepsDays: number;
  readonly cultureName: string | null;
}

/** The cultures and what is kept of them. */
export interface CulturesView {
  readonly nowMs: number;
  readonly units: ShopUnits;
  readonly shopName: string;
  readonly starters: readonly StarterRow[];
  readonly chains: readonly ChainRow[];
  readonly discards: readonly DiscardRow[];
  readonly frozen: readonly FrozenRow[];
  readonly retired: readonly Culture[];
  /** Of the opened starter; null where none is opened or nothing of it is left. */
  readonly facts: FeedFacts | null;
  readonly openedId: string | null;
}

/** Days that frozen dough and cultures are kept. Set: raising power is halved long before. */
const FROZEN_KEEPS_DAYS = 180;
const MS_PER_DAY = 24 * MS_PER_HOUR;
/** Temperature at and under which a place is a freezer, °C. */
const FREEZER_C = -5;

/** The cultures of the shop, with the facts of the opened one’s feed. */
export function culturesView(context: ShopContext, openedId: string | null): CulturesView {
  const state = loadShop(context);
  const forecast = forecastState(context, state);
  const all = culturesOf(context, state);
  const alive = all.filter((culture) => culture.retiredMs === null);
  const of = { context, state, forecast, stock: stockOf(context, state), cultures: all };
  const opened = alive.find((one) => one.id === openedId) ?? null;
  const { shop } = state;
  return {
    nowMs: state.nowMs,
    units: { timeZone: shop.timeZone, massUnit: shop.massUnit, tempUnit: shop.tempUnit },
    shopName: shop.name,
    starters: alive.filter(isStarter).map((culture) => starterRow(culture, of)),
    chains: alive.filter((one) => one.kind === 'carry-over').map((one) => chainRow(one, of)),
    discards: alive.filter((one) => one.kind === 'discard').map((one) => discardRow(one, of)),
    frozen: frozenRows(of),
    retired: all.filter((culture) => culture.retiredMs !== null),
    facts: opened === null ? null : feedFacts(context, state, forecast, opened),
    openedId: opened?.id ?? null,
  };
}

interface Of {
  readonly context: ShopContext;
  readonly state: ShopState;
  readonly forecast: ShopForecast;
  readonly stock: ReadonlyMap<string, Lot>;
  readonly cultures: readonly Culture[];
}

function starterRow(culture: Culture, of: Of): StarterRow {
  const { state, forecast, stock } = of;
  const lot = currentJar(stock, culture.id);
  const jar = lot === null ? undefined : forecast.lots.get(lot.id);
  const placeId = lot?.placeId ?? culture.placeId;
  const fromMs = addHours(state.nowMs, -ROW_PAST_H);
  const cold = coldPlaceIds(
    state.places.map(({ id }) => ({ placeId: id, tempC: tempNow(state, id) })),
  );
  const strands = [...forecast.lots.values()]
    .filter(({ story }) => isOfLine(story, culture.id))
    .filter(({ story }) => story.endMs === null || story.endMs > fromMs)
    .sort((a, b) => a.story.startMs - b.story.startMs);
  return {
    culture,
    lotId: lot?.id ?? null,
    massG: lot === null ? 0 : gramsOf(lot),
    placeName: state.placeMap.get(placeId)?.name ?? '',
    placeC: tempNow(state, placeId),
    ...standingNow(jar, state.nowMs),
    strands: strands.map((one) => strandOf(one, state.nowMs, cold)),
    looks: strands.flatMap(({ story }) =>
      story.looks.flatMap((look) =>
        look.signs.rise === undefined || look.atMs < fromMs
          ? []
          : [{ atMs: look.atMs, rise: look.signs.rise }],
      ),
    ),
    due: dueOf(culture, lot, state),
  };
}

/** How the jar stands now. */
function standingNow(
  jar: LotForecast | undefined,
  nowMs: number,
): Pick<StarterRow, 'ripeness' | 'opensMs' | 'bestMs' | 'closesMs' | 'vigour'> {
  if (jar === undefined) {
    return { ripeness: null, opensMs: null, bestMs: null, closesMs: null, vigour: null };
  }
  const { opensMs, bestMs, closesMs } = jar.window;
  const ripeness = ripenessOf(jar, nowMs);
  return { ripeness, opensMs, bestMs, closesMs, vigour: vigourOf(jar, nowMs) };
}

/** True for what was fed of a culture: bags and layers of discard are kept apart. */
function isOfLine({ lot, tense }: LotForecast['story'], cultureId: string): boolean {
  return lot.cultureId === cultureId && tense === 'done' && !lot.part;
}

/** How ripe a lot is at an instant. */
export function ripenessOf({ window }: LotForecast, nowMs: number): Ripeness {
  if (window.closesMs !== null && nowMs > window.closesMs) return 'past';
  if (window.opensMs === null) return 'under';
  if (nowMs >= window.opensMs) return 'ripe';
  return 'rising';
}

function dueOf(culture: Culture, lot: Lot | null, state: ShopState): FeedDue | null {
  const step = state.folded.plan.find(
    ({ act }) => isAct(act, 'make') && act.cultureId === culture.id,
  );
  if (step === undefined && lot === null) return null;
  const atMs = step?.atMs ?? addHours(lot?.madeAtMs ?? state.nowMs, culture.everyH);
  const lateH = Math.max(0, hoursBetween(atMs, state.nowMs));
  return { atMs, planned: step !== undefined, lateH };
}

/** Activity of the yeast now over that at the lot’s best. */
function vigourOf({ run, story, window }: LotForecast, nowMs: number): number | null {
  const bestMs = window.bestMs ?? window.closesMs;
  if (bestMs === null || nowMs <= bestMs) return null;
  const at = (ms: number) =>
    run.states[
      rowAtHour(run.hours, run.length, hoursBetween(story.startMs, ms)) * STATE_SIZE + X.yeastW
    ] ?? 0;
  const best = at(bestMs);
  return best > 0 ? at(nowMs) / best : null;
}

function kept(lot: Lot, keepsDays: number | null, state: ShopState): KeptLot {
  return {
    lotId: lot.id,
    name: lot.name,
    massG: gramsOf(lot),
    madeAtMs: lot.madeAtMs,
    placeName: state.placeMap.get(lot.placeId)?.name ?? lot.placeId,
    endsMs: keepsDays === null ? null : lot.madeAtMs + keepsDays * MS_PER_DAY,
  };
}

function chainRow(culture: Culture, of: Of): ChainRow {
  const { state, stock } = of;
  const lots = lotsOfCulture(stock, culture.id).filter((lot) => !isFrozen(lot, of));
  const made = [...stock.values()]
    .filter((lot) => lot.cultureId === culture.id && !lot.part)
    .sort((a, b) => a.madeAtMs - b.madeAtMs);
  const youngest = lots[0];
  const ends = lots.flatMap((lot) => kept(lot, culture.keepsDays, state).endsMs ?? []);
  return {
    culture,
    lots: lots.map((lot) => kept(lot, culture.keepsDays, state)),
    refreshes: made
      .map((lot, index) => ({ atMs: lot.madeAtMs, generation: index + 1 }))
      .filter((one) => one.atMs > addHours(state.nowMs, -ROW_PAST_H)),
    generation: made.length,
    saltShare: youngest === undefined ? null : saltShareOf(youngest, state),
    endsMs: ends.length === 0 ? null : Math.min(...ends),
  };
}

function saltShareOf(lot: Lot, state: ShopState): number | null {
  let saltG = 0;
  let flourG = 0;
  for (const [id, massG] of Object.entries(lot.composition)) {
    const kind = state.pantry.get(id)?.kind;
    if (kind === 'salt') saltG += massG;
    if (kind === 'flour') flourG += massG;
  }
  return flourG > 0 ? saltG / flourG : null;
}

function discardRow(culture: Culture, of: Of): DiscardRow {
  const { state, stock } = of;
  const layers = lotsOfCulture(stock, culture.id)
    .filter((lot) => !isFrozen(lot, of))
    .reverse();
  const fromMs = addHours(state.nowMs, -ROW_PAST_H);
  let sum = 0;
  const fill = layers.map((lot) => {
    sum += gramsOf(lot);
    return { atMs: Math.max(fromMs, lot.madeAtMs), massG: sum };
  });
  return {
    culture,
    nowG: sum,
    layers: layers.map((lot) => kept(lot, culture.keepsDays, state)),
    fill,
  };
}

function isFrozen(lot: Lot, { state }: Of): boolean {
  return tempNow(state, lot.placeId) <= FREEZER_C;
}

const tempNow = (state: ShopState, placeId: string) =>
  placeTempC(state.placeMap, placeId, state.nowMs);

function frozenRows(of: Of): FrozenRow[] {
  const { state, stock, cultures } = of;
  return [...stock.values()]
    .filter((lot) => !isUsedUp(lot) && isFrozen(lot, of))
    .sort((a, b) => a.madeAtMs - b.madeAtMs)
    .map((lot) => ({
      ...kept(lot, FROZEN_KEEPS_DAYS, state),
      flatMm: lot.flatMm,
      days: Math.floor((state.nowMs - lot.madeAtMs) / MS_PER_DAY),
      keepsDays: FROZEN_KEEPS_DAYS,
      cultureName: cultures.find((one) => one.id === lot.cultureId)?.name ?? null,
    }));
}
