import type { Stay } from '../kinetics';
import type { Doubt } from './doubt';
import { addHours, hoursBetween } from '../units';
import { placeOf, placeTempC } from './places';
import type { Places } from './place-history';
import { ambientStretches } from './ambient-stretches';
import type { LotStory } from './stories';

/** Temperatures that the kinetics know, °C; a probe that says more is broken. */
const LEAST_C = -40;
const MOST_C = 60;

/** The places of a story between two instants, hours counted from the first. */
export function staysBetween(
  story: LotStory,
  span: { fromMs: number; toMs: number },
  places: Places,
  doubt: Doubt,
): Stay[] {
  const stays: Stay[] = [];
  story.stays.forEach((stay, index) => {
    const last = index === story.stays.length - 1;
    const fromMs = Math.max(span.fromMs, stay.fromMs);
    const toMs = Math.min(span.toMs, last ? Infinity : (stay.toMs ?? Infinity));
    if (toMs <= fromMs) return;
    const offsetH = hoursBetween(span.fromMs, fromMs);
    const insulation = placeOf(places, stay.placeId).insulation ?? 1;
    const ambient = (tempC: number) => Math.min(MOST_C, Math.max(LEAST_C, tempC + doubt.placeC));
    const stretch = (from: number, to: number) => {
      const offset = offsetH + hoursBetween(fromMs, from);
      for (const one of ambientStretches(places, stay.placeId, { fromMs: from, toMs: to })) {
        stays.push({ untilH: offset + one.untilH, ambientC: ambient(one.ambientC), insulation });
      }
    };
    const still = frozenSpan(places, stay.placeId, { fromMs, toMs });
    if (still === null) return stretch(fromMs, toMs);
    stretch(fromMs, still.fromMs);
    stays.push({
      untilH: offsetH + hoursBetween(fromMs, still.toMs),
      ambientC: ambient(placeTempC(places, stay.placeId, still.fromMs)),
      insulation,
      frozenThrough: true,
    });
    stretch(still.toMs, toMs);
  });
  return withinLongest(stays);
}

/** What was forgotten for so many hours changes no more that anyone would use it. */
const LONGEST_STANDING_H = 60 * 24;

/** Stays up to the longest standing; hours in the freezer do not count. */
function withinLongest(stays: readonly Stay[]): Stay[] {
  const within: Stay[] = [];
  let standsH = 0;
  let beforeH = 0;
  for (const stay of stays) {
    if (stay.frozenThrough !== true) standsH += stay.untilH - beforeH;
    const overH = standsH - LONGEST_STANDING_H;
    if (overH > 0) {
      const untilH = stay.untilH - overH;
      return untilH > beforeH ? [...within, { ...stay, untilH }] : within;
    }
    within.push(stay);
    beforeH = stay.untilH;
  }
  return within;
}

/** Hours in a freezer after which anything of a bakery is frozen through, and the last hours that are run as they were. */
const FREEZES_H = 240;
const LAST_H = 72;
/** Warmest place that freezes through, °C. */
const FREEZER_C = -8;

/** The months between that a lot lies frozen; null where it does not, or not for long. */
function frozenSpan(
  places: Places,
  placeId: string,
  span: { fromMs: number; toMs: number },
): { fromMs: number; toMs: number } | null {
  const fromMs = addHours(span.fromMs, FREEZES_H);
  const toMs = addHours(span.toMs, -LAST_H);
  if (toMs <= fromMs) return null;
  const cold = (atMs: number) => placeTempC(places, placeId, atMs) <= FREEZER_C;
  return cold(fromMs) && cold((fromMs + toMs) / 2) && cold(toMs) ? { fromMs, toMs } : null;
}
