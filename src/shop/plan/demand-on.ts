import type { Demand, DemandMethod } from '@/core/planner/week';
import type { Occurrence } from './occurrences';

/** One day of a demand, or one of its doughs, as the planner takes it. */
export function demandOn(occurrence: Occurrence, methods: readonly DemandMethod[]): Demand {
  const { demandId, date, ...asked } = occurrence;
  return { ...asked, id: `${demandId} ${date}`, methods };
}
