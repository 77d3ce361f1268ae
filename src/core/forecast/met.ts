import { MS_PER_HOUR } from '../units';
import { placeOf } from './places';
import type { Places } from './place-history';
import { ambientStretches } from './ambient-stretches';
import type { LotStory } from './stories';

/** Hours past its end, or past now, that a lot is run for at most, with two to spare. */
const MOST_AHEAD_H = 122;

/**
 * What a lot's runs rest on beside its story: the temperatures it meets in each of its places, and how they hold
 * warmth. Two equal texts mean the same runs, whatever else was measured in the shop.
 * @throws {DomainError} place-unknown
 */
export function surroundingsMet(story: LotStory, places: Places, nowMs: number): string {
  const horizonMs = (Math.floor((story.endMs ?? nowMs) / MS_PER_HOUR) + MOST_AHEAD_H) * MS_PER_HOUR;
  const met = story.stays.map((stay, index) => {
    const last = index === story.stays.length - 1;
    const toMs = last ? horizonMs : Math.min(horizonMs, stay.toMs ?? horizonMs);
    const { insulation, offsetSdC } = placeOf(places, stay.placeId);
    const stretches =
      toMs > stay.fromMs
        ? ambientStretches(places, stay.placeId, { fromMs: stay.fromMs, toMs })
        : [];
    const temps: (number | string)[] = [];
    for (const { untilH, ambientC } of stretches) {
      // Stretches of one temperature are one: the end of the last says how long.
      if (temps.at(-1) === ambientC) temps.splice(-2, 2);
      temps.push(untilH, ambientC);
    }
    return [insulation ?? 1, offsetSdC ?? null, ...temps];
  });
  return JSON.stringify(met);
}
