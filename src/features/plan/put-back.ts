import type { Outcome } from '@/shop/outcome';
import type { PlanView } from '@/server/plan/view';
import { changedForm } from './demand-form';
import type { PlanActions, Stored } from './plan-actions';

/** Makes a service what it was before it was stored; a new one is withdrawn. */
export const putBack = (
  { id, before }: Stored,
  view: PlanView,
  actions: Pick<PlanActions, 'stateDemand' | 'withdrawDemand'>,
): Promise<Outcome<unknown>> =>
  before === null
    ? actions.withdrawDemand(id, true)
    : actions.stateDemand({ ...changedForm(view, before, null), perHour: before.perHour ?? [] });
