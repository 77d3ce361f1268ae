import { tr } from '@/words/tr';
import { totals } from '../../composition';
import type { LotForecast } from '../../forecast';
import { lotMadeBy, type DoneAct } from '../../journal';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../../units';
import { forecastActs, type ForecastShopFacts } from '../forecast-acts';
import type { Kitchen } from '../week';
import type { CheckedPlan } from './checked-plan';

/** The shop that plans are checked against. */
export interface CheckedShop extends ForecastShopFacts {
  readonly kitchen: Kitchen;
  readonly done?: readonly DoneAct[];
  readonly fineStepG: number;
}

/** How far apart instants are looked at. */
export const LOOK_MS = 5 * MS_PER_MINUTE;

const LITRE_ROUNDING = 0.02;

/** No place holds more than it has room for, looked at every few minutes. */
export function checkRoom(plans: readonly CheckedPlan[], shop: CheckedShop): string[] {
  const own = plans.flatMap((plan) => {
    const lots = forecastActs(shop, [...plan.assumed, ...plan.steps]);
    const made = new Set(plan.steps.map((one) => lotMadeBy(one.act)));
    return [...lots.values()].filter((lot) => made.has(lot.story.lot.id));
  });
  if (own.length === 0) return [];
  const fromMs = Math.min(...own.map((lot) => lot.story.startMs));
  const toMs = Math.max(...plans.map((plan) => plan.demand.readyToMs));
  return shop.kitchen.rooms.flatMap((room) => {
    const full = instants(fromMs, toMs).some((atMs) => {
      const litres = own.reduce((sum, lot) => sum + litresIn(lot, room.placeId, atMs, shop), 0);
      return litres > room.litres + LITRE_ROUNDING;
    });
    return full ? [tr`${room.name} is over full`] : [];
  });
}

function litresIn(
  { story, run }: LotForecast,
  placeId: string,
  atMs: number,
  { pantry }: CheckedShop,
): number {
  if (atMs < story.startMs || (story.endMs !== null && atMs >= story.endMs)) return 0;
  const stay = story.stays.find((one) => one.fromMs <= atMs && atMs < (one.toMs ?? Infinity));
  if (stay?.placeId !== placeId) return 0;
  const hour = (atMs - story.startMs) / MS_PER_HOUR;
  const row = run.hours.findIndex((one) => one >= hour);
  const rise = run.rises[row < 0 ? run.length - 1 : row] ?? 1;
  const denseMl = totals(story.lot.composition, pantry).flourG * run.constants.denseVolume;
  return (denseMl * rise) / 1000;
}

/** Mixers and boxes, instant by instant. */
export function checkThings(plans: readonly CheckedPlan[], kitchen: Kitchen): string[] {
  const mixes = plans
    .filter((plan) => plan.mixesByMachine)
    .flatMap((plan) => {
      const mix = plan.steps.find(({ act }) => act.kind === 'make' && act.lotKind === 'dough');
      const moment = plan.hands.find((one) => one.fromMs === mix?.atMs);
      return moment === undefined ? [] : [moment];
    });
  const mixers = kitchen.mixers.reduce((sum, one) => sum + one.count, 0);
  const clash = mixes.some(
    (mix) => mixes.filter((one) => one.fromMs < mix.toMs && mix.fromMs < one.toMs).length > mixers,
  );
  const boxed = plans.flatMap(({ steps }) =>
    steps.flatMap(({ atMs, act }) => {
      if (act.kind !== 'divide') return [];
      const use = steps.find((one) => one.act.kind === 'use' && one.act.lotId === act.ballsLotId);
      const toMs = use?.act.kind === 'use' ? use.act.untilMs : Infinity;
      return [{ fromMs: atMs, toMs, count: act.count }];
    }),
  );
  const most = Math.max(
    0,
    ...boxed.map((one) =>
      boxed
        .filter((other) => other.fromMs <= one.fromMs && one.fromMs < other.toMs)
        .reduce((sum, other) => sum + other.count, 0),
    ),
  );
  return [
    ...(kitchen.mixers.length > 0 && clash ? [tr`two doughs in one mixer`] : []),
    ...(kitchen.boxedBalls !== null && most > kitchen.boxedBalls
      ? [tr`${most} balls in boxes for ${kitchen.boxedBalls}`]
      : []),
  ];
}

/** The instants of a span at which its room is looked at, ms. */
export function instants(fromMs: number, toMs: number): number[] {
  const count = Math.max(0, Math.floor((toMs - fromMs) / LOOK_MS) + 1);
  return Array.from({ length: count }, (_, i) => fromMs + i * LOOK_MS);
}
