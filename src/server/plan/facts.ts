import { tr } from '@/words/tr';
import { type PlanFacts } from '@/shop/plan/facts';
import { workingHours, type ShopState } from '@/shop/state';
import { isAct, lineageActs, type DoneAct } from '@/core/journal';

import { WISHES, type Kitchen, type Weights } from '@/core/planner/week';

import { listEquipmentThere } from '@/data';
import { mixersThere } from '../mix/how-mixed';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import { doughFacts } from '../doughs/facts';
import { forecastState } from '../shop/forecast-state';
import { backgroundOf } from './background';

/** The facts of a loaded shop for its plans. */
export function planFacts(
  context: ShopContext,
  state: ShopState,
  without: readonly string[] = [],
): PlanFacts {
  const dough = doughFacts(context, state);
  const lotIds = [...new Set(dough.sources.map((source) => source.lotId))];
  return {
    dough,
    kitchen: kitchenOf(context, state),
    done: lineageActs([...state.folded.done, ...leavensToCome(state, new Set(lotIds))], lotIds),
    background: backgroundOf(context, state, {
      forecast: forecastState(context, state),
      bakes: bakesInSight(context),
      without: new Set(without),
    }),
    weights: weightsOf(state),
  };
}

/** Planned feeds of cultures, and planned leavens of which something is left, as what will have been done when a plan takes of them. */
function leavensToCome({ folded: { plan } }: ShopState, lotIds: ReadonlySet<string>): DoneAct[] {
  return plan.flatMap(({ stepId, atMs, act, by, bakeId }) => {
    const feeds = isAct(act, 'make') && (act.cultureId !== undefined || lotIds.has(act.lotId));
    const moves = isAct(act, 'move') && lotIds.has(act.lotId);
    return feeds || moves
      ? [{ entryId: stepId, batch: stepId, fulfils: null, atMs, act, by, bakeId }]
      : [];
  });
}

/** What the shop weighs plans by. */
function weightsOf({ shop }: ShopState): Weights {
  const wish = shop.wish ?? 'sure dough';
  return typeof wish === 'string' ? WISHES[wish] : wish;
}

/** Litres of a place are counted from this many on: less is a shelf for a jar. */
export function kitchenOf(context: ShopContext, state: ShopState): Kitchen {
  const things = listEquipmentThere(context.db);
  const of = (kind: string) => things.filter((thing) => thing.kind === kind);
  const boxes = of('box');
  const { people } = state.shop;
  return {
    people: people.length === 0 ? [tr`Hands`] : people,
    hours: workingHours(state),
    timeZone: state.shop.timeZone,
    rooms: state.places.map(({ id, name, capacityL }) => ({
      placeId: id,
      name,
      litres: capacityL,
    })),
    mixers: mixersThere(context),
    boxedBalls:
      boxes.length === 0 ? null : boxes.reduce((sum, box) => sum + box.count * box.most, 0),
    ovens: of('oven').map(({ name, count, most, heatMin, bakeMin }) => ({
      name,
      count,
      atOnce: most,
      heatMin,
      bakeMin,
    })),
  };
}
