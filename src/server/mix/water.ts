import type { ShopState } from '@/shop/state';
import { mixParts, type LotStory, type ShopForecast } from '@/core/forecast';
import type { ActOf } from '@/core/journal';
import type { Method } from '@/core/methods';
import { waterFor, type WaterAnswer, type WaterRequest } from '@/core/thermal';
import type { ShopContext } from '../context';
import { howMixed } from './how-mixed';

/** Minutes of turning that what was learned of the mixer stands for. */
const LEARNED_MINUTES = 10;

/** Water kept in the fridge, °C. Source: the trade’s 2–4 °C. */
const ICE_COLD_C = 4;

/** How a mass is mixed, as far as its water goes by it. */
export interface Mixing {
  readonly by: 'hand' | 'mixer';
  /** Minutes that the mixer turns. */
  readonly turnsMin: number;
  /** True where the method takes its water ice cold: from the fridge, before any of it is ice. */
  readonly iceCold?: boolean;
}

/** How a mass is mixed: leavens by hand, a dough as its method says, or as the shop does where it has none. */
export function mixingOf(
  context: Pick<ShopContext, 'db'>,
  state: ShopState,
  act: ActOf<'make'>,
  bakeId: string | null,
): Mixing {
  if (act.lotKind !== 'dough') return { by: 'hand', turnsMin: 0 };
  const { mix, schools, methodName } = howMixed(context, state, { bakeId, act });
  if (methodName === null) {
    return { by: act.mixedBy ?? mix.by, turnsMin: LEARNED_MINUTES };
  }
  const iceCold = schools.water === 'ice cold';
  return { by: mix.by, turnsMin: turningMin(mix), iceCold };
}

/** Minutes that the machine turns. */
const turningMin = (mix: Method['mix']) =>
  mix.steps
    .filter((step) => step.speed === 'fast' || step.speed === 'slow')
    .reduce((sum, step) => sum + step.minutes, 0);

/** By how much a mixing warms the dough, °C: what was learned of the mixer, by the minutes that it turns. */
export const mixingWarmsC = ({ by, turnsMin }: Mixing, state: ShopState) =>
  by === 'mixer' ? (state.learned.mixerHeat.mean * turnsMin) / LEARNED_MINUTES : 0;

/**
 * What the water of a planned mass is asked for: its aim as the plan has it now, its flour and each leaven as warm as they are,
 * what the mixing adds. Every view, card and sheet asks here; null for a mass that takes no water.
 */
export function waterRequest(
  act: ActOf<'make'>,
  atMs: number,
  mixing: Mixing,
  { state, forecast }: { readonly state: ShopState; readonly forecast: ShopForecast },
): (WaterRequest & { readonly parts: ReturnType<typeof mixParts>['parts'] }) | null {
  // What has soaked for hours has its water in: it comes to what it comes to.
  if (act.soaked !== undefined) return null;
  const stories = new Map<string, LotStory>();
  for (const { lotId } of act.portions) {
    const story = forecast.lots.get(lotId)?.story;
    if (story !== undefined) stories.set(lotId, story);
  }
  const { parts, waterG } = mixParts(act, atMs, stories, {
    places: state.placeMap,
    pantry: state.pantry,
  });
  if (waterG <= 0) return null;
  return {
    aimC: act.startC,
    parts,
    waterG,
    mixingC: mixingWarmsC(mixing, state),
    tapC: mixing.iceCold === true ? Math.min(ICE_COLD_C, state.shop.tapC) : state.shop.tapC,
  };
}

/** The water that brings a planned mass to its temperature; null for one that takes none. */
export function waterOf(...asked: Parameters<typeof waterRequest>): WaterAnswer | null {
  const request = waterRequest(...asked);
  return request === null ? null : waterFor(request);
}
