import { tr } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { codesFirst } from '@/core/cautions';
import { traceDay, type TraceLot, type TraceUse } from '@/core/journal';
import { z } from '@/core/parse';
import { atWallMinute, fromLocalText, toLocalText, type ShopUnits, unitsOf } from '@/core/units';
import { listBakeNames, listFlourLots, type FlourLot } from '@/data';
import type { ShopContext } from '../context';
import { wholeJournal } from '../journal/journal-memory';
import { loadShop } from '../shop/load-shop';

/** A lot of the trace of a day as it is read. */
export interface DayLot {
  readonly lotId: string;
  readonly name: string;
  readonly kind: string;
  readonly madeMs: number;
  readonly by: string | null;
  readonly weighed: readonly {
    readonly name: string;
    readonly massG: number;
    /** What stood on the sack that was open; null where none was noted, or it is no flour. */
    readonly sack: string | null;
  }[];
  readonly from: readonly string[];
  readonly into: readonly string[];
}

/** Balls of a service. */
export interface DaySale {
  readonly bakeId: string | null;
  readonly name: string;
  readonly atMs: number;
  readonly balls: number;
  readonly lotIds: readonly string[];
}

/** A day traced back to the flour and on to where its lots were sold. */
export interface DayTraceView {
  readonly shopName: string;
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly codesFirst: string;
  /** "2026-11-26" by the shop’s wall clock. */
  readonly day: string;
  readonly dayMs: number;
  /** Why it is another day than the one asked for; null where it is that day. */
  readonly remark: string | null;
  readonly before: string;
  readonly after: string | null;
  readonly sold: readonly DaySale[];
  readonly back: readonly DayLot[];
  readonly older: readonly string[];
  readonly on: readonly DayLot[];
  readonly soldLater: readonly DaySale[];
}

const daySchema = z.iso.date();

/** The trace of a day; of today where none, or none that can be, is asked for. */
export function dayTraceView(context: ShopContext, asked: string | undefined): DayTraceView {
  const state = loadShop(context);
  const { shop, nowMs } = state;
  const zone = shop.timeZone;
  const dayOf = (atMs: number) => toLocalText(atMs, zone).slice(0, 10);
  const today = dayOf(nowMs);
  const parsed = daySchema.safeParse(asked ?? today);
  const wrong = !parsed.success || parsed.data > today;
  const day = wrong ? today : parsed.data;
  const dayMs = fromLocalText(`${day}T00:00`, zone);
  const toMs = atWallMinute(dayMs, 1, 0, zone);
  const trace = traceDay(journalBefore(context, state, dayMs), { fromMs: dayMs, toMs });
  const sacks = listFlourLots(context.db);
  const read = (lot: TraceLot) => dayLot(lot, state, sacks);
  return {
    shopName: shop.name,
    units: unitsOf(shop),
    nowMs,
    codesFirst: codesFirst(),
    day,
    dayMs,
    remark: wrong
      ? tr`Day: “${asked ?? ''}” is not possible. Allowed: a day up to today, for example ${today}.`
      : null,
    before: dayOf(atWallMinute(dayMs, -1, 0, zone)),
    after: day === today ? null : dayOf(toMs),
    sold: salesOf(context, trace.sold),
    back: trace.back.map(read),
    older: trace.older,
    on: trace.on.map(read),
    soldLater: salesOf(context, trace.soldLater),
  };
}

/** A lot of a day may descend from others of weeks before. */
const FOREBEARS_MS = 60 * 24 * 3_600_000;

function journalBefore(context: ShopContext, state: ShopState, dayMs: number) {
  const firstMs = state.folded.done[0]?.atMs ?? state.nowMs;
  return dayMs - FOREBEARS_MS < firstMs ? wholeJournal(context).done : state.folded.done;
}

function dayLot(lot: TraceLot, { pantry }: ShopState, sacks: readonly FlourLot[]): DayLot {
  const { lotId, name, kind, madeMs, by, from, into } = lot;
  const weighed = lot.weighed.map(({ ingredientId, massG }) => ({
    name: pantry.get(ingredientId)?.name ?? ingredientId,
    massG,
    sack:
      sacks.filter((one) => one.flourId === ingredientId && one.fromMs <= madeMs).at(-1)?.code ??
      null,
  }));
  return { lotId, name, kind, madeMs, by, weighed, from, into };
}

/** Services that balls were used in, each once. */
function salesOf(context: ShopContext, uses: readonly TraceUse[]): DaySale[] {
  const ids = [...new Set(uses.flatMap((one) => one.bakeId ?? []))];
  const names = listBakeNames(context.db, ids);
  return [...new Set(uses.map((one) => one.bakeId))].map((bakeId) => {
    const own = uses.filter((one) => one.bakeId === bakeId);
    return {
      bakeId,
      name: bakeId === null ? tr`without a service` : (names.get(bakeId) ?? bakeId),
      atMs: Math.min(...own.map((one) => one.atMs)),
      balls: own.reduce((sum, one) => sum + one.count, 0),
      lotIds: [...new Set(own.map((one) => one.lotId))],
    };
  });
}
