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
      return `Dough out of the mixer at ${tempText(to, units)}, not ${tempText(from, units)}`;
    case 'ballC':
      return `Balls in the ${(placeNames[placeId ?? ''] ?? 'other place').toLowerCase()}`;
    case 'bulkH':
      return `Ball ${apart} ${to > from ? 'later' : 'sooner'} after the mix`;
    case 'mixToServiceH':
      return `Mix ${apart} ${to > from ? 'earlier' : 'later'}`;
    case 'leavenShare':
      return `${percentText(to, 0)} of the flour in the leaven, not ${percentText(from, 0)}`;
    default:
      return `${key}: ${decimals(to, 2)}`;
  }
}

/** Why it helps, in one sentence. */
export function changeReason(change: Change, { units }: About): string {
  const slower = change.to < change.from;
  switch (change.key) {
    case 'startC':
      return `The dough left the mixer at ${tempText(change.from, units)}; ${slower ? 'colder, its balls run slower' : 'warmer, its balls run faster'}. ${slower ? 'Colder' : 'Warmer'} water does it.`;
    case 'ballC':
      return `They stood at ${tempText(change.from, units)}; at ${tempText(change.to, units)} they run ${slower ? 'slower' : 'faster'}.`;
    case 'bulkH':
      return slower
        ? 'Balled sooner, the dough is less far gone when it is cut.'
        : 'Balled later, the dough is further on when it is cut.';
    case 'mixToServiceH':
      return slower
        ? 'The dough has less time until the last pizza.'
        : 'The dough has more time until the first pizza.';
    case 'leavenShare':
      return slower
        ? 'Less leaven, slower dough, all else as it was.'
        : 'More leaven, faster dough, all else as it was.';
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
