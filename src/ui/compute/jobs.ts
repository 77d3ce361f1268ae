import type { PlanFacts } from '@/shop/plan/facts';
import type { DoughFacts } from '@/shop/doughs/facts';
import type { HoldFacts } from '@/shop/hold/facts';
import {
  drawnBandSteps,
  handledLot,
  whatIf,
  wishFor,
  type DrawnBand,
  type Inversion,
  type WhatIfAnswer,
  type WhatIfBase,
  type WhatIfHandles,
  type Wish,
  type PlaceHistory,
} from '@/core/forecast';
import { seededNormal } from '@/core/numeric';
import {
  hoursAtShare,
  recipeHours,
  SHARES,
  type RecipeHours,
  type ShareHours,
} from '@/core/planner';
import {
  discardDough,
  feedChoices,
  feedSheet,
  findSeries,
  peaksByRoom,
  refreshSheet,
  thawPlan,
  type DiscardDough,
  type DiscardDoughQuestion,
  type FeedChoice,
  type FeedQuestion,
  type FeedSheet,
  type FeedSheetQuestion,
  type SeriesAnswer,
  type PeakAt,
  type RefreshQuestion,
  type RefreshSheet,
  type SeriesQuestion,
  type ThawAnswer,
  type ThawQuestion,
} from '@/core/cultures';
import type { Pantry } from '@/core/composition';
import type { BakeForm } from '@/shop/doughs/bake-form';
import { poolishAnswer, type PlanningFacts } from '@/shop/doughs/poolish-form';
import type { LaneBefore } from '../lanes/lanes';
import { searchLanes, type LaneQuestion } from '../lanes/search';
import { movedShop, type Moved, type MoveQuestion } from '@/shop/moves/moved-shop';
import type { Steps } from './job-queue';

import type { Blend } from '@/core/flour';
import type { Dough, LeavenKind } from '@/core/formula';

import { methodAnswer, type MethodAnswer } from '@/shop/doughs/method-answer';
import { methodRequestOf, type MethodBake } from '@/shop/doughs/method-request';
import { waysOf, type Way } from '@/shop/doughs/ways';
import type { Demand } from '@/core/planner/week';

import { searchHold, type HoldSearch } from '@/shop/hold/search';
import { plansAt, type PlanAtAnswer } from '@/shop/plan/plan-at';
import { searchPlans, searchWeek, type PlanSearch, type WeekSearch } from '@/shop/plan/search';

import {
  startDough,
  wholeDough,
  type DoughAnswer,
  type DoughQuestion,
  type WholeDoughAsk,
  type WholeDoughStart,
} from '@/shop/practice/whole-dough';

interface Handled {
  readonly base: WhatIfBase;
  readonly handles: WhatIfHandles;
}

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
    readonly asks: { readonly form: BakeForm; readonly facts: PlanningFacts };
    readonly answers: ReturnType<typeof poolishAnswer>;
  };
}

/** One kind of question. */
export type JobKind = keyof JobKinds;

const DRAWN_RUNS = 1000;
const SEED = 20261127;

function* atOnce<T>(compute: () => T): Steps<T> {
  return compute();
}

/** Each share is a step: a newer question stops it between two. */
function* shareSteps({
  bake,
  facts,
  leavenId,
  kind,
}: JobKinds['shares']['asks']): Steps<readonly ShareHours[]> {
  const request = methodRequestOf(bake, facts, false);
  const found: ShareHours[] = [];
  for (const flourShare of SHARES) {
    found.push(hoursAtShare(request, leavenId, { kind, flourShare }));
    yield found.length / SHARES.length;
  }
  return found;
}

const placeMapOf = (places: readonly PlaceHistory[]) => new Map(places.map((one) => [one.id, one]));

/** How each kind of question is worked out. */
export const JOBS: {
  readonly [K in JobKind]: (asks: JobKinds[K]['asks']) => Steps<JobKinds[K]['answers']>;
} = {
  whatIf: ({ base, handles }) => atOnce(() => whatIf(base, handles)),
  wish: ({ base, handles, wish }) => atOnce(() => wishFor(base, handles, wish)),
  draws: ({ base, handles }) =>
    drawnBandSteps(handledLot(base, handles), DRAWN_RUNS, seededNormal(SEED)),
  lanes: (question) => atOnce(() => searchLanes(question)),
  moved: (question) => atOnce(() => movedShop(question)),
  feed: (question) => atOnce(() => feedSheet(question)),
  feedChoices: ({ others, ...question }) => atOnce(() => feedChoices(question, others)),
  series: ({ question, places, pantry }) =>
    atOnce(() => findSeries(question, { places: placeMapOf(places), pantry })),
  refresh: (question) => atOnce(() => refreshSheet(question)),
  discardDough: (question) => atOnce(() => discardDough(question)),
  thaw: (question) => atOnce(() => thawPlan(question)),
  peaks: ({ places, pantry, ...feed }) =>
    atOnce(() => peaksByRoom(feed, { places: placeMapOf(places), pantry })),
  method: ({ bake, facts }) => atOnce(() => methodAnswer(bake, facts)),
  ways: (asks) => waysOf(asks),
  recipeHours: ({ dough, blend, tempC }) => atOnce(() => recipeHours(dough, blend, tempC)),
  shares: (asks) => shareSteps(asks),
  plans: ({ demand, facts }) => searchPlans(demand, facts),
  plansAt: (asks) => atOnce(() => plansAt(asks)),
  hold: (facts) => searchHold(facts),
  week: ({ demands, facts }) => searchWeek(demands, facts),
  doughStart: (ask) => atOnce(() => startDough(ask)),
  doughRun: (question) => atOnce(() => wholeDough(question)),
  plan: ({ form, facts }) => atOnce(() => poolishAnswer(form, facts)),
};
