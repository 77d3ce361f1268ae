import { tr, trOf } from '@/words/tr';
import { planningShop, type PlanFacts } from '@/shop/plan/facts';
import { type ShopState } from '@/shop/state';
import { methodSchema } from '@/core/methods';
import { z } from '@/core/parse';
import { planMethod, type MethodRequest } from '@/core/planner';
import {
  assignHands,
  joinedNeeds,
  judged,
  requestFor,
  withSources,
  type Proposal,
} from '@/core/planner/week';
import { listDemands } from '@/data';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import { storePlan } from '../bakes/store-plan';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { brokenSentence } from '@/shop/plan/broken-words';
import { demandOn } from '@/shop/plan/demand-on';
import { planFacts } from './facts';
import { occurrencesOf } from '@/shop/plan/occurrences';
import { isOpen } from '@/shop/plan/open-services';

const instant = z.number().int().min(0).max(1e14);
const stay = z.object({
  placeId: z.string().min(1).max(80),
  hours: z.number().min(0).max(2000),
  leastH: z.number().min(0).max(2000),
  mostH: z.number().min(0).max(2000),
});
const grams = z.number().min(0).max(1e6);

const takeSchema = z.object({
  demandId: z.string().min(1).max(80),
  date: z.string().regex(/^\d{4}-\d{2}-\d{2}(\/[2-4])?$/),
  /** Made by the page, so that a second tap writes nothing twice. */
  batch: z.string().min(8).max(80),
  key: z.string().min(1).max(80),
  versionId: z.string().max(80).nullable(),
  method: methodSchema,
  mixAtMs: instant,
  leavenAtMs: z.record(z.string(), instant),
  /** The jars that it was planned from, by leaven; left out: as they are at its hours. */
  jars: z.record(z.string(), z.string().min(1).max(80)).default({}),
  refreshments: z
    .array(
      z.object({
        leavenId: z.string().min(1).max(80),
        number: z.number().int().min(1).max(9),
        atMs: instant,
        motherG: grams,
        flourId: z.string().min(1).max(80),
        flourG: grams,
        waterG: grams,
      }),
    )
    .max(12),
  waves: z
    .array(
      z.object({
        count: z.number().int().min(1).max(2000),
        stays: z.array(stay).min(1).max(5),
        fromMs: instant,
        toMs: instant,
      }),
    )
    .max(8)
    .nullable(),
  /** The baker takes it although something stands in its way. */
  anyway: z.boolean().default(false),
});
type Take = z.output<typeof takeSchema>;

/** Takes a plan of a service: worked out anew, checked, written as planned entries that are taken back as one. */
export function takePlan(
  context: ShopContext,
  form: unknown,
): Outcome<{ bakeId: string; batch: string }> {
  const parsed = parseForm(takeSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const take = parsed.value;
    const facts = planFacts(context, state);
    const proposal = proposalOf(context, state, { take, facts });
    if (typeof proposal === 'string') return refused(null, proposal);
    const [first] = proposal.broken;
    if (first !== undefined && !take.anyway) {
      return refused(null, tr`${brokenSentence(first, state.shop.timeZone)} Nothing was planned.`);
    }
    return done(written(context, state, { take, facts, proposal }));
  });
}

/** The plan that was taken, or why it can not be. */
function proposalOf(
  context: ShopContext,
  state: ShopState,
  { take, facts }: { readonly take: Take; readonly facts: PlanFacts },
): Proposal | string {
  const row = listDemands(context.db).find((one) => one.id === take.demandId);
  if (row === undefined) return tr`Service: it is not asked for any more.`;
  const span = { fromMs: state.nowMs, toMs: state.nowMs + HORIZON_MS };
  const occurrence = occurrencesOf([row], span, state.shop.timeZone).find(
    (one) => one.date === take.date,
  );
  if (occurrence === undefined) return tr`Service: it lies in the past or too far ahead.`;
  if (!isOpen(occurrence, bakesInSight(context), state)) {
    return tr`Service: a plan was taken for it already. Withdraw that one first.`;
  }
  const unknown = [
    ...take.method.bulk,
    ...take.method.balls,
    ...(take.waves ?? []).flatMap((w) => w.stays),
  ].find((one) => !state.placeMap.has(one.placeId));
  if (unknown !== undefined) return tr`Place: “${unknown.placeId}” is not in the shop.`;
  const { key, versionId, method } = take;
  const demandMethod = { key, versionId, method };
  const demand = demandOn(occurrence, [demandMethod]);
  const shop = planningShop(facts);
  const asked = requestFor(demand, demandMethod, shop);
  const request = {
    ...asked,
    ...withSources(jarsTaken(asked.sources, take.jars, facts), shop),
    method,
    held: { mixAtMs: take.mixAtMs, leavenAtMs: take.leavenAtMs },
    solved: { refreshments: take.refreshments },
    ...(take.waves === null ? {} : { waves: take.waves }),
  };
  const plan = planMethod(request);
  if (plan.kind === 'infeasible') return tr`Plan: ${trOf(plan.because)}. Look for plans anew.`;
  return judged(plan, request, { demand, method: demandMethod, shop });
}
/** The jars that a plan was made from, as far as they are still there to be. */
function jarsTaken(
  now: MethodRequest['sources'],
  jars: Take['jars'],
  { dough: { sources } }: PlanFacts,
): MethodRequest['sources'] {
  return now.map((one) => {
    const then = sources.find(({ lotId }) => lotId === jars[one.leavenId]);
    return then === undefined ? one : { ...one, lotId: then.lotId, thereG: then.thereG };
  });
}

/** Plans are made for so far ahead. */
const HORIZON_MS = 22 * 24 * 3_600_000;

function written(
  context: ShopContext,
  state: ShopState,
  about: { readonly take: Take; readonly facts: PlanFacts; readonly proposal: Proposal },
) {
  const { take, facts, proposal } = about;
  const { demand, plan, request, needs } = proposal;
  const { hands } = assignHands(joinedNeeds([facts.background, needs]).hands, facts.kitchen);
  const own = hands.filter((need) => need.demandId === demand.id);
  const lit = own.find((need) => need.part === 'oven');
  return storePlan(context, state, {
    name: demand.name,
    method: plan.method,
    versionId: take.versionId,
    plan,
    request,
    demand: { id: take.demandId, date: take.date },
    whoAt: (atMs) =>
      own.find((need) => need.fromMs === atMs)?.who ??
      own.find((need) => need.fromMs <= atMs && atMs < need.toMs)?.who ??
      null,
    more:
      lit === undefined
        ? []
        : [
            {
              atMs: lit.fromMs,
              tense: 'planned' as const,
              by: lit.who,
              body: {
                kind: 'light' as const,
                oven: facts.kitchen.ovens[0]?.name ?? tr`the oven`,
              },
            },
          ],
    batch: take.batch,
  });
}
