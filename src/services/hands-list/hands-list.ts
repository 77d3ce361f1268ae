import type { ShopUnits } from '@/core/units';
import { oneMethodVersion, type Bake } from '@/data';
import { handsMin, mixingMin } from '@/core/planner/week';
import type { Act } from '@/core/journal';
import { MS_PER_MINUTE } from '@/core/units';
import { bakesInSight } from '../bakes-in-sight';
import type { ShopContext } from '../context';
import { forecastState, loadShop, type ShopState } from '../shop-state';
import { batchesOf } from '../mix/batches';
import { momentsOf } from '../tide/moments';
import type { MomentLine } from '../tide/moment';

/** A moment of hands on the list. */
export interface HandsMoment {
  readonly stepId: string;
  readonly atMs: number;
  readonly toMs: number;
  readonly title: string;
  readonly who: string | null;
  readonly bake: string;
  readonly place: string;
  readonly lines: readonly MomentLine[];
  readonly foot: string;
}

/** What the hands do next, day by day, person by person. */
export interface HandsList {
  readonly shopName: string;
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly people: readonly string[];
  readonly moments: readonly HandsMoment[];
}

/** Every planned moment of hands from now on, in order of time. */
export function handsList(context: ShopContext): HandsList {
  const state = loadShop(context);
  const { shop, nowMs } = state;
  const forecast = forecastState(context, state);
  const bakes = bakesInSight(context);
  // Where one person is there, it is nobody else.
  const only = shop.people.length === 1 ? (shop.people[0] ?? null) : null;
  const acts = new Map(forecast.acts.map((one) => [one.ref, one.act]));
  const moments = momentsOf(context, { state, forecast }, (one) => one.tense === 'planned').map(
    (moment): HandsMoment => {
      const bake = bakes.find((one) => one.id === moment.bakeId);
      const act = acts.get(moment.ref);
      return {
        stepId: moment.ref,
        atMs: moment.atMs,
        toMs: act === undefined ? moment.atMs : endOf(context, act, moment.atMs, { bake, state }),
        title: moment.title,
        who: moment.by ?? only,
        bake: bake?.name ?? '',
        place: state.placeMap.get(moment.placeId ?? '')?.name ?? '',
        lines: moment.lines,
        foot: moment.foot,
      };
    },
  );
  return {
    shopName: shop.name,
    units: { timeZone: shop.timeZone, massUnit: shop.massUnit, tempUnit: shop.tempUnit },
    nowMs,
    people: shop.people,
    moments: moments.sort((a, b) => a.atMs - b.atMs),
  };
}

/** When hands are free again: a service, or a wave of one, ends when it ends; a mix goes in as many batches as its mixer takes. */
function endOf(
  context: ShopContext,
  act: Act,
  atMs: number,
  { bake, state }: { readonly bake: Bake | undefined; readonly state: ShopState },
): number {
  if (act.kind === 'use') return Math.max(atMs, act.untilMs);
  const minutes =
    act.kind === 'make' && act.lotKind === 'dough' && bake?.methodVersionId != null
      ? mixingMin(
          oneMethodVersion(context.db, bake.methodVersionId).method,
          batchesOf(context, state, act),
        )
      : handsMin(act);
  return atMs + minutes * MS_PER_MINUTE;
}
