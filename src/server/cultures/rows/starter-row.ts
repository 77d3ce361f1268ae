import type { ShopState } from '@/shop/state';
import { slowerThanItself, type Culture, type PaceNotice } from '@/core/cultures';
import type { LotForecast } from '@/core/forecast';
import { isAct, type Lot } from '@/core/journal';
import { STATE_SIZE, X } from '@/core/kinetics';
import { rowAtHour } from '@/core/ripeness';
import { addHours, hoursBetween } from '@/core/units';

import { coldPlaceIds, strandOf } from '@/shop/tide/strands';
import type { Strand } from '@/shop/tide/view';
import { feedsOf, historyOf, pacesOf } from '../../culture-lines/history';
import { currentJar, gramsOf } from '../../culture-lines/registry';
import { tempNow, type Of } from './of';

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
  /** Noticed from its own looks: slower than it used to be. */
  readonly slower: PaceNotice | null;
  /** True in its first days, or woken from dry: nothing is forecast yet. */
  readonly young: boolean;
}

/** When a culture is to be fed. */
export interface FeedDue {
  readonly atMs: number;
  /** Planned by the baker or by itself; otherwise by its rhythm. */
  readonly planned: boolean;
  /** Hours by which it is late; 0 while it is not. */
  readonly lateH: number;
}

/** A starter with its last hours. */
export function starterRow(culture: Culture, of: Of): StarterRow {
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
    young: jar?.story.start.kind === 'make' && jar.story.start.young === true,
    due: dueOf(culture, lot, state),
    slower: slowerThanItself(pacesOf(feedsOf(historyOf(of.context, state), culture.id))),
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
