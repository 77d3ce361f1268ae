import type { TideView } from '@/server/tide';

/** Up to so many lots the picture shows them all without being asked. */
export const MANY_LOTS = 20;

/** Which lots the picture shows: all, those of one service by its bake, or those that go on from feed to feed. */
export type Shown = 'all' | 'cultures' | `bake:${string}`;

/** The view with only the lots shown, and what is done with them. */
export function onlyShown(view: TideView, shown: Shown): TideView {
  if (shown === 'all') return view;
  const lots = shown === 'cultures' ? cultures(view) : lotsOfBake(view, shown.slice(5));
  return {
    ...view,
    strands: view.strands.filter((strand) => lots.has(strand.lotId)),
    moments: view.moments.filter((moment) => lots.has(moment.lotId)),
  };
}

const KEPT = new Set(['starter', 'stiff starter', 'levain']);

function cultures(view: TideView): Set<string> {
  return new Set(
    view.strands.filter((one) => KEPT.has(one.kind) || one.keeping).map((one) => one.lotId),
  );
}

/** The lots of a bake and all that they are made from. */
function lotsOfBake(view: TideView, bakeId: string): Set<string> {
  const byId = new Map(view.strands.map((strand) => [strand.lotId, strand]));
  const lots = new Set<string>();
  const add = (lotId: string) => {
    if (lots.has(lotId)) return;
    lots.add(lotId);
    for (const parent of byId.get(lotId)?.madeFrom ?? []) add(parent);
  };
  for (const moment of view.moments) if (moment.bakeId === bakeId) add(moment.lotId);
  return lots;
}
