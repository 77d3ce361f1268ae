import type { AskedRipeness, WindowOptions } from '../ripeness';
import { addHours } from '../units';
import { isCold } from './place-kinds';
import { placeTempC } from './places';
import type { Places } from './place-history';
import type { LotStory } from './stories';

/** What a lot is judged by: its kind, how ripe it is wanted and the target the baker set last. */
export function judgedBy(story: LotStory, places: Places): WindowOptions {
  const planned = story.start.kind === 'make' ? story.start.targetRise : undefined;
  const last = story.aims.at(-1);
  const targetRise = last === undefined ? planned : (last.targetRise ?? undefined);
  const options = { kind: story.lot.kind, asks: askedOf(story, places) };
  return targetRise === undefined ? options : { ...options, targetRise, targetTooHigh: 'cap' };
}

/** Hours within which what is made for the cold is in the cold. Set. */
const SETTLED_H = 2;

/**
 * How ripe a lot is wanted. Entries of earlier versions do not say: what stood in the cold soon after it was made was
 * meant to be used young.
 */
export function askedOf(story: LotStory, places: Places): AskedRipeness {
  const { start } = story;
  if (start.kind !== 'make') return 'prime';
  if (start.asks !== undefined) return start.asks;
  if (start.cultureId !== undefined) return 'prime';
  const settledMs = addHours(story.startMs, SETTLED_H);
  const stay = story.stays.findLast((one, index) => index === 0 || one.fromMs <= settledMs);
  return stay !== undefined && isCold(placeTempC(places, stay.placeId, settledMs))
    ? 'young'
    : 'prime';
}

/** A story as it stands at an instant: left where it is, without what is only planned. */
export function asItStands(story: LotStory, nowMs: number): LotStory {
  const stays = story.stays.filter((stay, index) => index === 0 || stay.fromMs <= nowMs);
  const handling = story.handling.filter(({ atMs }) => atMs <= nowMs);
  if (stays.length === story.stays.length && handling.length === story.handling.length)
    return story;
  return {
    ...story,
    handling,
    stays: stays.map((stay, index) => (index < stays.length - 1 ? stay : { ...stay, toMs: null })),
  };
}
