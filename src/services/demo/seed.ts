import { saveDemoClock, type Db } from '@/data';
import type { ShopContext } from '../context';
import { bakeDemoServices, type MovableContext } from './demo-bakes';
import { readDemoProbes } from './demo-measures';
import { keepDemoCultures } from './demo-cultures';
import { furnishDemoShop } from './demo-shop';
import { demoCalendar } from './demo-time';

/**
 * Fills an empty database with the demo shop: three weeks of journal behind its busy Friday, 06:10.
 * @param nowMs any instant of the week it should stand in
 */
export function seedDemo(db: Db, nowMs: number): { startMs: number } {
  const calendar = demoCalendar(nowMs);
  let clockMs = calendar.startMs;
  let ids = 0;
  const base: ShopContext = {
    db,
    clock: () => ({ nowMs: clockMs, rate: 0, demo: true }),
    newId: () => `demo-${String((ids += 1)).padStart(5, '0')}`,
  };
  const context: MovableContext = {
    ...base,
    setNow: (atMs) => {
      clockMs = atMs;
    },
  };
  furnishDemoShop(db, calendar);
  keepDemoCultures(context, calendar);
  readDemoProbes(context, calendar);
  bakeDemoServices(context, calendar);
  saveDemoClock(db, { realMs: nowMs, demoMs: calendar.startMs, rate: 1 });
  return { startMs: calendar.startMs };
}
