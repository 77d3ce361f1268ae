import { oddsAsItStands } from '@/core/planner/hold';
import { ODDS_DRAWS, type Odds } from '@/core/planner/week';
import { DomainError } from '@/core/units';
import type { HoldFacts } from '@/shop/hold/facts';

/** The odds of a planned service as it stands, about a second’s work; null where it can not be run. */
export function workedOut(question: HoldFacts): Odds | null {
  try {
    const steps = oddsAsItStands({ ...question, draws: ODDS_DRAWS });
    let step = steps.next();
    while (step.done !== true) step = steps.next();
    return step.value;
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}
