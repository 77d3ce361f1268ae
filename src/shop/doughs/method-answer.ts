import type { DoughFacts } from './facts';
import { blendOf, enduranceOf, type Blend, type Endurance } from '@/core/flour';
import {
  hourReasons,
  mendOf,
  wearOf,
  type HourReason,
  type Mend,
  type MethodPlan,
  type NoMethodPlan,
} from '@/core/planner';
import { plannedInTurns } from '@/core/planner/week';

import { methodRequestOf, type MethodBake } from './method-request';

/** A method planned, with what it takes of its flour; or why it can not be. */
export type MethodAnswer =
  | {
      readonly kind: 'plan';
      readonly plan: MethodPlan;
      /** Why its hours are where they are. */
      readonly whys: readonly HourReason[];
      readonly blend: Blend;
      readonly endurance: Endurance;
    }
  | (NoMethodPlan & { readonly mend: Mend | null });

/** Plans a method for the page: the same computation that the server stores with. */
export function methodAnswer(bake: Omit<MethodBake, 'versionId'>, facts: DoughFacts): MethodAnswer {
  const request = methodRequestOf(bake, facts, true);
  const found = plannedInTurns(request);
  if (found.kind === 'infeasible') return { ...found, mend: mendOf(request, found) };
  const { plan } = found;
  const { dough } = plan.method;
  const blend = blendOf(dough.flours, facts.flours);
  const service = { fromMs: request.readyFromMs, toMs: request.readyToMs };
  const malt = dough.added.find((one) => one.ingredientId === 'malt-diastatic')?.share ?? 0;
  const used = wearOf(plan, service, blend);
  const endurance = enduranceOf(blend, used, { saltShare: dough.saltShare, maltShare: malt });
  return { kind: 'plan', plan, whys: hourReasons(plan, found.request), blend, endurance };
}
