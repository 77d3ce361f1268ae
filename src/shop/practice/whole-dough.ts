import { tr } from '@/words/tr';
import type { DoughFacts } from '../doughs/facts';
import { tempAt, type PlaceHistory } from '@/core/forecast';
import type { Method } from '@/core/methods';
import { planMethod, type BakeStep } from '@/core/planner';
import { runDough, stepsAfter, type Deed, type DoughRun } from '@/core/practice';
import { addHours, atWallMinute, toLocalText } from '@/core/units';

import { methodRequestOf, noMethodPlanSentence } from '../doughs/method-request';

/** A whole dough to begin with. */
export interface WholeDoughAsk {
  readonly method: Method;
  readonly facts: DoughFacts;
}

/** A dough as it would be planned for an evening, by usual rooms. */
export type WholeDoughStart =
  | {
      readonly kind: 'start';
      readonly steps: readonly BakeStep[];
      readonly fromMs: number;
      readonly toMs: number;
    }
  | { readonly kind: 'none'; readonly because: string };

const EVENING_MINUTE = 18 * 60;
const SERVICE_H = 3;
const MOST_DAYS = 6;

/** Plans a dough backwards from an evening: the first evening that its hours reach. */
export function startDough({ method, facts }: WholeDoughAsk): WholeDoughStart {
  const { nowMs, timeZone } = facts;
  let because = tr`This dough has no plan.`;
  for (let day = 1; day <= MOST_DAYS; day += 1) {
    const readyFromMs = atWallMinute(nowMs, day, EVENING_MINUTE, timeZone);
    const bake = {
      name: tr`Practice`,
      method,
      readyFrom: toLocalText(readyFromMs, timeZone),
      readyTo: toLocalText(addHours(readyFromMs, SERVICE_H), timeZone),
      mixAt: null,
      leavenAt: {},
    };
    const plan = planMethod(methodRequestOf(bake, facts, false));
    if (plan.kind === 'plan') {
      const fromMs = Math.min(...plan.run.map((step) => step.atMs));
      return { kind: 'start', steps: plan.run, fromMs, toMs: addHours(readyFromMs, SERVICE_H) };
    }
    because = noMethodPlanSentence(plan, timeZone, nowMs);
  }
  return { kind: 'none', because };
}

/** A dough with what was done otherwise. */
export interface DoughQuestion {
  readonly facts: DoughFacts;
  /** How much warmer than usual the rooms are, °C; under 0 colder. */
  readonly warmerC: number;
  readonly steps: readonly BakeStep[];
  readonly deeds: readonly Deed[];
}

/** A dough run with what was done otherwise, beside the same dough left to its plan in the usual rooms. */
export interface DoughAnswer {
  readonly run: DoughRun;
  readonly asPlanned: DoughRun;
}

/** Runs a dough by the model: as it was done, in rooms that are warmer or colder, and as it was planned. */
export function wholeDough({ facts, warmerC, steps, deeds }: DoughQuestion): DoughAnswer {
  return {
    run: runDough(shopOf(facts, warmerC), stepsAfter(steps, deeds)),
    asPlanned: runDough(shopOf(facts, 0), steps),
  };
}

function shopOf(facts: DoughFacts, warmerC: number) {
  const { nowMs, pantry, cultureSpeeds } = facts;
  const places = facts.places.map((place) => warmed(place, warmerC, nowMs));
  return {
    nowMs,
    pantry,
    cultureSpeeds,
    places: new Map(places.map((place) => [place.id, place])),
    stepH: 0.1,
  };
}

/** Between these temperatures a place is a room, which follows the weather; others hold their own. */
const ROOM_C = { least: 15, most: 26 } as const;

/** A room so much warmer from now on; a place with a thermostat as it is. */
function warmed(place: PlaceHistory, warmerC: number, atMs: number): PlaceHistory {
  const tempC = tempAt(place, atMs);
  if (warmerC === 0 || tempC < ROOM_C.least || tempC > ROOM_C.most) return place;
  return {
    ...place,
    settings: place.settings.map((one) => ({ ...one, tempC: one.tempC + warmerC })),
    readings: [],
  };
}
