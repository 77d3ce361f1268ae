import { tr, word } from '@/words/tr';
import { sourceFor, type DoughFacts } from './facts';
import type { MethodRequest, NoMethodPlan } from '@/core/planner';
import { methodSchema } from '@/core/methods';
import { localTimeField, z } from '@/core/parse';
import { fromLocalText, toLocalText } from '@/core/units';

/** A bake of a method as the page asks for it. */
export const methodBakeSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 30 letters.` })
    .max(30, { error: () => tr`Name: too long. Allowed: 1 to 30 letters.` }),
  method: methodSchema,
  /** The version it was opened in; null for one of the starting methods or a changed one. */
  versionId: z.string().max(80).nullable(),
  readyFrom: localTimeField(word('Ready from')),
  readyTo: localTimeField(word('Ready to')),
  mixAt: localTimeField(word('Mix')).nullable(),
  leavenAt: z.record(z.string(), localTimeField(word('Leaven'))),
});
export type MethodBake = z.output<typeof methodBakeSchema>;

/** A checked bake of a method as a request to the planner. */
export function methodRequestOf(
  bake: Omit<MethodBake, 'versionId'>,
  facts: DoughFacts,
  withBands: boolean,
): MethodRequest {
  const at = (text: string) => fromLocalText(text, facts.timeZone);
  return {
    method: bake.method,
    name: bake.name,
    readyFromMs: at(bake.readyFrom),
    readyToMs: at(bake.readyTo),
    held: {
      ...(bake.mixAt === null ? {} : { mixAtMs: at(bake.mixAt) }),
      leavenAtMs: Object.fromEntries(
        Object.entries(bake.leavenAt).map(([id, text]) => [id, at(text)]),
      ),
    },
    nowMs: facts.nowMs,
    places: new Map(facts.places.map((place) => [place.id, place])),
    pantry: facts.pantry,
    steps: { scaleStepG: facts.scaleStepG, fineStepG: facts.fineStepG },
    mixers: facts.mixers,
    workingHours: facts.workingHours,
    timeZone: facts.timeZone,
    cultureSpeeds: facts.cultureSpeeds,
    sources: bake.method.dough.leavens.flatMap((leaven) => {
      const source = sourceFor(leaven, facts.sources);
      if (source === null) return [];
      return [{ leavenId: leaven.id, lotId: source.lotId, cultureId: source.cultureId }];
    }),
    withBands,
  };
}

const BECAUSE: Readonly<Record<NoMethodPlan['because'], string>> = {
  get 'bake in the past'() {
    return tr`Ready from: that hour has passed.`;
  },
  get 'too far ahead'() {
    return tr`Ready from: that is more than a year ahead. Allowed: the next 400 days.`;
  },
  get 'service too long'() {
    return tr`Ready to: the service is longer than two days. Allowed: up to 48 h.`;
  },
  get 'a step can not be'() {
    return tr`This can not be planned.`;
  },
  get 'too late to start'() {
    return tr`Ready from: that is too soon, the first step would lie in the past.`;
  },
  get 'moments out of order'() {
    return tr`Moments: leavens come before the mix, the mix before the end of the service.`;
  },
  get 'ends before it starts'() {
    return tr`Ready to: it lies before Ready from.`;
  },
};

/** Why a method can not be planned, and the nearest hour at which it can. */
export function noMethodPlanSentence(plan: NoMethodPlan, timeZone: string, nowMs: number): string {
  const because = plan.says ?? BECAUSE[plan.because];
  const at = (ms: number) => toLocalText(ms, timeZone).slice(0, 16).replace('T', ' ');
  if (plan.because === 'bake in the past') return tr`${because} Allowed: after ${at(nowMs)}.`;
  if (plan.earliestReadyMs === null) return because;
  return tr`${because} Allowed: from ${at(plan.earliestReadyMs)} on.`;
}

const LEAVEN_FIELD = 'leaven ';

/** Under which field a bake is refused for one of its leavens. */
export const leavenField = (leavenId: string): string => `${LEAVEN_FIELD}${leavenId}`;

/** The leaven that a field of a refusal is of; null for another field. */
export const leavenOfField = (field: string | null): string | null =>
  field?.startsWith(LEAVEN_FIELD) === true ? field.slice(LEAVEN_FIELD.length) : null;
