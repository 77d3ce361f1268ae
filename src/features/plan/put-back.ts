import type { Outcome } from '@/shop/outcome';
import type { DemandRow, PlanView } from '@/server/plan/view';
import { changedForm } from './demand-form';
import type { PlanActions } from './plan-actions';

/** What was stored of a service, and what it was before; null of one that is new. */
export interface Stored {
  readonly id: string;
  readonly before: DemandRow | null;
}

/** Makes a service what it was before it was stored; a new one is withdrawn. */
export const putBack = (
  { id, before }: Stored,
  view: PlanView,
  actions: Pick<PlanActions, 'stateDemand' | 'withdrawDemand'>,
): Promise<Outcome<unknown>> =>
  before === null
    ? actions.withdrawDemand(id, true)
    : actions.stateDemand({ ...changedForm(view, before, null), perHour: before.perHour ?? [] });
