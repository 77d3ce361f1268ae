import { setTempC, tempAt, type PlaceHistory } from '@/core/forecast';
import { poolishMethod } from '@/core/methods';
import {
  planMethod,
  mendOf,
  planWithBallsAt,
  type Mend,
  type MethodPlan,
  type MethodRequest,
  type NoMethodPlan,
} from '@/core/planner';
import { fromLocalText } from '@/core/units';
import type { ShopFacts } from '../facts';
import { formulaOf, type BakeForm } from './bake-form';

/** What a bake from the form in front asks of a shop: no tap, no units. */
export type BakeFacts = Omit<ShopFacts, 'units' | 'tapC'>;

/** A checked form as a request to the planner. The room said in the form holds from now on. */
export function planRequestOf(form: BakeForm, facts: BakeFacts, withBands: boolean): MethodRequest {
  const { timeZone, nowMs } = facts;
  const at = (text: string) => fromLocalText(text, timeZone);
  const { name, poolishPlaceId, doughPlaceId, poolishAt, mixAt } = form;
  const { mixedBy } = facts;
  return {
    method: poolishMethod({
      name,
      formula: formulaOf(form),
      poolishPlaceId,
      doughPlaceId,
      mixedBy,
    }),
    name,
    readyFromMs: at(form.readyFrom),
    readyToMs: at(form.readyTo),
    held: {
      ...(mixAt == null ? {} : { mixAtMs: at(mixAt) }),
      ...(poolishAt == null ? {} : { leavenAtMs: { poolish: at(poolishAt) } }),
    },
    nowMs,
    places: new Map(
      facts.places.map((place) => [
        place.id,
        place.id === poolishPlaceId ? withRoom(place, form.roomC, nowMs) : place,
      ]),
    ),
    pantry: facts.pantry,
    cultureSpeeds: facts.cultureSpeeds,
    steps: { scaleStepG: facts.scaleStepG, fineStepG: facts.fineStepG },
    // By hand a dough goes in no mixer.
    mixers: mixedBy === 'hand' ? [] : facts.mixers,
    workingHours: facts.workingHours,
    timeZone,
    sources: [],
    withBands,
  };
}

/** Plans a checked form, balls where it holds them. */
export function planOfForm(
  form: BakeForm,
  facts: BakeFacts,
  withBands: boolean,
): MethodPlan | NoMethodPlan {
  const request = planRequestOf(form, facts, withBands);
  return form.ballAt == null
    ? planMethod(request)
    : planWithBallsAt(request, fromLocalText(form.ballAt, facts.timeZone));
}

/** A checked form planned for the page: why it can not be comes with what would mend it. */
export function poolishAnswer(
  form: BakeForm,
  facts: BakeFacts,
): MethodPlan | (NoMethodPlan & { readonly mend: Mend | null }) {
  const plan = planOfForm(form, facts, true);
  if (plan.kind === 'plan') return plan;
  const request = planRequestOf(form, facts, false);
  const ballAtMs = form.ballAt == null ? null : fromLocalText(form.ballAt, facts.timeZone);
  const hours = ballAtMs === null ? [] : [{ of: { kind: 'ball' } as const, atMs: ballAtMs }];
  return { ...plan, mend: mendOf({ ...request, held: { ...request.held, hours } }, plan) };
}

/** As near as this a typed temperature is the one that is known, °C: forms show halves. */
const SAME_C = 0.26;

/**
 * The setting of a place that a typed temperature of now asks for, °C; null where it is what the place is set to or known to
 * be. What was learned of the place goes on beside what it is set to.
 */
export function settingFor(place: PlaceHistory, roomC: number, nowMs: number): number | null {
  const isSet = setTempC(place, nowMs) === roomC;
  const isKnown = Math.abs(tempAt(place, nowMs) - roomC) <= SAME_C;
  return isSet || isKnown ? null : roomC - (place.offsetC ?? 0);
}

function withRoom(place: PlaceHistory, roomC: number, nowMs: number): PlaceHistory {
  const tempC = settingFor(place, roomC, nowMs);
  if (tempC === null) return place;
  const before = place.settings.filter((setting) => setting.fromMs < nowMs);
  return { ...place, settings: [...before, { fromMs: nowMs, tempC }] };
}
