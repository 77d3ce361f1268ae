import { tr } from '@/words/tr';
import type { Method } from './method';

/** Minutes that flour and water rest before the mixing goes on. Source: the trade’s usual way; set. */
export const USUAL_REST_MIN = 20;

/** Mixing of a dough that has no method: a short rest, then slow and fast. Source: the trade’s usual way; set. */
export const USUAL_MIX: Omit<Method['mix'], 'by' | 'aimC'> = {
  autolyse: { minutes: USUAL_REST_MIN, placeId: 'bench' },
  heldBackShare: 0,
  steps: [
    {
      get name() {
        return tr`Bring together`;
      },
      speed: 'slow',
      minutes: 4,
    },
    {
      get name() {
        return tr`Develop`;
      },
      speed: 'fast',
      minutes: 6,
    },
  ],
  folds: { count: 0, everyMin: 30 },
  limitC: 27,
};
