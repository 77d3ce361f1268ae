import type { Act } from '../../journal';
import { USUAL_MIX } from '../../methods';
import { mixClock } from '../../mixing';

/** Minutes of hands: what is not here takes {@link OTHER_MIN}. Set, after the trade’s habits. */
const MINUTES = { feed: 8, preferment: 10, move: 3, fold: 3, light: 2 } as const;
const OTHER_MIN = 3;
/** Dividing and rounding: a start, and so much for each ball. Set. */
const BALLING_MIN = 5;
const A_BALL_MIN = 0.5;

const PREFERMENTS: ReadonlySet<string> = new Set(['poolish', 'sponge', 'biga']);

/** Minutes of hands that an act takes, where its method does not say; services last as long as they last. */
export function handsMin(act: Act): number {
  if (act.kind === 'divide') return BALLING_MIN + act.count * A_BALL_MIN;
  if (act.kind === 'move' || act.kind === 'split') return MINUTES.move;
  if (act.kind === 'work') return MINUTES.fold;
  if (act.kind === 'do' || act.kind === 'soak') return act.minutes;
  if (act.kind !== 'make') return OTHER_MIN;
  if (act.lotKind === 'dough') return mixClock(USUAL_MIX, 1).outMin;
  return PREFERMENTS.has(act.lotKind) ? MINUTES.preferment : MINUTES.feed;
}

/** Minutes of hands that acts done one after the other at one place take: less than each by itself. */
export function togetherMin(acts: readonly Act[]): number {
  const minutes = acts.map(handsMin);
  return Math.max(...minutes, minutes.reduce((sum, one) => sum + one, 0) * SHARED);
}
/** Set. */
const SHARED = 0.8;

/** Minutes to light an oven. */
export const LIGHTING_MIN = MINUTES.light;
