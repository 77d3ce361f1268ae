import { massOf, totals } from '../composition';
import { solveHours, type Inversion, type LotForecast } from '../forecast';
import type { WeighedDose } from '../formula';
import type { ActOf } from '../journal';
import type { WaterAnswer } from '../thermal';
import { hoursBetween } from '../units';
import { curveOf, risingOf, type SheetCurve } from './feed-picture';
import { ripeMs } from './feed';
import { type DiscardDoughQuestion, DoughOf } from './discard-dough-weighed';

/** A dough with discard in it, and what it brings. */
export interface DiscardDough {
  readonly act: ActOf<'make'>;
  readonly atMs: number;
  readonly taken: readonly { readonly lotId: string; readonly massG: number }[];
  readonly flourG: number;
  readonly waterG: number;
  readonly saltG: number;
  readonly oilG: number;
  /** Null where the discard raises it alone. */
  readonly dose: WeighedDose | null;
  readonly totalG: number;
  /** Flour and water that the discard brings, g, and the pH it has. */
  readonly brings: { readonly flourG: number; readonly waterG: number; readonly ph: number };
  readonly window: LotForecast['window'];
  readonly risingMs: number | null;
  readonly curve: SheetCurve;
  readonly water: WaterAnswer | null;
  /** By how much it misses the hour, h; null where it never is ready. */
  readonly missedH: number | null;
  readonly bound: 'too early' | 'too late' | 'never ripe' | null;
}

/** Doses sought, fresh yeast over flour. */
const DOSES = { least: 0.0002, most: 0.03, linear: false } as const;

const SEEKING_STEP_H = 0.1;

/**
 * A dough of so many balls with discard in it: its true flour, water and acid count, and the yeast for the hour is
 * found, or the hour at which the discard alone has raised it.
 * @throws {DomainError} discard-none, discard-too-much
 */
export function discardDough(question: DiscardDoughQuestion): DiscardDough {
  const { pantry, atMs, readyMs, use } = question;
  const dough = new DoughOf(question);
  const wantedH = Math.max(0.25, hoursBetween(atMs, readyMs));
  const hours = (dose: number) => {
    const ms = ripeMs(dough.made(dose, { withBand: false, stepH: SEEKING_STEP_H }).forecast);
    return ms === null ? null : hoursBetween(atMs, ms);
  };
  const found = use === 'flavour' ? solveHours(hours, DOSES, wantedH) : null;
  const doseShare = doseOf(found);
  const weighed = dough.weighed(doseShare);
  const made = dough.made(doseShare, { withBand: true, weighed });
  const ms = ripeMs(made.forecast);
  const bound =
    ms === null
      ? 'never ripe'
      : found?.kind === 'out of range'
        ? found.bound === 'least'
          ? 'too early'
          : 'too late'
        : null;
  const brought = totals(dough.brought, pantry);
  return {
    act: made.act,
    atMs,
    taken: dough.taken,
    ...weighed,
    totalG: massOf(made.forecast.story.lot.composition),
    brings: { flourG: brought.flourG, waterG: brought.waterG, ph: dough.ph },
    window: made.forecast.window,
    risingMs: risingOf(made),
    curve: curveOf(made),
    water: made.water,
    missedH: ms === null ? null : hoursBetween(readyMs, ms),
    bound,
  };
}

/** Dose of an inversion; none where the discard alone is sooner than the hour. */
function doseOf(found: Inversion | null): number {
  if (found === null || (found.kind === 'out of range' && found.bound === 'least')) return 0;
  return found.kind === 'found' ? found.value : found.nearest;
}
