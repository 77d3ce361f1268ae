import { toLocalText } from '@/core/units';
import { listDemands, oneShop } from '@/data';
import { occurrencesOf } from '@/shop/plan/occurrences';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';

/** So far ahead a day can be chosen with its services told. */
const DAYS_MS = 21 * 24 * 3_600_000;

/** The services of the days to come, by the day on which each begins: "2026-11-27" → its names. */
export function servicesByDay(context: ShopContext): Readonly<Record<string, readonly string[]>> {
  const { timeZone } = oneShop(context.db);
  const { nowMs } = context.clock();
  const span = { fromMs: nowMs, toMs: nowMs + DAYS_MS };
  const asked = occurrencesOf(listDemands(context.db), span, timeZone);
  const baked = bakesInSight(context).filter(
    (bake) => bake.demandId == null && bake.readyToMs > nowMs && bake.readyFromMs < span.toMs,
  );
  const days: Record<string, string[]> = {};
  for (const { name, readyFromMs } of [...asked, ...baked]) {
    const day = toLocalText(readyFromMs, timeZone).slice(0, 10);
    (days[day] ??= []).push(name);
  }
  return days;
}
