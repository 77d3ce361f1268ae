import { saveClosingDays } from '@/data';
import { toLocalText } from '@/core/units';
import { stateDemand } from '../plan/demands';
import type { MovableContext } from './demo-bakes';
import { DEMO_TIME_ZONE, type DemoCalendar } from './demo-time';

/** Services of the demo that nobody has planned yet: one on Sunday evening, one every Wednesday. Mondays are closed. */
export function askDemoServices(context: MovableContext, calendar: DemoCalendar): void {
  context.setNow(calendar.startMs);
  saveClosingDays(context.db, { weekdays: [1], dates: [] });
  const ask = (name: string, day: number, balls: number, weekly: boolean) => {
    const at = (hour: string) => toLocalText(calendar.at(day, hour), DEMO_TIME_ZONE);
    const stated = stateDemand(context, {
      id: null,
      name,
      readyFrom: at('17:30'),
      readyTo: at('20:30'),
      balls,
      perHour: [],
      methods: [],
      weekly,
    });
    if (!stated.ok) throw new Error(JSON.stringify(stated.refusals));
  };
  ask('Gangway', 2, 36, false);
  ask('Slipway', 5, 40, true);
}
