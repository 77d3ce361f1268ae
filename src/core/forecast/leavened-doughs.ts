import { hoursBetween } from '../units';
import type { CultureSpeed } from './culture-speed';
import type { LotStory } from './stories';

/** The key under which the speed of the shop's doughs that rise by a leaven is learned. */
export const LEAVENED_DOUGHS = 'leavened-doughs';

/**
 * Sd of ln t that such doughs of a shop have in common before anything was learned: what the model is off by for them, and
 * leavens that are rarely as forecast. Looks at balls teach it. Set, so that with the next one it is the calibration’s
 * misfit and 0.15.
 */
export const LEAVENED_DOUGH_LN_SD = 0.17;
/** Sd of ln t from one such dough to the next, beside what is reckoned by itself (temperatures, doses). No look takes it away. Set. */
export const NEXT_DOUGH_LN_SD = 0.09;

/** Such doughs as the book has them. */
export const BOOK_DOUGHS: CultureSpeed = { speed: 1, lnSd: LEAVENED_DOUGH_LN_SD };

type StoryOf = (lotId: string) => LotStory | undefined;
const RISEN: ReadonlySet<string> = new Set(['dough', 'balls', 'carry-over']);

/** True for a dough that a leaven raises, and for what was divided or split from it. */
export function isLeavenedDough(story: LotStory, storyOf: StoryOf): boolean {
  const { start, lot } = story;
  if (!RISEN.has(lot.kind)) return false;
  if (start.kind === 'make') return lot.kind === 'dough' && start.portions.length > 0;
  // A lot that is run alone stands in for what it was split from.
  if (start.lotId === lot.id) return false;
  const parent = storyOf(start.lotId);
  return parent !== undefined && parent !== story && isLeavenedDough(parent, storyOf);
}

/** Hours that a part had stood in the dough it was taken from, h; 0 for a dough just mixed. */
export function hoursAsDough(story: LotStory, storyOf: StoryOf): number {
  const { start, lot } = story;
  if (start.kind === 'make' || !RISEN.has(lot.kind)) return 0;
  const parent = storyOf(start.lotId);
  return parent === undefined ? 0 : hoursBetween(parent.startMs, story.startMs);
}
