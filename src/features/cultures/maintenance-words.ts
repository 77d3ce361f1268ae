import type { About } from '@/server/cultures/about';
import { momentText, percentText, spanText } from '@/ui/format';

const TIMES = ['', 'once', 'twice', 'three times'] as const;

/** What is due, what was missed and what a miss means, in words. */
export function maintenanceText({ culture, row, maintenance, nowMs, units }: About): string {
  const rhythm = `Fed every ${spanText(culture.everyH * 3_600_000)}`;
  if (maintenance === null || row.due === null) return `${rhythm}. Nothing is left of it.`;
  const { due } = row;
  const at = momentText(due.atMs, nowMs, units.timeZone);
  if (maintenance.state === 'in rhythm') {
    return `${rhythm}. Next ${due.planned ? 'planned' : 'due'} ${at}, in ${spanText(due.atMs - nowMs)}.`;
  }
  const late = `${rhythm}. Due since ${at}`;
  const left =
    maintenance.vigour === null
      ? ''
      : `: ${percentText(maintenance.vigour, 0)} of its yeast is awake`;
  if (maintenance.refreshments === 0) {
    return `${late}${left === '' ? ', no harm yet' : `${left}, no harm`}. Feed it as usual.`;
  }
  return `${late}${left}. Refresh it ${TIMES[maintenance.refreshments]} before it raises a dough.`;
}
