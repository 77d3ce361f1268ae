import type { HoldFacts } from './facts';
import { holdOrHurry, type HoldAnswer, type HoldMove } from '@/core/planner/hold';
import { ODDS_DRAWS } from '@/core/planner/week';
import { strandOf } from '../tide/strands';
import type { Strand } from '../tide/view';

/** A move as the page shows it. */
export type ShownMove = Omit<HoldMove, 'lots'> & { readonly strands: readonly Strand[] };

/** What is known so far of a bake that may slip. */
export type HoldSearch = Omit<HoldAnswer, 'stands' | 'moves'> & {
  readonly stands: ShownMove;
  readonly moves: readonly ShownMove[];
};

/** The moves of a bake, as they are run. */
export function* searchHold(
  facts: HoldFacts,
): Generator<{ share: number; answer: HoldSearch | null }, HoldSearch | null> {
  const steps = holdOrHurry({ ...facts, draws: ODDS_DRAWS });
  let step = steps.next();
  while (step.done !== true) {
    yield { share: step.value.share, answer: shown(step.value) };
    step = steps.next();
  }
  return step.value === null ? null : shown(step.value);
}

function shown(answer: HoldAnswer): HoldSearch {
  return { ...answer, stands: moveOf(answer.stands), moves: answer.moves.map(moveOf) };
}

function moveOf({ lots, ...move }: HoldMove): ShownMove {
  return { ...move, strands: lots.map((lot) => strandOf(lot, move.serviceToMs, new Set())) };
}
