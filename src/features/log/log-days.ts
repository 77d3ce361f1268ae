import type { LogView } from '@/server/log/log';
import type { LogRow } from '@/server/log/log-row';
import { dateText } from '@/ui/format';

/** What stands under one day of the Log. */
export interface LogDay {
  readonly name: string;
  /** Plans that were made that day, folded away; none where the plans were asked for. */
  readonly plans: readonly LogRow[];
  readonly rows: readonly LogRow[];
}

/**
 * The rows under their days, in their order. What was only planned is folded away from what happened, unless something
 * was searched for: then it is an answer like the others.
 */
export function daysOf({ rows, search, units }: LogView): LogDay[] {
  const { part = 'everything', q, lot, by, from, to } = search;
  const folds = part === 'everything' && [q, lot, by, from, to].every((one) => one === undefined);
  const days = new Map<string, LogRow[]>();
  for (const row of rows) {
    const name = dateText(row.standsMs, units.timeZone);
    days.set(name, [...(days.get(name) ?? []), row]);
  }
  return [...days].map(([name, all]) => {
    const plans = folds ? all.filter((row) => row.tense === 'planned') : [];
    return { name, plans, rows: all.filter((row) => !plans.includes(row)) };
  });
}
