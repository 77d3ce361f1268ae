import { type ShopState } from '@/shop/state';
import { compareLots, type ComparedLots, type ComparedRun } from '@/core/compare';
import type { LotForecast } from '@/core/forecast';
import { lotMadeBy } from '@/core/journal';
import { valueAtHour, type LotKind } from '@/core/ripeness';
import { hoursBetween, MS_PER_HOUR, type ShopUnits, unitsOf } from '@/core/units';
import type { ShopContext } from '../context';
import { lotAnyTime, type LotAnyTime } from '../lots/lot-any-time';
import { loadShop } from '../shop/load-shop';
import { lookWords } from '@/shop/lots/sign-words';
import type { LevelPoint } from './compared-bake';

/** A lot that can be laid beside others. */
export interface LotChoice {
  readonly lotId: string;
  readonly name: string;
  readonly kind: LotKind;
  readonly madeMs: number;
}

/** One lot as it is laid beside others. */
export interface LotBeside extends LotChoice {
  readonly usedMs: number | null;
  /** Levels in hours since it was made, until it was used, or until its window closes. */
  readonly level: readonly LevelPoint[];
  readonly looks: readonly LevelPoint[];
  /** Hours since it was made at which it is ripe, best, past; null where there is none. */
  readonly window: readonly [opensH: number | null, bestH: number | null, closesH: number | null];
  readonly usedH: number | null;
  readonly lastLook: string | null;
}

/** Two to four lots side by side. */
export interface LotsView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly lots: readonly LotBeside[];
  /** Codes that were asked for and that no lot has. */
  readonly missing: readonly string[];
  readonly compared: ComparedLots;
  /** Lots that can be laid beside them: of the same kind first, the newest first. */
  readonly others: readonly LotChoice[];
}

const MOST = 4;
const OTHERS = 60;
const STEP_H = 0.25;
const AFTER_H = 1;

/** Lots laid beside each other, each as it ran with its looks; those that were never made are left out. */
export function lotsView(context: ShopContext, lotIds: readonly string[]): LotsView {
  const state = loadShop(context);
  const { shop, nowMs } = state;
  const found = [...new Set(lotIds)].slice(0, MOST).flatMap((lotId) => {
    const one = lotAnyTime(context, lotId);
    return one === null ? [] : [one];
  });
  const [first] = found;
  return {
    units: unitsOf(shop),
    nowMs,
    lots: found.map((one) => beside(one, nowMs)),
    missing: lotIds
      .filter((id) => !found.some(({ lot }) => lot.story.lot.id === id))
      .slice(0, MOST),
    compared: compareLots(
      found.map((one) => runOf(one)),
      { places: (first?.state ?? state).placeMap, pantry: (first?.state ?? state).pantry },
    ),
    others: othersOf(
      state,
      found.map(({ lot }) => lot),
    ),
  };
}

/** When a lot was used up: taken by something done; null where it still stands. */
function usedMs({ lot, pastMs, state }: LotAnyTime): number | null {
  const endMs = lot.story.endMs ?? pastMs;
  return endMs === null || endMs > state.nowMs ? null : endMs;
}

function runOf(one: LotAnyTime): ComparedRun {
  const { lot, state } = one;
  const made = state.folded.done.find(({ act }) => lotMadeBy(act) === lot.story.lot.id);
  return { lot, untilMs: usedMs(one) ?? lot.story.endMs, madeBy: made?.by ?? null };
}

function beside(one: LotAnyTime, nowMs: number): LotBeside {
  const { lot } = one;
  const { startMs, looks } = lot.story;
  const used = usedMs(one);
  const hour = (atMs: number | null) => (atMs === null ? null : hoursBetween(startMs, atMs));
  const { opensMs, bestMs, closesMs } = lot.window;
  const shownMs = used ?? Math.max(nowMs, closesMs ?? bestMs ?? opensMs ?? nowMs);
  const last = looks.at(-1);
  return {
    ...choiceOf(lot),
    usedMs: used,
    level: levelOf(lot, hoursBetween(startMs, shownMs) + (used === null ? AFTER_H : 0)),
    looks: looks.flatMap(({ atMs, signs }): LevelPoint[] =>
      signs.rise === undefined ? [] : [[hoursBetween(startMs, atMs), signs.rise]],
    ),
    window: [hour(opensMs), hour(bestMs), hour(closesMs)],
    usedH: hour(used),
    lastLook: last === undefined ? null : lookWords(last.signs).join(', '),
  };
}

const choiceOf = ({ story }: LotForecast): LotChoice => ({
  lotId: story.lot.id,
  name: story.lot.name,
  kind: story.lot.kind,
  madeMs: story.startMs,
});

function levelOf({ run }: LotForecast, untilH: number): LevelPoint[] {
  const rises = { hours: run.hours, length: run.length, at: (row: number) => run.rises[row] ?? 1 };
  const lastH = Math.min(untilH, run.hours[run.length - 1] ?? 0);
  const count = Math.max(1, Math.ceil(lastH / STEP_H));
  return Array.from({ length: count + 1 }, (_, i): LevelPoint => {
    const hour = Math.min(lastH, i * STEP_H);
    return [hour, valueAtHour(rises, hour)];
  });
}

const DAYS_BACK_MS = 60 * 24 * MS_PER_HOUR;

function othersOf({ folded, nowMs }: ShopState, chosen: readonly LotForecast[]): LotChoice[] {
  const ids = new Set(chosen.map(({ story }) => story.lot.id));
  const kinds = new Set(chosen.map(({ story }) => story.lot.kind));
  const made = folded.done.flatMap(({ act, atMs }): LotChoice[] => {
    const lotId = lotMadeBy(act);
    if (lotId === null || ids.has(lotId) || atMs < nowMs - DAYS_BACK_MS) return [];
    if (act.kind === 'make') return [{ lotId, name: act.name, kind: act.lotKind, madeMs: atMs }];
    if (act.kind !== 'divide') return [];
    return [{ lotId, name: act.name, kind: 'balls', madeMs: atMs }];
  });
  return made
    .sort((a, b) => Number(kinds.has(b.kind)) - Number(kinds.has(a.kind)) || b.madeMs - a.madeMs)
    .slice(0, OTHERS);
}
