import { inSentence, tr } from '@/words/tr';
import type { Change } from '@/core/compare';
import type { CompareView } from '@/server/scores/compare-view';
import { decimals, percentText, spanText, tempText } from '@/ui/format';

type About = Pick<CompareView, 'units' | 'placeNames'>;

/** A change in a few words, as it is done. */
export function changeTitle(change: Change, { units, placeNames }: About): string {
  const { key, from, to, placeId } = change;
  const apart = spanText(Math.abs(to - from) * 3_600_000);
  switch (key) {
    case 'startC':
      return tr`Dough out of the mixer at ${tempText(to, units)}, not ${tempText(from, units)}`;
    case 'ballC':
      return tr`Balls in the ${inSentence(placeNames[placeId ?? ''] ?? tr`other place`)}`;
    case 'bulkH':
      return tr`Ball ${apart} ${to > from ? tr`later` : tr`sooner`} after the mix`;
    case 'mixToServiceH':
      return tr`Mix ${apart} ${to > from ? tr`earlier` : tr`later`}`;
    case 'leavenShare':
      return tr`${percentText(to, 0)} of the flour in the leaven, not ${percentText(from, 0)}`;
    default:
      return `${key}: ${decimals(to, 2)}`;
  }
}

/** Why it helps, in one sentence. */
export function changeReason(change: Change, { units }: About): string {
  const slower = change.to < change.from;
  switch (change.key) {
    case 'startC':
      return tr`The dough left the mixer at ${tempText(change.from, units)}; ${slower ? tr`colder, its balls run slower` : tr`warmer, its balls run faster`}. ${slower ? tr`Colder` : tr`Warmer`} water does it.`;
    case 'ballC':
      return tr`They stood at ${tempText(change.from, units)}; at ${tempText(change.to, units)} they run ${slower ? tr`slower` : tr`faster`}.`;
    case 'bulkH':
      return slower
        ? tr`Balled sooner, the dough is less far gone when it is cut.`
        : tr`Balled later, the dough is further on when it is cut.`;
    case 'mixToServiceH':
      return slower
        ? tr`The dough has less time until the last pizza.`
        : tr`The dough has more time until the first pizza.`;
    case 'leavenShare':
      return slower
        ? tr`Less leaven, slower dough, all else as it was.`
        : tr`More leaven, faster dough, all else as it was.`;
    default:
      return '';
  }
}

/**
 * Where a standing lies on the scale of opening: right takes its own zone, what is too young lies before it, what is too
 * far gone after it.
 */
export function standingAt(standing: number): number {
  if (standing < 0) return Math.max(0.05, 1 + standing);
  return standing <= 1 ? 1 + standing : 2 + Math.min(1.9, standing - 1);
}
