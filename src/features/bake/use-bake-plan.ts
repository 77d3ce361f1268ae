'use client';

import { useDeferredValue, useMemo } from 'react';
import { planBake, type BakePlan } from '@/core/planner';
import { DomainError } from '@/core/units';
import { bakeFormSchema } from '@/services/bake-form';
import { noPlanSentence, planRequestOf, type PlanningFacts } from '@/services/plan-request';
import type { BakeFields } from './fields';

/** What a form leads to: a plan, or sentences by field. */
export interface LivePlan {
  readonly plan: BakePlan | null;
  readonly errors: Readonly<Record<string, string>>;
}

/** Plans a form as it is typed, by the same core that the server stores with. */
export function useBakePlan(fields: BakeFields, facts: PlanningFacts): LivePlan {
  const settled = useDeferredValue(fields);
  return useMemo(() => livePlan(settled, facts), [settled, facts]);
}

function livePlan(fields: BakeFields, facts: PlanningFacts): LivePlan {
  const parsed = bakeFormSchema.safeParse(fields);
  if (!parsed.success) {
    const errors = parsed.error.issues.map((issue) => [issue.path.join('.'), issue.message]);
    return { plan: null, errors: Object.fromEntries(errors) as Record<string, string> };
  }
  try {
    const plan = planBake(planRequestOf(parsed.data, facts, true));
    if (plan.kind === 'plan') return { plan, errors: {} };
    const sentence = noPlanSentence(plan, facts.timeZone, facts.nowMs);
    return { plan: null, errors: { '': sentence } };
  } catch (error) {
    if (error instanceof DomainError) return { plan: null, errors: { '': error.message } };
    throw error;
  }
}
