import type { Pantry } from '@/core/composition';
import type { PlaceHistory } from '@/core/forecast';
import type { NoPlan, PlanRequest, WorkingHours } from '@/core/planner';
import { fromLocalText, toLocalText } from '@/core/units';
import { formulaOf, type BakeForm } from './bake-form';

/** The facts of the shop that a plan rests on; plain data, so that the page can plan by itself. */
export interface PlanningFacts {
  readonly places: readonly PlaceHistory[];
  readonly pantry: Pantry;
  readonly scaleStepG: number;
  readonly fineStepG: number;
  readonly workingHours: WorkingHours;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly cultureSpeeds: PlanRequest['cultureSpeeds'];
}

/** A checked form as a request to the planner. The room said in the form holds from now on. */
export function planRequestOf(
  form: BakeForm,
  facts: PlanningFacts,
  withBands: boolean,
): PlanRequest {
  const { timeZone, nowMs } = facts;
  const at = (text: string | null | undefined) =>
    text === null || text === undefined ? undefined : fromLocalText(text, timeZone);
  const [poolishAtMs, mixAtMs, ballAtMs] = [at(form.poolishAt), at(form.mixAt), at(form.ballAt)];
  return {
    formula: formulaOf(form),
    name: form.name,
    readyFromMs: fromLocalText(form.readyFrom, timeZone),
    readyToMs: fromLocalText(form.readyTo, timeZone),
    poolishPlaceId: form.poolishPlaceId,
    doughPlaceId: form.doughPlaceId,
    held: {
      ...(poolishAtMs === undefined ? {} : { poolishAtMs }),
      ...(mixAtMs === undefined ? {} : { mixAtMs }),
      ...(ballAtMs === undefined ? {} : { ballAtMs }),
    },
    nowMs,
    places: new Map(
      facts.places.map((place) => [
        place.id,
        place.id === form.poolishPlaceId
          ? { ...place, settings: withRoom(place.settings, form.roomC, nowMs) }
          : place,
      ]),
    ),
    pantry: facts.pantry,
    cultureSpeeds: facts.cultureSpeeds,
    steps: { scaleStepG: facts.scaleStepG, fineStepG: facts.fineStepG },
    workingHours: facts.workingHours,
    timeZone,
    withBands,
  };
}

function withRoom(
  settings: PlaceHistory['settings'],
  roomC: number,
  nowMs: number,
): PlaceHistory['settings'] {
  if (settings.at(-1)?.tempC === roomC) return settings;
  return [...settings.filter((setting) => setting.fromMs < nowMs), { fromMs: nowMs, tempC: roomC }];
}

const BECAUSE: Readonly<Record<NoPlan['because'], string>> = {
  'bake in the past': 'Ready from: that hour has passed.',
  'too far ahead': 'Ready from: that is more than a year ahead. Allowed: the next 400 days.',
  'service too long': 'Ready to: the service is longer than two days. Allowed: up to 48 h.',
  'never ripe there':
    'Poolish stands in: it does not get ripe at that temperature. Choose a warmer place.',
  'too late to start': 'That is too soon to start a poolish now.',
  'moments out of order':
    'Moments: the poolish comes before the mix, the mix before the balls, the balls before the end of the service.',
  'ends before it starts': 'Ready to: it lies before Ready from.',
};

/** Why a wish can not be met, and the nearest that can, in one sentence. */
export function noPlanSentence(noPlan: NoPlan, timeZone: string, nowMs: number): string {
  const because = BECAUSE[noPlan.because];
  if (noPlan.because === 'bake in the past') {
    return `${because} Allowed: after ${clockOf(nowMs, timeZone)}.`;
  }
  if (noPlan.earliestReadyMs === null) return `${because}`;
  const poolishH = Math.ceil((noPlan.shortestPoolishH ?? 0) * 10) / 10;
  const doughH = Math.ceil((noPlan.doughH ?? 0) * 10) / 10;
  return `${because} The shortest poolish takes ${poolishH} h here and the dough ${doughH} h: ready ${clockOf(noPlan.earliestReadyMs, timeZone)} at the earliest.`;
}

function clockOf(atMs: number, timeZone: string): string {
  const text = toLocalText(atMs, timeZone);
  return `${text.slice(0, 10)} ${text.slice(11, 16)}`;
}
