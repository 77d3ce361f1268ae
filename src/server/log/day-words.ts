import { weekdaysLong } from '@/words/days';
import { tr } from '@/words/tr';
import { addHours, toLocalText } from '@/core/units';

const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
/** Letters after which a weekday’s name is told from the others’. */
const TOLD = 3;

/** Which day of the week is meant by its beginning, in English or in the language of the shop; −1 for none. */
function weekdayNamed(plain: string): number {
  const [monday, ...others] = [...weekdaysLong()];
  const own = [...others.slice(-1), monday ?? '', ...others.slice(0, -1)];
  const fits = (names: readonly string[]) =>
    names.findIndex((name) => name.toLowerCase().startsWith(plain));
  const english = fits(WEEKDAYS);
  return english >= 0 ? english : fits(own);
}

/** The words of a search that name days, and the others. */
export interface DayWords {
  /** True for an instant on one of the named days; null where none is named. */
  readonly isNamed: ((atMs: number) => boolean) | null;
  readonly others: readonly string[];
}

/**
 * “today”, “yesterday” and weekdays (“friday”, “fri”) in what is searched for.
 * @param nowMs now; @param timeZone the shop’s
 */
export function dayWords(words: readonly string[], nowMs: number, timeZone: string): DayWords {
  const dateOf = (atMs: number) => toLocalText(atMs, timeZone).slice(0, 10);
  const named = words.map((word) => {
    const plain = word.toLowerCase();
    if (plain === 'today' || plain === tr`today`) return { date: dateOf(nowMs) };
    if (plain === 'yesterday' || plain === tr`yesterday`)
      return { date: dateOf(addHours(nowMs, -24)) };
    const weekday = plain.length < TOLD ? -1 : weekdayNamed(plain);
    return weekday < 0 ? null : { weekday };
  });
  const days = named.filter((one) => one !== null);
  if (days.length === 0) return { isNamed: null, others: words };
  return {
    isNamed: (atMs) => {
      const date = dateOf(atMs);
      const weekday = new Date(`${date}T12:00:00Z`).getUTCDay();
      return days.some((one) => ('date' in one ? one.date === date : one.weekday === weekday));
    },
    others: words.filter((_, index) => named[index] === null),
  };
}
