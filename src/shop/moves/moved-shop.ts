import { tr } from '@/words/tr';
import { forecastShop, RememberedLots, type ShopForecast } from '@/core/forecast';
import { lotMadeBy, lotsTouchedBy, type PlannedAct } from '@/core/journal';
import { brokenByNeeds, type Broken } from '@/core/planner/week';
import { addHours, MS_PER_HOUR } from '@/core/units';
import { movedSteps } from './moved-steps';
import type { MoveFacts } from './types';
import { needsOfShop } from '../plan/needs-of-shop';
import { servicesOf } from '../tide/services';
import { strandOf } from '../tide/strands';
import type { Service, Strand } from '../tide/view';
import { sentencesOf } from '@/shop/outcome';

/** What would follow from moving a step: the lots it touches and the services, or why it can not be. */
export interface Moved {
  readonly strands: readonly Strand[];
  readonly services: readonly Service[];
  /** Conditions of the shop that would not hold and hold now: hands, places, mixer, boxes, oven. */
  readonly conflicts: readonly Broken[];
  readonly refusal: string | null;
}
const NOTHING: Moved = { strands: [], services: [], conflicts: [], refusal: null };

/** A question what would follow. */
export interface MoveQuestion {
  readonly facts: MoveFacts;
  readonly stepId: string;
  readonly atMs: number;
  /** Places that keep cold. */
  readonly coldPlaceIds: readonly string[];
}

const AHEAD_H = 96;
const BACK_H = 36;
/** A window moves by less than three minutes against the usual step. */
const COARSE_STEP_H = 0.1;

/** Lots of before, so that every move of the finger runs only what it changes. */
const kept = new RememberedLots();

/** Runs the shop on as if a step stood at another hour. */
export function movedShop({ facts, stepId, atMs, coldPlaceIds }: MoveQuestion): Moved {
  const { folded, bakes } = facts;
  const step = folded.plan.find((one) => one.stepId === stepId);
  if (step === undefined) return { ...NOTHING, refusal: tr`This step is not planned any more.` };
  const moved = movedSteps(facts, step, atMs);
  if (!moved.ok) {
    return { ...NOTHING, refusal: sentencesOf(moved) };
  }
  const after = new Map(moved.value.map((one) => [one.step.stepId, one]));
  const plan = folded.plan
    .map((one): PlannedAct => {
      const change = after.get(one.stepId);
      return change === undefined ? one : { ...one, atMs: change.atMs, act: change.act };
    })
    .sort((a, b) => a.atMs - b.atMs);
  const forecast = forecastOf(facts, plan);
  const cold = new Set(coldPlaceIds);
  const touched = touchedLots(plan, step);
  const along = new Set(moved.value.map((one) => one.step.stepId));
  return {
    strands: [...forecast.lots.values()]
      .filter((lot) => touched.has(lot.story.lot.id))
      .map((lot) => strandOf(lot, facts.nowMs + AHEAD_H * MS_PER_HOUR, cold)),
    services: servicesOf(bakes, forecast, () => null),
    conflicts: newlyBroken(facts, forecast),
    refusal: forecast.conflicts.find(({ ref }) => along.has(ref))?.sentence ?? null,
  };
}

/** The shop run on with a plan. Without bands: they take seventeen runs. */
function forecastOf(facts: MoveFacts, plan: readonly PlannedAct[]): ShopForecast {
  const { folded } = facts;
  return forecastShop({
    folded: { done: folded.done, plan },
    nowMs: facts.nowMs,
    visibleFromMs: addHours(facts.nowMs, -BACK_H),
    places: new Map(facts.places.map((place) => [place.id, place])),
    pantry: facts.pantry,
    cultureSpeeds: facts.cultureSpeeds,
    remembered: { lots: kept, facts: JSON.stringify([...facts.pantry]) },
    withBands: false,
    stepH: COARSE_STEP_H,
  });
}

/** What breaks with a forecast and does not as things stand. */
function newlyBroken(facts: MoveFacts, forecast: ShopForecast): Broken[] {
  const before =
    standing.get(facts) ??
    new Set(brokenOf(facts, forecastOf(facts, facts.folded.plan)).map(nameOf));
  standing.set(facts, before);
  return brokenOf(facts, forecast).filter((one) => !before.has(nameOf(one)));
}
/** What is broken as things stand, worked out once for a drag. */
const standing = new WeakMap<MoveFacts, ReadonlySet<string>>();
const nameOf = ({ key, subject }: Broken) => `${key} ${subject}`;

function brokenOf(facts: MoveFacts, forecast: ShopForecast): Broken[] {
  const { bakes, kitchen, mixSpans } = facts;
  const needs = needsOfShop({
    forecast,
    nowMs: facts.nowMs,
    pantry: facts.pantry,
    bakes,
    live: new Set(bakes.map((bake) => bake.id)),
    mixSpans,
    without: NO_BAKES,
  });
  return brokenByNeeds(needs, kitchen);
}
const NO_BAKES: ReadonlySet<string> = new Set();

/** The lots that a step makes or works on, and those that the rest of its bake makes or uses up. */
function touchedLots(plan: readonly PlannedAct[], step: PlannedAct): Set<string> {
  const along = plan.filter(
    (one) => one.stepId === step.stepId || (step.bakeId !== null && one.bakeId === step.bakeId),
  );
  return new Set(
    along.flatMap(({ act }) => {
      const made = lotMadeBy(act);
      return [...lotsTouchedBy(act), ...(made === null ? [] : [made])];
    }),
  );
}
