import { hoursBetween } from '../units';
import type { CultureSpeed } from './culture-speed';
import type { LotStory } from './stories';

/** The key under which the speed of the shop's doughs that rise by a leaven is learned. */
export const LEAVENED_DOUGHS = 'leavened-doughs';

/**
 * Sd of ln t that such doughs of a shop have in common before anything was learned: what the model is off by for them, and
 * leavens that are rarely as forecast. Looks at balls teach it. Set, so that bands hold what they say (the bench of coverage).
 */
export const LEAVENED_DOUGH_LN_SD = 0.145;
/** Sd of ln t from one such dough to the next, beside what is reckoned by itself (temperatures, doses). No look takes it away. Set. */
export const NEXT_DOUGH_LN_SD = 0.09;

/** Doughs that are raised by dough are off by so much more than those on a poolish. Source: the calibration’s rows of both. */
const OF_DOUGH = 1.45;

/**
 * Sd of ln t of a dough that a leaven raises.
 * @param commonLnSd sd of what such doughs of the shop have in common, as far as it was learned
 * @param ofDough true where the leaven is dough itself: carry-over
 */
export const leavenedDoughLnSd = (commonLnSd: number, ofDough: boolean): number =>
  Math.hypot(NEXT_DOUGH_LN_SD, commonLnSd * (ofDough ? OF_DOUGH : 1));

/** Such doughs as the book has them. */
export const BOOK_DOUGHS: CultureSpeed = { speed: 1, lnSd: LEAVENED_DOUGH_LN_SD };

type StoryOf = (lotId: string) => LotStory | undefined;
/** Kinds of lot that are dough. */
export const RISEN: ReadonlySet<string> = new Set(['dough', 'balls', 'carry-over']);

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

/** True where what raises a dough, or the dough that a part was taken from, is dough itself: carry-over. */
export function isRaisedByDough(story: LotStory, storyOf: StoryOf): boolean {
  const { start, lot } = story;
  if (start.kind === 'make')
    return start.portions.some(({ lotId }) => RISEN.has(storyOf(lotId)?.lot.kind ?? ''));
  const parent = start.lotId === lot.id ? undefined : storyOf(start.lotId);
  return parent !== undefined && parent !== story && isRaisedByDough(parent, storyOf);
}

/** Hours that a part had stood in the dough it was taken from, h; 0 for a dough just mixed. */
export function hoursAsDough(story: LotStory, storyOf: StoryOf): number {
  const { start, lot } = story;
  if (start.kind === 'make' || !RISEN.has(lot.kind)) return 0;
  const parent = storyOf(start.lotId);
  return parent === undefined ? 0 : hoursBetween(parent.startMs, story.startMs);
}
