import { mixParts, shopStories } from '@/core/forecast';
import { isAct, type Act } from '@/core/journal';
import { doughTemperatureC, waterFor } from '@/core/thermal';
import { MS_PER_HOUR } from '@/core/units';

import type { ShopContext } from '../context';
import { batchOf, type EntryDraft, writeEntries } from '../journal/entries';
import { loadShop } from '../shop/load-shop';
import type { DemoCalendar } from './demo-time';

/** How the demo’s mixer truly warms a dough, °C, and how its hands and thermometers scatter around the truth. */
const TRUE_MIXER_C = 4.2;
const SCATTER = [0.3, -0.4, 0.1, 0.5, -0.2];

/** What the demo’s hands measure at a step: water and dough at a mix, the weight of the balls. */
export function demoMeasures(context: ShopContext, act: Act, atMs: number): object {
  const scatter = SCATTER[Math.floor(atMs / MS_PER_HOUR) % SCATTER.length] ?? 0;
  if (isAct(act, 'divide')) return { grams: { ball: act.ballG - (scatter > 0 ? 2 : 0) } };
  if (!isAct(act, 'make') || act.lotKind !== 'dough') return {};
  const state = loadShop(context);
  const stories = shopStories(state.folded, atMs);
  const shop = { places: state.placeMap, pantry: state.pantry };
  const { parts, waterG } = mixParts(act, atMs, stories, shop);
  const mixingC = state.learned.mixerHeat.mean;
  const proposed = waterFor({ aimC: act.startC, parts, waterG, mixingC, tapC: state.shop.tapC });
  const waterC = Math.round(proposed.waterC);
  const { iceG } = proposed;
  const measuredC = doughTemperatureC(parts, { waterG, waterC, iceG }, TRUE_MIXER_C) + scatter;
  return { waterC, iceG, tempC: Math.round(measuredC * 2) / 2 };
}

/** The places that have a probe, and how much warmer than set they truly are. */
const PROBES = [
  { placeId: 'fridge', setC: 4, trueOverC: 1.4 },
  { placeId: 'cellar', setC: 16, trueOverC: -0.3 },
] as const;
const READING_DAYS = [-20, -17, -13, -10, -6, -3, -1];

/** Mornings on which the demo’s thermometers were read. */
export function readDemoProbes(context: ShopContext, calendar: DemoCalendar): void {
  const drafts: EntryDraft[] = READING_DAYS.flatMap((day, index) =>
    PROBES.map(({ placeId, setC, trueOverC }, probe) => ({
      atMs: calendar.at(day, '07:10'),
      tense: 'done' as const,
      by: 'Jo',
      body: {
        kind: 'reading' as const,
        placeId,
        tempC: setC + trueOverC + (SCATTER[(index + 2 * probe) % SCATTER.length] ?? 0),
      },
    })),
  );
  for (const draft of drafts) {
    writeEntries(context, batchOf(context, context.newId(), [draft]));
  }
}
