import type { Pantry } from '../composition';
import type { CultureSpeed, Look, LotForecast, Places, RememberedLots } from '../forecast';
import type { DoughColumns, Mixer, ScaleSteps } from '../formula';
import type { DoneAct } from '../journal';
import type { Method } from '../methods';
import type { BakeStep } from './bake-step';
import type { HeldHour } from './hour-of';
import type { MethodLots } from './method-acts';
import type { LeavenSource, Wave } from './plan-parts';
import type { Refreshments } from './refreshments';
import type { WorkingHours } from './working-hours';

/** A bake of any method to plan backwards. */
export interface MethodRequest {
  readonly method: Method;
  readonly name: string;
  readonly readyFromMs: number;
  readonly readyToMs: number;
  readonly held: {
    readonly mixAtMs?: number;
    /** When leavens are built, by their ids. */
    readonly leavenAtMs?: Readonly<Record<string, number>>;
    /** Hours of anything else; those between mix and balls, and a leaven’s, are held beside their mix or their leaven. */
    readonly hours?: readonly HeldHour[];
  };
  /** Doses and seeds stand in the method and are not to be found anew; the feeds in a row before it that were found. */
  readonly solved?: { readonly refreshments: Refreshments };
  readonly nowMs: number;
  readonly places: Places;
  readonly pantry: Pantry;
  readonly steps: ScaleSteps;
  /** The shop’s mixers, which say how many batches a dough goes in; left out, it is one. */
  readonly mixers?: readonly Mixer[];
  readonly workingHours: WorkingHours;
  readonly timeZone: string;
  readonly cultureSpeeds: ReadonlyMap<string, CultureSpeed>;
  readonly sources: readonly LeavenSource[];
  /** What was done to the jars among the sources: with it their real state is planned from; left out, they are taken as ripe. */
  readonly done?: readonly DoneAct[];
  readonly jars?: RememberedLots;
  /** Step of the runs, h, where many plans are tried. */
  readonly stepH?: number;
  /** How planned lots are run while a plan is sought; as a picture asks where absent. */
  readonly look?: Look;
  /** The balls in parts that are ready one after the other; left out, all at once. */
  readonly waves?: readonly Wave[];
  readonly withBands: boolean;
}

/** What about a planned method the baker should know. */
export type MethodRemark =
  | { readonly kind: 'mix off peak'; readonly leavenName: string; readonly minutes: number }
  | { readonly kind: 'leaven not ripe'; readonly leavenName: string }
  | { readonly kind: 'balls late'; readonly minutes: number | null }
  | { readonly kind: 'balls slack'; readonly minutes: number }
  | { readonly kind: 'at night'; readonly what: string; readonly atMs: number }
  | { readonly kind: 'keeps too short'; readonly product: string; readonly keepsH: number }
  | {
      readonly kind: 'pieces lighter';
      readonly product: string;
      readonly weightG: number;
      readonly askedG: number;
    };

/** A leaven within a plan. */
export interface PlannedLeaven {
  readonly leavenId: string;
  readonly name: string;
  /** Null for one that is only taken. */
  readonly atMs: number | null;
  readonly forecast: LotForecast;
  /** True for one that has to be inside its window at the mix: built for it, or taken of one that was built; a jar is taken as it is. */
  readonly ripens: boolean;
  /** Dose or seed found or kept: fresh yeast over its flour, or seed over the build’s flour; null for one taken. */
  readonly raisedBy: number | null;
  /** True where that is a dose of yeast. */
  readonly byYeast: boolean;
}

/** A method planned. */
export interface MethodPlan {
  readonly kind: 'plan';
  /** The method with the doses and seeds that were found. */
  readonly method: Method;
  readonly columns: DoughColumns;
  readonly leavens: readonly PlannedLeaven[];
  /** Feeds in a row before seeded leavens. */
  readonly refreshments: Refreshments;
  readonly mixAtMs: number;
  /** Batches that the dough is mixed in. */
  readonly batches: number;
  readonly ballAtMs: number;
  readonly steps: readonly BakeStep[];
  readonly dough: LotForecast;
  /** The first product’s. */
  readonly balls: LotForecast;
  /** Every product’s, or every wave’s. */
  readonly pieces: readonly LotForecast[];
  /** Every lot of the plan by the ids in its steps. */
  readonly lots: ReadonlyMap<string, LotForecast>;
  readonly waves: readonly Wave[] | null;
  /** The steps as they were run: with stand-ins for what is not in the shop yet. */
  readonly run: readonly BakeStep[];
  /** The ids that the steps use. */
  readonly ids: MethodLots;
  readonly remarks: readonly MethodRemark[];
}

/** A wish that can not be met. */
export interface NoMethodPlan {
  readonly kind: 'infeasible';
  readonly because:
    | 'bake in the past'
    | 'too far ahead'
    | 'service too long'
    | 'too late to start'
    | 'moments out of order'
    | 'ends before it starts'
    | 'a step can not be';
  /** For a step that can not be: which one, why, and what would mend it. */
  readonly says?: string;
  readonly earliestReadyMs: number | null;
}
