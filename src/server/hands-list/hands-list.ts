import { tr } from '@/words/tr';
import { type HandsList, type HandsMoment } from '@/shop/hands/hands-list';
import type { Bake } from '@/shop/kept/bake';
import { type ShopState } from '@/shop/state';

import { handsMin } from '@/core/planner/week';
import type { Act } from '@/core/journal';
import { MS_PER_MINUTE, unitsOf } from '@/core/units';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { mixClockOf } from '../mix/batches';
import { unplannedServices } from '../unplanned/unplanned';
import { momentsOf } from '../tide/moments';

/** Every planned moment of hands from now on, in order of time. */
export function handsList(context: ShopContext): HandsList {
  const state = loadShop(context);
  const { shop, nowMs } = state;
  const forecast = forecastState(context, state);
  const bakes = bakesInSight(context);
  // Where one person is there, it is nobody else.
  const only = shop.people.length === 1 ? (shop.people[0] ?? null) : null;
  const acts = new Map(forecast.acts.map((one) => [one.ref, one.act]));
  const moments = momentsOf(context, { state, forecast }, (one) => one.tense === 'planned').flatMap(
    (moment): HandsMoment[] => {
      const bake = bakes.find((one) => one.id === moment.bakeId);
      const act = acts.get(moment.ref);
      const spans = act === undefined ? [] : spansOf(context, state, { ...moment, act });
      return spans.map(({ fromMs, toMs }, index) => ({
        stepId: index === 0 ? moment.ref : `${moment.ref}.${index}`,
        atMs: fromMs,
        toMs,
        title: index === 0 ? moment.title : tr`${moment.title}, after its rest`,
        who: moment.by ?? only,
        assignable: index === 0,
        bake: bake?.name ?? '',
        place: state.placeMap.get(moment.placeId ?? '')?.name ?? '',
        lines: index === 0 ? moment.lines : [],
        foot: index === 0 ? moment.foot : '',
      }));
    },
  );
  return {
    shopName: shop.name,
    units: unitsOf(shop),
    nowMs,
    people: shop.people,
    moments: [...moments, ...toPlan(context, state, bakes)].sort((a, b) => a.atMs - b.atMs),
  };
}

/**
 * When hands are taken: a service, or a wave of one, from its start to its end; a mix as long as its card, twice where
 * a long rest lies within it.
 */
function spansOf(
  context: ShopContext,
  state: ShopState,
  one: { readonly act: Act; readonly atMs: number; readonly bakeId: string | null },
): { readonly fromMs: number; readonly toMs: number }[] {
  const { act, atMs, bakeId } = one;
  if (act.kind === 'use') return [{ fromMs: atMs, toMs: Math.max(atMs, act.untilMs) }];
  const spans =
    act.kind === 'make' && act.lotKind === 'dough'
      ? mixClockOf(context, state, { act, bakeId }).spans
      : [{ fromMin: 0, toMin: handsMin(act) }];
  return spans.map(({ fromMin, toMin }) => ({
    fromMs: atMs + fromMin * MS_PER_MINUTE,
    toMs: atMs + toMin * MS_PER_MINUTE,
  }));
}

/** Services that want a plan, each at the hour by which. */
function toPlan(context: ShopContext, state: ShopState, bakes: readonly Bake[]): HandsMoment[] {
  return unplannedServices(context, state, bakes).flatMap(({ key, name, balls, planBy }) =>
    planBy === null
      ? []
      : [
          {
            stepId: `plan ${key}`,
            atMs: planBy.atMs,
            toMs: planBy.atMs,
            title: tr`Plan ${name}`,
            who: null,
            assignable: false,
            bake: name,
            place: '',
            lines: [{ label: tr`pizzas`, text: String(balls) }],
            foot: tr`then ${planBy.method} is too late`,
          },
        ],
  );
}
