import { addPrintedLabel, saveDemoClock, type Db } from '@/data';
import { MS_PER_HOUR } from '@/core/units';
import type { ShopContext } from '../context';
import { labelOf } from '../labels/label';
import { askProbes } from '../shop/probes';
import { bakeDemoServices, type MovableContext } from './demo-bakes';
import { readDemoProbes } from './demo-measures';
import { keepDemoCultures } from './demo-cultures';
import { askDemoServices } from './demo-demands';
import { keepDemoMethods } from './demo-methods';
import { scoreDemoBakes } from './demo-scores';
import { furnishDemoShop } from './demo-shop';
import { demoCalendar } from './demo-time';

/** Labels that hang on what is in the freezer and the fridge. */
function printDemoLabels(context: ShopContext): void {
  for (const lotId of ['F-S1', 'C-D7']) {
    const content = labelOf(context, lotId);
    if (content === null) continue;
    addPrintedLabel(context.db, {
      id: context.newId(),
      atMs: context.clock().nowMs - MS_PER_HOUR,
      lotId,
      size: 'roll-62x40',
      copies: 1,
      content,
    });
  }
}

/** The probes’ readings of the last night stand in the journal. */
const PROBES_BACK_MS = 12 * MS_PER_HOUR;

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
  scoreDemoBakes(context, calendar);
  keepDemoMethods(context, calendar);
  askDemoServices(context, calendar);
  context.setNow(calendar.startMs);
  askProbes(context, PROBES_BACK_MS);
  printDemoLabels(context);
  saveDemoClock(db, { realMs: nowMs, demoMs: calendar.startMs, rate: 1 });
  return { startMs: calendar.startMs };
}
