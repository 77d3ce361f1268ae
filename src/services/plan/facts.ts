import { lineageActs, type DoneAct } from '@/core/journal';
import type { MethodRequest } from '@/core/planner';
import {
  WISHES,
  type DemandMethod,
  type Kitchen,
  type Needs,
  type PlanningShop,
  type Weights,
} from '@/core/planner/week';
import { RememberedLots } from '@/core/forecast';
import { listEquipmentThere, type DemandRow } from '@/data';
import { bakesInSight } from '../bakes-in-sight';
import type { ShopContext } from '../context';
import { doughFacts, sourceFor, type DoughFacts } from '../doughs/facts';
import { methodRows, type MethodRow } from '../doughs/methods';
import { forecastState, workingHours, type ShopState } from '../shop-state';
import { backgroundOf } from './background';

/** What plans of a week rest on; plain data, so that the page’s worker can plan by itself. */
export interface PlanFacts {
  readonly dough: DoughFacts;
  readonly kitchen: Kitchen;
  /** What was done to the jars that leavens are taken from. */
  readonly done: readonly DoneAct[];
  readonly background: Needs;
  readonly weights: Weights;
}

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
    done: lineageActs(state.folded.done, lotIds),
    background: backgroundOf(context, state, {
      forecast: forecastState(context, state),
      bakes: bakesInSight(context),
      without: new Set(without),
    }),
    weights: weightsOf(state),
  };
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
    people: people.length === 0 ? ['Hands'] : people,
    hours: workingHours(state),
    timeZone: state.shop.timeZone,
    rooms: state.places.map(({ id, name, capacityL }) => ({
      placeId: id,
      name,
      litres: capacityL,
    })),
    mixers: of('mixer').map(({ name, least, most, count }) => ({
      name,
      leastKg: least,
      mostKg: most,
      count,
    })),
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

/** The facts as the planner takes them. */
export function planningShop(facts: PlanFacts): PlanningShop {
  const { dough, done, background, weights, kitchen } = facts;
  const { planning } = dough;
  return {
    kitchen,
    base: {
      nowMs: planning.nowMs,
      places: new Map(planning.places.map((place) => [place.id, place])),
      pantry: planning.pantry,
      steps: { scaleStepG: planning.scaleStepG, fineStepG: planning.fineStepG },
      workingHours: planning.workingHours,
      timeZone: planning.timeZone,
      cultureSpeeds: planning.cultureSpeeds,
      done,
      jars: new RememberedLots(),
      stepH: PLANNING_STEP_H,
    },
    sourcesOf: (method) => sourcesOf(method, dough),
    background,
    weights,
  };
}
/** Step of the runs where many plans are tried, h: 0.4 min of error. Source: model of ripening, §8. */
const PLANNING_STEP_H = 0.1;

function sourcesOf({ method }: DemandMethod, { sources }: DoughFacts): MethodRequest['sources'] {
  return method.dough.leavens.flatMap((leaven) => {
    const source = sourceFor(leaven, sources);
    if (source === null) return [];
    const { lotId, cultureId, thereG } = source;
    return [{ leavenId: leaven.id, lotId, cultureId, thereG }];
  });
}

/** The methods that will do for a demand: those it names, else every one whose cultures the shop has. */
export function demandMethods(
  context: ShopContext,
  state: ShopState,
  about: { readonly demand: Pick<DemandRow, 'methods'>; readonly dough: DoughFacts },
): DemandMethod[] {
  const rows = methodRows(context, state);
  const { methods } = about.demand;
  const named = rows.filter((row) => methods.includes(row.id));
  const all = named.length > 0 ? named : rows;
  return all
    .filter((row) => hasSources(row, about.dough))
    .map(({ id, versionId, method }) => ({ key: id, versionId, method }));
}

function hasSources({ method }: MethodRow, { sources }: DoughFacts): boolean {
  return method.dough.leavens.every(
    (leaven) => leaven.made.by === 'yeast' || sourceFor(leaven, sources) !== null,
  );
}
