import type { Curve } from '@/shop/lots/curve';
import { WHAT_IF_STEP_H, type WhatIfAnswer } from '@/core/forecast';
import { addHours, MS_PER_HOUR } from '@/core/units';
import type { LotView } from '@/server/lots/lot-view';
import { risingLevel } from '@/shop/tide/strands';
import type { WhatIfOffer } from '@/shop/lots/what-if-base';

type Window = LotView['strand']['window'];

/** The view as it would be: seen curve kept, what comes exchanged for the answer. */
export function withWhatIf(
  view: LotView,
  offer: Pick<WhatIfOffer, 'fromMs'>,
  answer: WhatIfAnswer,
): LotView {
  const { fromMs } = offer;
  const window = windowWith(view.strand.window, fromMs, answer);
  const last = [window.closesMs, window.bestMs, view.next?.atMs, fromMs].map((atMs) => atMs ?? 0);
  const endMs = Math.max(...last) + 2 * MS_PER_HOUR;
  return {
    ...view,
    strand: { ...view.strand, risingMs: risingWith(view, fromMs, answer), window },
    curve: joinedCurve(view.curve, answer.rise, fromMs, endMs),
    early: answer.early.length === 0 ? null : curveFrom(answer.early, fromMs, endMs),
    late: answer.late.length === 0 ? null : curveFrom(answer.late, fromMs, endMs),
    next: view.next === null ? null : nextWith(view.next, window),
  };
}

/** The answer’s window in instants; a lot that was open already stays open since then. */
function windowWith(plan: Window, fromMs: number, { window, band }: WhatIfAnswer): Window {
  const at = (hour: number | null) => (hour === null ? null : addHours(fromMs, hour));
  const span = (hours: readonly [number, number] | null | undefined) =>
    hours == null ? null : ([addHours(fromMs, hours[0]), addHours(fromMs, hours[1])] as const);
  const since = (hour: number | null, plannedMs: number | null) =>
    hour === 0 && plannedMs !== null && plannedMs < fromMs ? plannedMs : at(hour);
  const openAlready = window.opensH === 0 && plan.opensMs !== null && plan.opensMs < fromMs;
  return {
    opensMs: openAlready ? plan.opensMs : at(window.opensH),
    bestMs: at(window.bestH),
    closesMs: at(window.closesH),
    youngMs: since(window.youngH, plan.youngMs),
    primeMs: since(window.primeH, plan.primeMs),
    pastMs: at(window.pastH),
    opensBand: openAlready ? plan.opensBand : span(band?.opensH),
    bestBand: span(band?.bestH),
    closesBand: span(band?.closesH),
  };
}

/** When it counts as rising: as seen, or where the answer’s curve gets there. */
function risingWith(view: LotView, fromMs: number, { window, rise }: WhatIfAnswer): number | null {
  const seen = view.strand.risingMs;
  if (seen !== null && seen < fromMs) return seen;
  const level = risingLevel(window.peakRise);
  const index = rise.findIndex((one) => one >= level);
  return index < 0 ? null : addHours(fromMs, index * WHAT_IF_STEP_H);
}

function nextWith(
  next: NonNullable<LotView['next']>,
  window: Pick<Window, 'opensMs' | 'bestMs' | 'closesMs'>,
): NonNullable<LotView['next']> {
  if (next.offPeakMinutes === null) return next;
  const { opensMs, bestMs, closesMs } = window;
  const within =
    opensMs !== null && opensMs <= next.atMs && (closesMs === null || next.atMs <= closesMs);
  const minutes = bestMs === null ? null : Math.round((next.atMs - bestMs) / 60_000);
  return { ...next, withinWindow: within, offPeakMinutes: minutes };
}

function curveFrom(rise: readonly number[], fromMs: number, endMs: number): Curve {
  const stepMs = WHAT_IF_STEP_H * MS_PER_HOUR;
  const steps = Math.min(rise.length, Math.ceil((endMs - fromMs) / stepMs) + 1);
  return { fromMs, stepMs, rise: rise.slice(0, steps) };
}

/** The seen part of a curve, then the answer, on the curve’s own steps. */
function joinedCurve(seen: Curve, rise: readonly number[], fromMs: number, endMs: number): Curve {
  const steps = Math.ceil((endMs - seen.fromMs) / seen.stepMs) + 1;
  const values = Array.from({ length: steps }, (_, i) => {
    const atMs = seen.fromMs + i * seen.stepMs;
    if (atMs < fromMs) return seen.rise[i] ?? 1;
    const position = (atMs - fromMs) / (WHAT_IF_STEP_H * MS_PER_HOUR);
    const low = rise[Math.floor(position)] ?? rise.at(-1) ?? 1;
    return low + (position % 1) * ((rise[Math.ceil(position)] ?? low) - low);
  });
  return { ...seen, rise: values };
}
