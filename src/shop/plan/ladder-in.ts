import type { Proposal } from '@/core/planner/week';
import type { PlanFacts } from './facts';
import { ladderOf, type Ladder } from './ladder';

/** A proposal with its odds as the page shows it, its places by the names that the shop has for them. */
export function ladderIn(proposal: Proposal, facts: PlanFacts): Ladder {
  const names = new Map(facts.kitchen.rooms.map((room) => [room.placeId, room.name]));
  return ladderOf(proposal, { ...facts, placeName: (id) => names.get(id) ?? id });
}
