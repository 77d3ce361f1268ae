'use client';

import { tr } from '@/words/tr';
import { useMemo, useState } from 'react';
import type { Demand } from '@/core/planner/week';
import type { PlanView } from '@/server/plan/view';
import type { WeekService } from '@/server/plan/week-services';
import type { Occurrence } from '@/shop/plan/occurrences';
import { methodsFor } from '@/shop/plan/methods-for';
import { demandOn } from '@/shop/plan/demand-on';
import { useAskAnew } from '@/ui/ask-anew';
import { useCompute } from '@/ui/compute/use-compute';
import { useSend } from '@/ui/hands/use-send';
import type { Ladder } from '@/shop/plan/ladder';
import type { PlanSearch } from '@/shop/plan/search';
import { foundOrder, inFoundOrder } from './found-order';
import { useHeldHours } from './use-held-hours';
import type { PlanActions } from './plan-actions';
import { newId } from '@/ui/new-id';

/** The service that is looked at, its plans as they are found, and what can be done. */
export function usePlan(view: PlanView, actions: PlanActions, opened: string | null) {
  const [key, setKey] = useState(opened);
  const service = chosen(view, key);
  const asks = useMemo(() => {
    if (service?.asked == null) return null;
    return { demand: demandOfService(view, service.asked), facts: view.facts };
  }, [view, service]);
  const search = useCompute('plans', asks);
  const inOrder = useFoundOrder(search, service?.key ?? null);
  const holding = useHeldHours(asks, inOrder, service?.key ?? null);
  const askAnew = useAskAnew();
  const { send, busy } = useSend('notice');
  const undo =
    ({ batch }: { batch: string }) =>
    () =>
      actions.undo(batch);
  const take = (ladder: Ladder) => {
    if (service?.demandId == null || service.date === null) return;
    const { name, demandId, date } = service;
    const anyway = ladder.broken.length > 0;
    send(() => actions.take({ ...ladder.take, demandId, date, batch: newId(), anyway }), {
      said: tr`${name}: ${ladder.name} taken.`,
      undo,
      then: ({ bakeId }) => setKey(bakeId),
    });
  };
  const planFeeds = () =>
    send(() => actions.planFeeds({ batch: newId(), untilMs: view.span.toMs }), {
      said: ({ feeds }) => (feeds === 1 ? tr`1 feed planned.` : tr`${feeds} feeds planned.`),
      undo,
    });
  return {
    service,
    select: (one: WeekService) => setKey(one.key),
    setKey,
    search: {
      ...search,
      answer: holding.answer,
      /** Methods that are looked through. */
      methods: asks?.demand.methods.length ?? 0,
    },
    holding,
    take,
    planFeeds,
    busy,
    askAnew,
  };
}

/** The plans of a service, each where it was found. */
function useFoundOrder(
  { answer, busy }: { readonly answer: PlanSearch | null; readonly busy: boolean },
  service: string | null,
): PlanSearch | null {
  const [known, setKnown] = useState<{ service: string | null; order: readonly string[] }>({
    service,
    order: [],
  });
  const before = known.service === service ? known.order : NONE;
  const order = answer === null ? before : foundOrder(before, answer);
  if (order !== known.order || known.service !== service) setKnown({ service, order });
  return useMemo(
    () => (answer === null ? null : inFoundOrder(answer, order, busy)),
    [answer, order, busy],
  );
}
const NONE: readonly string[] = [];

/** The service asked for, else the first without a plan, else the next one. */
function chosen(view: PlanView, key: string | null): WeekService | null {
  const { services, nowMs } = view;
  return (
    services.find((one) => one.key === key) ??
    services.find((one) => one.state === 'open') ??
    services.find((one) => one.toMs > nowMs) ??
    services.at(-1) ??
    null
  );
}

/** An open service as the planner takes it. */
export function demandOfService(view: PlanView, asked: Occurrence): Demand {
  const named = view.demands.find((one) => one.id === asked.demandId)?.methods ?? [];
  return demandOn(asked, methodsFor(named, view.methods));
}
