import { type OutdoorAir } from './kept/air';
import { type LearnedShop } from './kept/learned';
import { type Place, type Shop } from './kept/shop';
import type { Pantry } from '@/core/composition';
import { type Places } from '@/core/forecast';
import type { PossibleFold } from '@/core/journal';
import type { ClosingDays, Presence, WorkingHours } from '@/core/planner';
/** The shop as its tables and its journal have it. */
export interface ShopState {
  readonly shop: Shop;
  readonly places: readonly Place[];
  readonly placeMap: Places;
  readonly pantry: Pantry;
  readonly folded: PossibleFold;
  readonly nowMs: number;
  /** What was learned of its places, its mixer and its bowl. */
  readonly learned: LearnedShop;
  /** Who is there when; empty: everybody, in the shop’s hours. */
  readonly presences: readonly Presence[];
  readonly closed: ClosingDays;
  readonly air: OutdoorAir;
}

/** The shop's working hours, with who is there when and its closing days where they are known. */
export function workingHours({ shop, presences, closed }: WorkingShop): WorkingHours {
  return {
    fromMinute: shop.workFromMinute,
    untilMinute: shop.workUntilMinute,
    ...(presences.length === 0 ? {} : { presences }),
    closed,
  };
}

type WorkingShop = Pick<ShopState, 'shop' | 'presences' | 'closed'>;
