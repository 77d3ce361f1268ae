import { tr } from '@/words/tr';
import { totals } from '../../composition';
import type { ActOf } from '../../journal';
import { MS_PER_MINUTE } from '../../units';
import { forecastActs, type ForecastShopFacts } from '../forecast-acts';
import type { Kitchen } from '../week';
import { MINUTE_MS, type CheckedPlan } from './checked-plan';

/** A rest of this long is nobody’s time, and all batches rest at once. */
const LONG_REST_MIN = 45;
const SOAK_MIN = 90;
/** A mixer’s table is for a dough of 65 %; a point less takes 1.5 % of it away. */
const TABLE_HYDRATION = 0.65;

/**
 * The card has its time: every batch is weighed, brought together, rested and mixed before the dough is divided, and
 * somebody’s hands are there for as long.
 */
export function checkMix(
  plan: CheckedPlan,
  shop: ForecastShopFacts & { readonly kitchen: Kitchen },
): string[] {
  const { steps, mix, hands } = plan;
  const made = steps.find(({ act }) => act.kind === 'make' && act.lotKind === 'dough');
  const divided = steps.find(({ act }) => act.kind === 'divide');
  if (made === undefined || divided === undefined || made.act.kind !== 'make') return [];
  const turnMin = mix.steps.reduce((sum, step) => sum + step.minutes, 0);
  // A soak of hours is over when the mix begins.
  const restMin = (mix.autolyse?.minutes ?? 0) < SOAK_MIN ? (mix.autolyse?.minutes ?? 0) : 0;
  const batches = batchesOf(plan, made.act, shop);
  const restsMin = restMin < LONG_REST_MIN ? batches * restMin : restMin;
  const neededMs = (batches * turnMin + restsMin) * MS_PER_MINUTE;
  const handsMs = hands
    .filter((one) => one.fromMs >= made.atMs && one.fromMs < divided.atMs)
    .filter((one) => one.part === 'mix')
    .reduce((sum, one) => sum + one.toMs - one.fromMs, 0);
  const activeMs = batches * turnMin * MS_PER_MINUTE;
  return [
    ...(divided.atMs < made.atMs + neededMs - MINUTE_MS
      ? [tr`it is divided while dough is still in the bowl`]
      : []),
    ...(handsMs < activeMs - MINUTE_MS ? [tr`the hands end before the mix does`] : []),
  ];
}

/** Batches by mass, of what the largest mixer takes of a dough as stiff as this one. */
function batchesOf(
  plan: CheckedPlan,
  act: ActOf<'make'>,
  shop: ForecastShopFacts & { readonly kitchen: Kitchen },
): number {
  if (!plan.mixesByMachine || shop.kitchen.mixers.length === 0) return 1;
  const lot = forecastActs(shop, [...plan.assumed, ...plan.steps]).get(act.lotId);
  const { flourG, waterG } = totals(lot?.story.lot.composition ?? {}, shop.pantry);
  const stiff = 1 + 1.5 * (waterG / Math.max(1, flourG) - TABLE_HYDRATION);
  const largest = Math.max(...shop.kitchen.mixers.map((one) => one.mostKg));
  const takesG = 1000 * largest * Math.min(1.15, Math.max(0.4, stiff));
  const doughG = [...act.ingredients, ...act.portions].reduce((sum, line) => sum + line.massG, 0);
  return Math.max(1, Math.ceil(doughG / takesG - 1e-3));
}
