import { drawnBandSteps, handledLot, whatIf, wishFor, type PlaceHistory } from '@/core/forecast';
import { seededNormal } from '@/core/numeric';
import { hoursAtShare, recipeHours, SHARES, type ShareHours } from '@/core/planner';
import {
  discardDough,
  feedChoices,
  feedSheet,
  findSeries,
  peaksByRoom,
  refreshSheet,
  thawPlan,
} from '@/core/cultures';
import { poolishAnswer } from '@/shop/doughs/poolish-form';
import { searchLanes } from '../lanes/search';
import { movedShop } from '@/shop/moves/moved-shop';
import type { Steps } from './job-queue';
import { methodAnswer } from '@/shop/doughs/method-answer';
import { methodRequestOf } from '@/shop/doughs/method-request';
import { waysOf } from '@/shop/doughs/ways';
import { searchHold } from '@/shop/hold/search';
import { plansAt } from '@/shop/plan/plan-at';
import { searchPlans, searchWeek } from '@/shop/plan/search';
import { startDough, wholeDough } from '@/shop/practice/whole-dough';
import type { JobKinds, JobKind } from './job-kinds';

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
