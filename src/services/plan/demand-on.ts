import type { Demand, DemandMethod } from '@/core/planner/week';
import type { Occurrence } from './occurrences';

/** One day of a demand as the planner takes it. */
export function demandOn(
  row: Pick<Demand, 'name' | 'balls' | 'perHour'>,
  { demandId, date, readyFromMs, readyToMs }: Occurrence,
  methods: readonly DemandMethod[],
): Demand {
  const { name, balls, perHour } = row;
  const id = `${demandId} ${date}`;
  return { id, name, readyFromMs, readyToMs, balls, perHour, methods };
}
