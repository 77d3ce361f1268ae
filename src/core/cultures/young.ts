import { tr } from '@/words/tr';
import { addHours } from '../units';

/** One day of a culture begun from flour and water. */
export interface YoungDay {
  readonly day: number;
  readonly atMs: number;
  readonly does: string;
  readonly expect: string;
}

/** Rise at which a look counts as a peak. Set. */
export const PEAK_RISE = 1.8;
/** Peaks after which a young culture counts as alive. */
export const PEAKS_TO_LIVE = 2;

const daysWords = (): readonly (readonly [does: string, expect: string])[] => [
  [tr`Mix equal flour and water, some of it wholegrain, 25 °C.`, tr`Nothing to see.`],
  [tr`Leave it. Stir once.`, tr`A few bubbles, smells of wet flour.`],
  [tr`Keep a third, feed 1 : 1 : 1.`, tr`Often a rush of gas that smells bad: not yet yeast.`],
  [tr`Keep a third, feed 1 : 1 : 1.`, tr`Quiet. Many give up here; it is only growing sour.`],
  [tr`Keep a third, feed 1 : 1 : 1.`, tr`Smells sour, small bubbles.`],
  [tr`Keep a third, feed 1 : 2 : 2.`, tr`First rise of half its height.`],
  [tr`Keep a third, feed 1 : 2 : 2.`, tr`Doubles within a day.`],
  [tr`Feed 1 : 3 : 3 when it begins to sink.`, tr`Doubles in 8–10 h.`],
  [tr`Feed 1 : 4 : 4 twice a day.`, tr`Doubles in 6–8 h, mild and fruity.`],
  [tr`Feed 1 : 5 : 5 twice a day.`, tr`Twice the same peak: from here on it is forecast.`],
];

/** The days of a new culture with what to do and to expect. A schedule, no forecast: every kitchen differs. */
export function youngSchedule(begunMs: number): YoungDay[] {
  return daysWords().map(([does, expect], index) => ({
    day: index + 1,
    atMs: addHours(begunMs, index * 24),
    does,
    expect,
  }));
}
