import { BAKERS_YEAST, forecastShop, LEAVENED_DOUGHS } from '@/core/forecast';
import type { ActOf } from '@/core/journal';
import { valueAtHour } from '@/core/ripeness';
import { hoursBetween } from '@/core/units';

import type { ShopContext } from '../context';
import { batchOf, writeEntries } from '../journal/entries';
import { loadShop } from '../shop/load-shop';

/** How fast the demo’s cultures and doughs truly are: its starter is a fifth slower than the book, its doughs a little. */
export const DEMO_TRUTH = new Map([
  ['grusa', { speed: 0.8, lnSd: 0.1 }],
  [BAKERS_YEAST, { speed: 1.02, lnSd: 0.1 }],
  [LEAVENED_DOUGHS, { speed: 0.94, lnSd: 0.1 }],
]);

/** A look to be taken: where, when, and by how much the eye misreads the rise. */
export interface DemoLook {
  readonly lotId: string;
  readonly atMs: number;
  readonly misread: number;
  readonly smell?: 'mild' | 'fruity';
}

/** Writes a look with the rise that the lot truly had, as the demo’s truth has it, misread a little. */
export function takeDemoLook(context: ShopContext, look: DemoLook): void {
  const state = loadShop(context);
  const made = state.folded.done.filter(({ act }) => act.kind !== 'look');
  const lot = forecastShop({
    folded: { done: made, plan: [] },
    nowMs: look.atMs,
    visibleFromMs: look.atMs,
    places: state.placeMap,
    pantry: state.pantry,
    cultureSpeeds: DEMO_TRUTH,
    withBands: false,
  }).lots.get(look.lotId);
  if (lot === undefined) return;
  const { run, story } = lot;
  const level = valueAtHour(
    { hours: run.hours, length: run.length, at: (row) => run.rises[row] ?? 1 },
    hoursBetween(story.startMs, look.atMs),
  );
  const rise = Math.round((1 + (level - 1) * (1 + look.misread)) * 20) / 20;
  const signs = {
    rise,
    dome: 'domed' as const,
    ...(look.smell === undefined ? {} : { smell: look.smell }),
  };
  const body: ActOf<'look'> = { kind: 'look', lotId: look.lotId, signs };
  const draft = { atMs: look.atMs, tense: 'done' as const, body, by: 'Maren' };
  writeEntries(context, batchOf(context, context.newId(), [draft]));
}
