import type { Jar } from './jar';
import type { Pantry } from '../composition';
import type { LotForecast, PlaceHistory } from '../forecast';
import type { WorkingHours } from '../planner';
import type { SheetCurve } from './feed-picture';

/** A frozen lot to be ready at an hour. Plain data: it can be posted to a worker. */
export interface ThawQuestion {
  readonly jar: Jar;
  readonly nowMs: number;
  readonly readyMs: number;
  readonly fridgeId: string;
  readonly roomId: string;
  readonly workingHours: WorkingHours;
  readonly timeZone: string;
  readonly places: readonly PlaceHistory[];
  readonly pantry: Pantry;
}

/** Out of the freezer, out of the fridge, ready. */
export interface ThawPlan {
  readonly kind: 'plan';
  /** True where one of its moments falls outside the hands’ hours: no other hours do. */
  readonly atNight: boolean;
  readonly outMs: number;
  /** Null: it thaws in the room at once. */
  readonly roomMs: number;
  readonly fridgeH: number;
  /** Hours in the fridge until its core has thawed; null: not in the time there is. */
  readonly thawedH: number | null;
  readonly roomH: number;
  readonly readyMs: number | null;
  readonly missedH: number | null;
  readonly window: LotForecast['window'];
  readonly risingMs: number | null;
  readonly curve: SheetCurve;
}

/** A plan, or why there is none. */
export type ThawAnswer =
  | ThawPlan
  | {
      readonly kind: 'no plan';
      readonly because: 'too late' | 'never ready';
      readonly earliestMs: number | null;
    };
