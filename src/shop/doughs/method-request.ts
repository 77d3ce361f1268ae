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
    .min(1, { error: 'Name: a name is needed. Allowed: 1 to 30 letters.' })
    .max(30, { error: 'Name: too long. Allowed: 1 to 30 letters.' }),
  method: methodSchema,
  /** The version it was opened in; null for one of the starting methods or a changed one. */
  versionId: z.string().max(80).nullable(),
  readyFrom: localTimeField('Ready from'),
  readyTo: localTimeField('Ready to'),
  mixAt: localTimeField('Mix').nullable(),
  leavenAt: z.record(z.string(), localTimeField('Leaven')),
});
export type MethodBake = z.output<typeof methodBakeSchema>;

/** A checked bake of a method as a request to the planner. */
export function methodRequestOf(
  bake: Omit<MethodBake, 'versionId'>,
  facts: DoughFacts,
  withBands: boolean,
): MethodRequest {
  const { planning } = facts;
  const at = (text: string) => fromLocalText(text, planning.timeZone);
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
    nowMs: planning.nowMs,
    places: new Map(planning.places.map((place) => [place.id, place])),
    pantry: planning.pantry,
    steps: { scaleStepG: planning.scaleStepG, fineStepG: planning.fineStepG },
    mixers: facts.mixers,
    workingHours: planning.workingHours,
    timeZone: planning.timeZone,
    cultureSpeeds: planning.cultureSpeeds,
    sources: bake.method.dough.leavens.flatMap((leaven) => {
      const source = sourceFor(leaven, facts.sources);
      if (source === null) return [];
      return [{ leavenId: leaven.id, lotId: source.lotId, cultureId: source.cultureId }];
    }),
    withBands,
  };
}

const BECAUSE: Readonly<Record<NoMethodPlan['because'], string>> = {
  'bake in the past': 'Ready from: that hour has passed.',
  'too far ahead': 'Ready from: that is more than a year ahead. Allowed: the next 400 days.',
  'service too long': 'Ready to: the service is longer than two days. Allowed: up to 48 h.',
  'a step can not be': 'This can not be planned.',
  'too late to start': 'Ready from: that is too soon, the first step would lie in the past.',
  'moments out of order':
    'Moments: leavens come before the mix, the mix before the end of the service.',
  'ends before it starts': 'Ready to: it lies before Ready from.',
};

/** Why a method can not be planned, and the nearest hour at which it can. */
export function noMethodPlanSentence(plan: NoMethodPlan, timeZone: string, nowMs: number): string {
  const because = plan.says ?? BECAUSE[plan.because];
  const at = (ms: number) => toLocalText(ms, timeZone).slice(0, 16).replace('T', ' ');
  if (plan.because === 'bake in the past') return `${because} Allowed: after ${at(nowMs)}.`;
  if (plan.earliestReadyMs === null) return because;
  return `${because} Allowed: from ${at(plan.earliestReadyMs)} on.`;
}

const LEAVEN_FIELD = 'leaven ';

/** Under which field a bake is refused for one of its leavens. */
export const leavenField = (leavenId: string): string => `${LEAVEN_FIELD}${leavenId}`;

/** The leaven that a field of a refusal is of; null for another field. */
export const leavenOfField = (field: string | null): string | null =>
  field?.startsWith(LEAVEN_FIELD) === true ? field.slice(LEAVEN_FIELD.length) : null;
