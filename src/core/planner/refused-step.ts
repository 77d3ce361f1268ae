import { tr } from '@/words/tr';
import type { LotForecast } from '../forecast';
import { lotMadeBy, stockAfter } from '../journal';
import { DomainError } from '../units';
import type { BakeStep } from './bake-step';

/** Code of a plan in which a step can not be done: its message names the step and what would mend it. */
export const STEP_REFUSED = 'plan-step-refused';

/**
 * A lot of a plan by its id.
 * @param steps everything that was run, what it takes from among it
 * @throws {DomainError} plan-step-refused where a step before it was refused, so that it is never made
 */
export function plannedLot(
  lots: ReadonlyMap<string, LotForecast>,
  id: string,
  steps: readonly BakeStep[],
): LotForecast {
  const lot = lots.get(id);
  if (lot !== undefined) return lot;
  const step = steps.find(({ act }) => lotMadeBy(act) === id);
  const name = step !== undefined && 'name' in step.act ? step.act.name : tr`The plan`;
  const says = tr`${name} can not be made: ${whyNot(steps)} Mend it with more dough, fewer or lighter pieces, or less of the leaven.`;
  throw new DomainError(STEP_REFUSED, says, { id });
}

function whyNot(steps: readonly BakeStep[]): string {
  try {
    stockAfter([...steps].sort((a, b) => a.atMs - b.atMs));
    return tr`there is too little of it to weigh.`;
  } catch (error) {
    if (error instanceof DomainError) return error.message;
    throw error;
  }
}
