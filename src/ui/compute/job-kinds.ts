import type { PlanFacts } from '@/shop/plan/facts';
import type { DoughFacts } from '@/shop/doughs/facts';
import type { HoldFacts } from '@/shop/hold/facts';
import type {
  DrawnBand,
  Inversion,
  WhatIfAnswer,
  Wish,
  PlaceHistory,
  WhatIfBase,
  WhatIfHandles,
} from '@/core/forecast';
import type { RecipeHours, ShareHours } from '@/core/planner';
import type {
  DiscardDough,
  DiscardDoughQuestion,
  FeedChoice,
  FeedQuestion,
  FeedSheet,
  FeedSheetQuestion,
  SeriesAnswer,
  PeakAt,
  RefreshQuestion,
  RefreshSheet,
  SeriesQuestion,
  ThawAnswer,
  ThawQuestion,
} from '@/core/cultures';
import type { Pantry } from '@/core/composition';
import type { BakeForm } from '@/shop/doughs/bake-form';
import { type poolishAnswer } from '@/shop/doughs/poolish-form';
import type { ShopFacts } from '@/shop/facts';
import type { LaneBefore } from '@/ui/lanes/lanes';
import type { LaneQuestion } from '@/ui/lanes/search';
import type { Moved, MoveQuestion } from '@/shop/moves/moved-shop';
import type { Blend } from '@/core/flour';
import type { Dough, LeavenKind } from '@/core/formula';
import type { MethodAnswer } from '@/shop/doughs/method-answer';
import type { MethodBake } from '@/shop/doughs/method-request';
import type { Way } from '@/shop/doughs/ways';
import type { Demand } from '@/core/planner/week';
import type { HoldSearch } from '@/shop/hold/search';
import { type plansAt, type PlanAtAnswer } from '@/shop/plan/plan-at';
import type { PlanSearch, WeekSearch } from '@/shop/plan/search';
import type {
  DoughAnswer,
  DoughQuestion,
  WholeDoughAsk,
  WholeDoughStart,
} from '@/shop/practice/whole-dough';

/** What the worker can be asked, and what it answers. */
export interface JobKinds {
  /** Curve, window and band of a lot with its handles set. */
  readonly whatIf: { readonly asks: Handled; readonly answers: WhatIfAnswer };
  /** The handle that makes it best at a wanted hour. */
  readonly wish: { readonly asks: Handled & { readonly wish: Wish }; readonly answers: Inversion };
  /** A thousand runs with drawn doubts, where some may never get there. */
  readonly draws: { readonly asks: Handled; readonly answers: DrawnBand };
  /** The lanes of the home picture. */
  readonly lanes: {
    readonly asks: LaneQuestion;
    readonly answers: readonly (readonly [string, LaneBefore])[];
  };
  /** What would follow from moving a step. */
  readonly moved: { readonly asks: MoveQuestion; readonly answers: Moved };
  /** A feed found for a wish. */
  readonly feed: { readonly asks: FeedSheetQuestion; readonly answers: FeedSheet };
  /** The same wish elsewhere and at other hours. */
  readonly feedChoices: {
    readonly asks: FeedSheetQuestion & {
      readonly others: readonly { readonly placeId: string; readonly readyMs: number }[];
    };
    readonly answers: readonly FeedChoice[];
  };
  /** A few feeds in a row. */
  readonly series: {
    readonly asks: {
      readonly question: SeriesQuestion;
      readonly places: readonly PlaceHistory[];
      readonly pantry: Pantry;
    };
    readonly answers: SeriesAnswer;
  };
  /** A refresh of leftover dough. */
  readonly refresh: { readonly asks: RefreshQuestion; readonly answers: RefreshSheet };
  /** A dough with discard in it. */
  readonly discardDough: { readonly asks: DiscardDoughQuestion; readonly answers: DiscardDough };
  /** A thaw worked out backwards. */
  readonly thaw: { readonly asks: ThawQuestion; readonly answers: ThawAnswer };
  /** Hours from feed to best against the room’s temperature. */
  readonly peaks: {
    readonly asks: {
      readonly question: FeedQuestion;
      readonly motherG: number;
      readonly totalG: number;
      readonly places: readonly PlaceHistory[];
      readonly pantry: Pantry;
    };
    readonly answers: readonly PeakAt[];
  };
  /** A bake of a method planned backwards, with what it takes of the flour. */
  readonly method: {
    readonly asks: { readonly bake: Omit<MethodBake, 'versionId'>; readonly facts: DoughFacts };
    readonly answers: MethodAnswer;
  };
  /** A method as it stands beside its other ways. */
  readonly ways: {
    readonly asks: { readonly bake: Omit<MethodBake, 'versionId'>; readonly facts: DoughFacts };
    readonly answers: readonly Way[];
  };
  /** Hours of a recipe’s dough at a temperature. */
  readonly recipeHours: {
    readonly asks: { readonly dough: Dough; readonly blend: Blend; readonly tempC: number };
    readonly answers: RecipeHours;
  };
  /** Hours of a dough at the shares of its leaven. */
  readonly shares: {
    readonly asks: {
      readonly bake: Omit<MethodBake, 'versionId'>;
      readonly facts: DoughFacts;
      readonly leavenId: string;
      readonly kind: LeavenKind;
    };
    readonly answers: readonly ShareHours[];
  };
  /** Plans of a service, side by side. */
  readonly plans: {
    readonly asks: { readonly demand: Demand; readonly facts: PlanFacts };
    readonly answers: PlanSearch;
  };
  /** Plans of a service with hours that the baker holds. */
  readonly plansAt: {
    readonly asks: Parameters<typeof plansAt>[0];
    readonly answers: readonly PlanAtAnswer[];
  };
  /** What can still be done for a bake that may slip. */
  readonly hold: { readonly asks: HoldFacts; readonly answers: HoldSearch | null };
  /** Plans of all open services together. */
  readonly week: {
    readonly asks: { readonly demands: readonly Demand[]; readonly facts: PlanFacts };
    readonly answers: WeekSearch;
  };
  /** A whole dough to practise with, planned for an evening. */
  readonly doughStart: {
    readonly asks: WholeDoughAsk;
    readonly answers: WholeDoughStart;
  };
  /** That dough with what was done otherwise. */
  readonly doughRun: { readonly asks: DoughQuestion; readonly answers: DoughAnswer };
  /** A bake planned backwards. */
  readonly plan: {
    readonly asks: { readonly form: BakeForm; readonly facts: ShopFacts };
    readonly answers: ReturnType<typeof poolishAnswer>;
  };
}

/** One kind of question. */
export type JobKind = keyof JobKinds;

/** A lot that is handled otherwise than planned. */
export interface Handled {
  readonly base: WhatIfBase;
  readonly handles: WhatIfHandles;
}
