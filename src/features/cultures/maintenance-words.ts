import { tr, trOf } from '@/words/tr';
import type { About } from '@/server/cultures/about';
import { momentText, percentText, spanText } from '@/ui/format';

const times = () => ['', 'once', 'twice', tr`three times`] as const;

/** What is due, what was missed and what a miss means, in words. */
export function maintenanceText({ culture, row, maintenance, nowMs, units }: About): string {
  const rhythm = tr`Fed every ${spanText(culture.everyH * 3_600_000)}`;
  if (maintenance === null || row.due === null) return tr`${rhythm}. Nothing is left of it.`;
  const { due } = row;
  const at = momentText(due.atMs, nowMs, units.timeZone);
  if (maintenance.state === 'in rhythm') {
    return tr`${rhythm}. Next ${due.planned ? tr`planned` : tr`due`} ${at}, in ${spanText(due.atMs - nowMs)}.`;
  }
  const late = tr`${rhythm}. Due since ${at}`;
  const left =
    maintenance.vigour === null
      ? ''
      : tr`: ${percentText(maintenance.vigour, 0)} of its yeast is awake`;
  if (maintenance.refreshments === 0) {
    return tr`${late}${left === '' ? tr`, no harm yet` : tr`${left}, no harm`}. Feed it as usual.`;
  }
  return tr`${late}${left}. Refresh it ${trOf(times()[maintenance.refreshments])} before it raises a dough.`;
}
