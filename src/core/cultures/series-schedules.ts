import { isWorking, type WorkingHours } from '../planner';
import { addHours, hoursBetween, MS_PER_HOUR } from '../units';
import type { Scales } from './amounts';
import type { FeedQuestion } from './feed-question';

const QUARTER_H = 0.25;
/** Hours from feed to peak that a series is built of. */
export const SHORTEST_H = 3;
const LONGEST_H = 16;
/** A feed is taken this far from its best at the most, h. */
export const NEAR_BEST_H = 0.75;

/** Hours from feed to peak that suit a place: 8 h at 22 °C, Q10 2.45. Source: model of ripening, §3. */
export function rhythmAt(tempC: number): number {
  return Math.min(LONGEST_H - 2, Math.max(SHORTEST_H + 1, 8 * 2.45 ** ((22 - tempC) / 10)));
}

/** Most schedules tried: an hour of the night between two shifts stops a search that would go on for ever. */
const MOST_TRIED = 60;

/** Instants of the feeds, earliest first, nearest to the rhythm first; each while hands work. */
export function* schedules(question: SeriesQuestion, rhythmH: number): Generator<number[]> {
  const { feeds, readyMs, nowMs } = question;
  const whole: number[][] = [];
  const back = (untilMs: number, later: readonly number[]) => {
    if (later.length === feeds) {
      whole.push([...later]);
      return;
    }
    for (const gapH of gaps(question, untilMs, rhythmH)) {
      const atMs = addHours(untilMs, -gapH);
      if (atMs >= nowMs) back(atMs, [atMs, ...later]);
    }
  };
  back(readyMs, []);
  const cost = (hours: readonly number[]) =>
    [...hours, readyMs].slice(1).reduce((sum, untilMs, index) => {
      return sum + (hoursBetween(hours[index] ?? untilMs, untilMs) - rhythmH) ** 2;
    }, 0);
  whole.sort((a, b) => cost(a) - cost(b));
  yield* whole.slice(0, MOST_TRIED);
}

/** Gaps before an instant that end in working hours: the ones nearest to the rhythm, a few. */
function gaps(question: SeriesQuestion, untilMs: number, rhythmH: number): number[] {
  const all: number[] = [];
  for (let gapH = SHORTEST_H; gapH <= LONGEST_H; gapH += QUARTER_H) {
    const atMs =
      Math.round(addHours(untilMs, -gapH) / (QUARTER_H * MS_PER_HOUR)) * (QUARTER_H * MS_PER_HOUR);
    if (atMs < question.nowMs || atMs >= untilMs) continue;
    if (isWorking(atMs, question.workingHours, question.timeZone))
      all.push(hoursBetween(atMs, untilMs));
  }
  const nearest = all.sort((a, b) => Math.abs(a - rhythmH) - Math.abs(b - rhythmH));
  return nearest.filter((_, index) => index < NEAREST || index % 4 === 0).slice(0, GAPS_TRIED);
}

/** Gaps near the rhythm are tried by the quarter hour, the others by the hour. */
const NEAREST = 4;
const GAPS_TRIED = 9;

/** A few feeds in a row, each at the peak of the one before, the last ripe at a wanted hour. */
export interface SeriesQuestion extends Omit<FeedQuestion, 'atMs' | 'thereG'>, Scales {
  readonly thereG: number;
  readonly nowMs: number;
  /** When the last one is to be best. */
  readonly readyMs: number;
  /** Grams wanted of the last one, what is kept included. */
  readonly totalG: number;
  readonly feeds: 1 | 2 | 3 | 4;
  readonly workingHours: WorkingHours;
  readonly timeZone: string;
  /** Grams that stay of the last but one: where the last is used whole, the mother goes on from there. */
  readonly keepBeforeLastG?: number;
  /** Codes of the lots to come, one for each feed. */
  readonly lotIds: readonly string[];
}
