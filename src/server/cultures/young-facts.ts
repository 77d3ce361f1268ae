import type { ShopState } from '@/shop/state';
import {
  PEAK_RISE,
  PEAKS_TO_LIVE,
  youngSchedule,
  type Culture,
  type YoungDay,
} from '@/core/cultures';
import { isAct, type DoneAct, type Lot } from '@/core/journal';
import { unitsOf, type ShopUnits } from '@/core/units';
import { floursIn, type NamedFlour } from '@/shop/facts';

import { currentJar, gramsOf } from '../culture-lines/registry';
import { placesNow, type Of, type PlaceNow } from './rows/of';

/** A culture in its first days, or woken from dry: a schedule instead of a forecast. */
export interface YoungFacts {
  readonly culture: Culture;
  readonly nowMs: number;
  readonly units: ShopUnits;
  readonly begunMs: number;
  /** Null while nothing was mixed. */
  readonly lotId: string | null;
  readonly massG: number;
  readonly wokenFromDry: boolean;
  readonly peaksSeen: number;
  readonly peaksToLive: number;
  readonly days: readonly YoungDay[];
  readonly flours: readonly NamedFlour[];
  readonly places: readonly PlaceNow[];
}

/** What a culture in its first days needs; null for one that is alive. */
export function youngFacts(of: Of, culture: Culture): YoungFacts | null {
  const { state, stock } = of;
  const jar = currentJar(stock, culture.id);
  const begunMs = youngSince(state, culture, jar);
  if (begunMs === null) return null;
  const { shop } = state;
  return {
    culture,
    nowMs: state.nowMs,
    units: unitsOf(shop),
    begunMs,
    lotId: jar?.id ?? null,
    massG: jar === null ? 0 : gramsOf(jar),
    wokenFromDry: jar?.dried === true || culture.begunMs === null,
    peaksSeen: peaksSeen(state, culture.id, begunMs),
    peaksToLive: PEAKS_TO_LIVE,
    days: youngSchedule(begunMs),
    flours: floursIn(state.pantry),
    places: placesNow(of),
  };
}

/** True when the next feed of a jar is one of a culture of which nothing is known yet. */
export function isFedYoung(state: ShopState, culture: Culture, jar: Lot): boolean {
  return youngSince(state, culture, jar) !== null;
}

/** Since when a culture is young; null for one that lives. */
function youngSince(state: ShopState, culture: Culture, jar: Lot | null): number | null {
  if (jar?.dried === true) return state.nowMs;
  const last = lastMaking(state.folded.done, culture.id);
  if (last === undefined) {
    return culture.begunMs !== null && jar === null ? state.nowMs : null;
  }
  if (!isAct(last.act, 'make') || last.act.young !== true) return null;
  const fromMs = firstYoungMs(state.folded.done, culture.id);
  return peaksSeen(state, culture.id, fromMs) >= PEAKS_TO_LIVE ? null : fromMs;
}

function lastMaking(done: readonly DoneAct[], cultureId: string): DoneAct | undefined {
  return done.findLast(({ act }) => isAct(act, 'make') && act.cultureId === cultureId);
}

/** When the run of young feeds that still goes on began. */
function firstYoungMs(done: readonly DoneAct[], cultureId: string): number {
  let fromMs = Infinity;
  for (const { act, atMs } of [...done].reverse()) {
    if (!isAct(act, 'make') || act.cultureId !== cultureId) continue;
    if (act.young !== true) break;
    fromMs = atMs;
  }
  return fromMs;
}

/** Lots of a culture that were seen at a peak since an instant. */
export function peaksSeen(state: ShopState, cultureId: string, fromMs: number): number {
  const own = new Set(
    state.folded.done.flatMap(({ act, atMs }) =>
      isAct(act, 'make') && act.cultureId === cultureId && atMs >= fromMs ? [act.lotId] : [],
    ),
  );
  const peaked = state.folded.done.flatMap(({ act }) =>
    isAct(act, 'look') && own.has(act.lotId) && (act.signs.rise ?? 0) >= PEAK_RISE
      ? [act.lotId]
      : [],
  );
  return new Set(peaked).size;
}
