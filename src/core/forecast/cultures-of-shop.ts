import { withOthers, type SpeedBelief } from '../learning';
import { BAKERS_YEAST } from './culture-of';
import { LEAVENED_DOUGHS } from './leavened-doughs';
import type { LearnedFrom } from './remembered-lessons';
import type { LotStory } from './stories';

/** What the looks at a culture's lots have taught. */
export interface LearnedSpeed {
  readonly culture: string;
  readonly belief: SpeedBelief;
  readonly from: readonly LearnedFrom[];
}

/** True for what is learned of a living culture of the shop, which has something in common with its others. */
const isCulture = (culture: string): boolean =>
  culture !== BAKERS_YEAST && culture !== LEAVENED_DOUGHS;

/** The cultures that the lots of a shop were kept under. */
export const culturesOf = (stories: readonly LotStory[]): ReadonlySet<string> =>
  new Set(stories.flatMap(({ lot }) => (lot.cultureId === null ? [] : [lot.cultureId])));

/**
 * What looks have taught, each culture with what the shop's others say of it; also of those that nobody has looked at.
 * @param priorOf what is believed of a culture before any look
 */
export function asOneShop(
  byLooks: readonly LearnedSpeed[],
  cultures: ReadonlySet<string>,
  priorOf: (culture: string) => SpeedBelief,
): LearnedSpeed[] {
  const taught = byLooks.filter(({ culture }) => isCulture(culture));
  if (taught.length === 0) return [...byLooks];
  const unseen = [...cultures]
    .filter((culture) => !byLooks.some((one) => one.culture === culture))
    .map((culture): LearnedSpeed => ({ culture, belief: priorOf(culture), from: [] }));
  return [...byLooks, ...unseen].map((one) => {
    if (!isCulture(one.culture)) return one;
    const others = taught.filter(({ culture }) => culture !== one.culture);
    return {
      ...one,
      belief: withOthers(
        one.belief,
        others.map(({ belief }) => belief),
      ),
    };
  });
}
