import { type HoldFacts } from '@/shop/hold/facts';
import { type ShopState } from '@/shop/state';
import { type Bake } from '@/shop/kept/bake';

import {
  isAct,
  lineageActs,
  lotMadeBy,
  lotsTouchedBy,
  type DoneAct,
  type PlannedAct,
} from '@/core/journal';

import { listPinned } from '@/data';
import type { ShopContext } from '../context';
import { mixClockOf } from '../mix/batches';
import { shopFacts } from '../facts/shop-facts';
import { cultureSpeeds } from '../shop/load-shop';

/** The question of a bake; null where nothing of it is planned. */
export function holdFacts(context: ShopContext, state: ShopState, bake: Bake): HoldFacts | null {
  const plan: PlannedAct[] = state.folded.plan.filter((step) => step.bakeId === bake.id);
  if (!plan.some((step) => step.act.kind === 'use')) return null;
  const before = plannedBefore(state.folded.plan, plan);
  const all = [...before, ...plan];
  const planned = new Set(all.flatMap((step) => lotMadeBy(step.act) ?? []));
  const lotIds = [
    ...new Set(all.flatMap((step) => lotsTouchedBy(step.act)).filter((id) => !planned.has(id))),
  ];
  const done: DoneAct[] = lineageActs(state.folded.done, lotIds);
  const facts = shopFacts(context, state);
  const mix = plan.find((step) => isAct(step.act, 'make') && step.act.lotKind === 'dough');
  const outMin =
    mix !== undefined && isAct(mix.act, 'make')
      ? mixClockOf(context, state, { act: mix.act, bakeId: bake.id }).outMin
      : undefined;
  return {
    bakeId: bake.id,
    readyFromMs: bake.readyFromMs,
    readyToMs: bake.readyToMs,
    done,
    plan,
    before,
    nowMs: state.nowMs,
    ...(outMin === undefined ? {} : { outMin }),
    places: new Map(facts.places.map((place) => [place.id, place])),
    pantry: facts.pantry,
    cultureSpeeds: cultureSpeeds(context, state),
    steps: { scaleStepG: facts.scaleStepG, fineStepG: facts.fineStepG },
    pinned: [...listPinned(context.db)],
  };
}

/** Planned steps of others that a bake rests on: whatever makes or moves a lot that it takes from, and so on back. */
function plannedBefore(all: readonly PlannedAct[], plan: readonly PlannedAct[]): PlannedAct[] {
  const found = new Set<PlannedAct>(plan);
  const wanted = new Set(plan.flatMap((step) => lotsTouchedBy(step.act)));
  for (const step of [...all].reverse()) {
    const made = lotMadeBy(step.act);
    const own = made === null ? lotsTouchedBy(step.act) : [made];
    if (found.has(step) || step.act.kind === 'use' || !own.some((id) => wanted.has(id))) continue;
    found.add(step);
    for (const id of lotsTouchedBy(step.act)) wanted.add(id);
  }
  return all.filter((step) => found.has(step) && !plan.includes(step));
}
