import { EIGHTY_PERCENT, normalBelow } from '../numeric';
import type { RipeWindow } from '../ripeness';
import { hoursBetween } from '../units';
import { type HourBand, type WindowBand } from './band';
import type { LotForecast } from './lot-told';

/**
 * Chance that a lot is inside its ripe window at an hour: that it has opened and not yet closed. The two are taken
 * to move together, as they do when everything runs early or late.
 * @param neverShare share of the runs that never open, 0 where all do
 * @returns 0–1
 */
export function chanceInside(
  window: Pick<RipeWindow, 'opensH' | 'closesH'>,
  band: Pick<WindowBand, 'opensH' | 'closesH'>,
  hour: number,
  neverShare = 0,
): number {
  if (window.opensH === null) return 0;
  const opened = passedBy(hour, window.opensH, band.opensH);
  const closed = window.closesH === null ? 0 : passedBy(hour, window.closesH, band.closesH);
  return Math.max(0, opened - closed) * (1 - neverShare);
}

/**
 * Chance that a lot is ready from one instant to another: opened by the first, not closed by the last. The two are taken
 * to move together, as they do when everything runs early or late.
 * @returns 0–1
 */
export const chanceThrough = (lot: LotForecast, fromMs: number, toMs: number): number =>
  Math.max(0, passedAt(lot, 'opens', fromMs) - passedAt(lot, 'closes', toMs));

/** Chance that a lot has opened, or closed, by an instant. */
function passedAt(
  { window, band, story }: LotForecast,
  moment: 'opens' | 'closes',
  atMs: number,
): number {
  const momentMs = moment === 'opens' ? window.opensMs : window.closesMs;
  if (momentMs === null) return 0;
  const hours = band?.[moment === 'opens' ? 'opensH' : 'closesH'] ?? null;
  return passedBy(hoursBetween(story.startMs, atMs), hoursBetween(story.startMs, momentMs), hours);
}

/** Chance that a moment has passed by an hour, from its median and its 80 % band, each side in ln t. */
function passedBy(hour: number, medianH: number, band: HourBand): number {
  if (hour <= 0) return 0;
  if (band === null || medianH <= 0) return hour >= medianH ? 1 : 0;
  const away = Math.log(hour / medianH);
  const edge = away < 0 ? band[0] : band[1];
  const sd = Math.abs(Math.log(Math.max(edge, 1e-6) / medianH)) / EIGHTY_PERCENT;
  if (sd === 0) return away >= 0 ? 1 : 0;
  return normalBelow(away / sd);
}
