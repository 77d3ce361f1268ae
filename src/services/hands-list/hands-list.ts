import type { ShopUnits } from '@/core/units';
import { listEquipmentThere, oneMethodVersion, type Bake } from '@/data';
import { handsMin, mixingMin } from '@/core/planner/week';
import type { Act } from '@/core/journal';
import { MS_PER_MINUTE } from '@/core/units';
import { bakesInSight } from '../bakes-in-sight';
import type { ShopContext } from '../context';
import { forecastState, loadShop } from '../shop-state';
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
  const acts = new Map(forecast.acts.map((one) => [one.ref, one.act]));
  const moments = momentsOf(
    state,
    forecast,
    listEquipmentThere(context.db),
    (one) => one.tense === 'planned',
  ).map((moment): HandsMoment => {
    const bake = bakes.find((one) => one.id === moment.bakeId);
    const act = acts.get(moment.ref);
    const minutes = act === undefined ? 0 : minutesOf(context, act, bake);
    return {
      stepId: moment.ref,
      atMs: moment.atMs,
      toMs: moment.atMs + minutes * MS_PER_MINUTE,
      title: moment.title,
      who: moment.by,
      bake: bake?.name ?? '',
      place: state.placeMap.get(moment.placeId ?? '')?.name ?? '',
      lines: moment.lines,
      foot: moment.foot,
    };
  });
  return {
    shopName: shop.name,
    units: { timeZone: shop.timeZone, massUnit: shop.massUnit, tempUnit: shop.tempUnit },
    nowMs,
    people: shop.people,
    moments: moments.sort((a, b) => a.atMs - b.atMs),
  };
}

function minutesOf(context: ShopContext, act: Act, bake: Bake | undefined): number {
  if (act.kind === 'use') {
    return bake === undefined ? 0 : (act.untilMs - bake.readyFromMs) / MS_PER_MINUTE;
  }
  if (act.kind === 'make' && act.lotKind === 'dough' && bake?.methodVersionId != null) {
    return mixingMin(oneMethodVersion(context.db, bake.methodVersionId).method, 1);
  }
  return handsMin(act);
}
