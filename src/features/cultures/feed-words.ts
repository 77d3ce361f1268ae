import { tr } from '@/words/tr';
import type { FeedBound, FeedSheet } from '@/core/cultures';
import type { ShopUnits } from '@/core/units';
import { decimals, massText, momentText, NO_BREAK, spanText, splitUnit } from '@/ui/format';

/** "1 : 3.5 : 3.5" from grams. */
export function ratioText(amounts: {
  readonly motherG: number;
  readonly flourG: number;
  readonly waterG: number;
}): string {
  const { motherG, flourG, waterG } = amounts;
  if (motherG <= 0) return '–';
  return `1 : ${decimals(flourG / motherG, 1)} : ${decimals(waterG / motherG, 1)}`;
}

/** "24 + 38 + 38 g": mother, flour and water. */
export function gramsText(
  amounts: { readonly motherG: number; readonly flourG: number; readonly waterG: number },
  units: Pick<ShopUnits, 'massUnit'>,
): string {
  const { motherG, flourG, waterG } = amounts;
  // Whole grams from ten on: it is read at a glance, the weights to weigh stand beside it.
  const whole = (massG: number) =>
    massG < 10 || units.massUnit === 'oz' ? massG : Math.round(massG);
  const parts = [motherG, flourG, waterG].map((massG) => splitUnit(massText(whole(massG), units)));
  return `${parts.map(([digits]) => digits).join(' + ')}${NO_BREAK}${units.massUnit}`;
}

const MS_PER_HOUR = 3_600_000;

/** The verdict of a sheet in words. */
export function verdictText(
  sheet: FeedSheet,
  at: {
    readonly nowMs: number;
    readonly timeZone: string;
    readonly before: string;
    readonly units: Pick<ShopUnits, 'massUnit'>;
  },
): string {
  const ms = sheet.window.bestMs ?? sheet.window.opensMs;
  if (ms === null) return tr`Never ripe there: choose a warmer place.`;
  const ripe = tr`ripe at ${momentText(ms, at.nowMs, at.timeZone)}`;
  if (sheet.bound !== null)
    return `${boundText(sheet.bound, at.units)}: ${ripe}, ${missText(sheet, at.before)}.`;
  return sheet.missedH === null
    ? tr`Found: ${ripe}.`
    : tr`Found: ${ripe}, ${missText(sheet, at.before)}.`;
}

const NEAR_MIN = 1.5;

function missText({ missedH }: FeedSheet, before: string): string {
  if (missedH === null) return tr`as it falls`;
  const minutes = missedH * 60;
  if (Math.abs(minutes) < NEAR_MIN) return tr`just ${before}`;
  return `${spanText(missedH * MS_PER_HOUR)} ${minutes < 0 ? tr`before` : tr`after`} ${before}`;
}

/** What keeps a feed from its wish. */
export function boundText(bound: FeedBound, units: Pick<ShopUnits, 'massUnit'>): string {
  switch (bound.kind) {
    case 'jar too short':
      return tr`${massText(Math.round(bound.wantedG), units)} of mother wanted, ${massText(Math.round(bound.thereG), units)} there, all in`;
    case 'too early':
      return tr`1 : ${decimals(bound.thinnest, 1)} is the thinnest`;
    case 'too late':
      return tr`Cannot be fed stiffer`;
    case 'never ripe':
      return tr`It never ripens there`;
  }
}

/** The hours at which such a feed can be ripe. */
export function feasibleText(
  sheet: FeedSheet,
  at: { readonly nowMs: number; readonly timeZone: string },
): string | null {
  if (sheet.bound === null) return null;
  const { earliestMs, latestMs } = sheet.feasibleMs;
  const text = (ms: number) => momentText(ms, at.nowMs, at.timeZone);
  if (earliestMs !== null && latestMs !== null) {
    return tr`There it can be ripe between ${text(earliestMs)} and ${text(latestMs)}.`;
  }
  if (earliestMs !== null) return tr`There it can be ripe from ${text(earliestMs)} on.`;
  return null;
}
