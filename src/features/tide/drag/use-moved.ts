'use client';

import { useEffect, useMemo, useState } from 'react';
import type { MoveFacts } from '@/shop/moves/types';
import type { TideView } from '@/server/tide';
import { coldPlaceIds } from '@/shop/tide/strands';
import type { Moved } from '@/shop/moves/moved-shop';
import { useCompute } from '@/ui/compute/use-compute';
import type { Dragged } from './use-drag';

/** What would follow if a dragged moment were let go here: run in the worker, the newest place wins. */
export function useMoved(
  view: TideView,
  dragged: Dragged | null,
  read: () => Promise<MoveFacts>,
): Moved | null {
  const dragging = dragged !== null;
  const [facts, setFacts] = useState<MoveFacts | null>(null);
  useEffect(() => {
    if (!dragging) return undefined;
    let wanted = true;
    // Where the shop can not be reached, the words beside the disc are what there is.
    read()
      .then((answer) => wanted && setFacts(answer))
      .catch(() => undefined);
    return () => {
      wanted = false;
      setFacts(null);
    };
  }, [dragging, read]);
  const stepId = dragged?.moment.ref ?? null;
  const atMs = dragged?.atMs ?? 0;
  const question = useMemo(
    () =>
      facts === null || stepId === null
        ? null
        : { facts, stepId, atMs, coldPlaceIds: [...coldPlaceIds(view.bands)] },
    [facts, stepId, atMs, view],
  );
  const { answer } = useCompute('moved', question);
  return question === null ? null : answer;
}

/** The view as it would be: strands and services that a move changes in place of those that stand. */
export function withMoved(view: TideView, moved: Moved | null): TideView {
  if (moved === null || moved.refusal !== null) return view;
  const strands = new Map(moved.strands.map((strand) => [strand.lotId, strand]));
  const services = new Map(moved.services.map((service) => [service.bakeId, service]));
  return {
    ...view,
    strands: view.strands.map((strand) => strands.get(strand.lotId) ?? strand),
    services: view.services.map((service) => services.get(service.bakeId) ?? service),
  };
}
