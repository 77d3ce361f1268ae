import { tr } from '@/words/tr';
import { planningShop } from '@/shop/plan/facts';
import { type ShopState } from '@/shop/state';
import { type Bake } from '@/shop/kept/bake';
import { isAct, type PlannedAct } from '@/core/journal';
import {
  assignHands,
  joinedNeeds,
  proposalsOf,
  type Demand,
  type Proposal,
} from '@/core/planner/week';
import { z } from '@/core/parse';
import { maybeOneBake, listPinned, oneMethodVersion, savePin } from '@/data';
import type { ShopContext } from '../context';
import { withdrawDraft } from '../journal/entries';
import { storePlan } from '../bakes/store-plan';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { brokenSentence } from '@/shop/plan/broken-words';
import { planFacts } from './facts';

const schema = z.object({ bakeId: z.string().min(1).max(80), batch: z.string().min(8).max(80) });

/**
 * Plans a bake of which nothing is done yet anew, as the shop stands now: what is pinned keeps its hour, everything else may
 * move. The old steps are withdrawn and the new ones written as one act.
 */
export function replanBake(
  context: ShopContext,
  form: unknown,
): Outcome<{ bakeId: string; batch: string; moved: number }> {
  const parsed = parseForm(schema, form);
  if (!parsed.ok) return parsed;
  return refusing<{ bakeId: string; batch: string; moved: number }>(() => {
    const state = loadShop(context);
    const { bakeId, batch } = parsed.value;
    const bake = maybeOneBake(context.db, bakeId);
    const steps = state.folded.plan.filter((step) => step.bakeId === bakeId);
    if (bake === null || steps.length === 0) return refused(null, nothingPlanned());
    if (isBegun(state, bakeId)) return refused(null, begun());
    const { method } = oneMethodVersion(context.db, bake.methodVersionId);
    const pins = pinnedHours(
      steps,
      method.dough.leavens.map((one) => one.id),
      listPinned(context.db),
    );
    const demand = demandOf(bake, steps, {
      method,
      versionId: bake.methodVersionId,
      held: pins.held,
    });
    const facts = planFacts(context, state, [bakeId]);
    const found = proposalsOf(
      demand,
      demand.methods[0] as Demand['methods'][number],
      planningShop(facts),
    );
    const best = found.kind === 'proposals' ? found.proposals[0] : undefined;
    if (best === undefined)
      return refused(
        null,
        tr`Plan anew: with these pins it can not be planned. Nothing was changed.`,
      );
    const [broken] = best.broken;
    if (broken !== undefined) {
      return refused(null, tr`${brokenSentence(broken, state.shop.timeZone)} Nothing was changed.`);
    }
    const stored = written(context, state, { bake, steps, best, facts, batch });
    keepPins(context, stored.bakeId, pins);
    return done({ ...stored, moved: steps.length });
  });
}

const nothingPlanned = () => tr`Plan anew: nothing of this bake is planned.`;
const begun = () =>
  tr`Plan anew: something of it is done already. What is done is never moved: see Hold or hurry.`;

const isBegun = ({ folded }: ShopState, bakeId: string) =>
  folded.done.some((one) => one.bakeId === bakeId);

/** What of a bake is pinned, as hours that a plan keeps. */
interface Pins {
  readonly held: NonNullable<Demand['held']>;
  readonly mix: boolean;
  readonly leavens: readonly string[];
}

/** The built leavens stand in the order of the method; the mix is the make of the dough. */
function pinnedHours(
  steps: readonly PlannedAct[],
  leavenIds: readonly string[],
  pinned: ReadonlySet<string>,
): Pins {
  const makes = steps.filter(({ act }) => isAct(act, 'make'));
  const mix = makes.find(({ act }) => isAct(act, 'make') && act.lotKind === 'dough');
  const taken = new Set(
    mix !== undefined && isAct(mix.act, 'make') ? mix.act.portions.map((line) => line.lotId) : [],
  );
  const built = makes.filter(({ act }) => isAct(act, 'make') && taken.has(act.lotId));
  const leavens = leavenIds.flatMap((id, index) => {
    const step = built[index];
    return step !== undefined && pinned.has(step.stepId) ? [[id, step.atMs] as const] : [];
  });
  const mixPinned = mix !== undefined && pinned.has(mix.stepId);
  return {
    held: {
      ...(mixPinned ? { mixAtMs: mix.atMs } : {}),
      ...(leavens.length === 0 ? {} : { leavenAtMs: Object.fromEntries(leavens) }),
    },
    mix: mixPinned,
    leavens: leavens.map(([id]) => id),
  };
}

function demandOf(
  bake: Bake,
  steps: readonly PlannedAct[],
  of: Pick<Demand['methods'][number], 'method' | 'versionId'> & { readonly held: Pins['held'] },
): Demand {
  const balls = steps.reduce((sum, { act }) => sum + (isAct(act, 'use') ? act.count : 0), 0);
  return {
    id: bake.demandId == null ? `bake ${bake.id}` : `${bake.demandId} ${bake.demandDate ?? ''}`,
    name: bake.name,
    readyFromMs: bake.readyFromMs,
    readyToMs: bake.readyToMs,
    balls,
    ovenOn: (bake.demandDate ?? '').includes('/'),
    perHour: null,
    methods: [{ key: of.versionId ?? bake.id, method: of.method, versionId: of.versionId }],
    held: of.held,
  };
}

function written(
  context: ShopContext,
  state: ShopState,
  about: {
    readonly bake: Bake;
    readonly steps: readonly PlannedAct[];
    readonly best: Proposal;
    readonly facts: ReturnType<typeof planFacts>;
    readonly batch: string;
  },
) {
  const { bake, steps, best, facts, batch } = about;
  const { hands } = assignHands(joinedNeeds([facts.background, best.needs]).hands, facts.kitchen);
  const own = hands.filter((need) => need.demandId === best.demand.id);
  const whoAt = (atMs: number) =>
    own.find((need) => need.fromMs <= atMs && atMs < need.toMs)?.who ?? null;
  const { demandId, demandDate } = bake;
  const lit = steps.filter(({ act }) => isAct(act, 'light'));
  return storePlan(context, state, {
    name: bake.name,
    method: best.plan.method,
    versionId: bake.methodVersionId,
    plan: best.plan,
    request: best.request,
    demand: demandId == null || demandDate == null ? null : { id: demandId, date: demandDate },
    whoAt,
    more: [
      ...lit.map(({ atMs, act, by }) => ({ atMs, tense: 'planned' as const, by, body: act })),
      ...steps.map((step) => withdrawDraft(step, state.nowMs, tr`Planned anew`)),
    ],
    batch,
  });
}

/** What was pinned stays pinned in its new steps. */
function keepPins(context: ShopContext, bakeId: string, pins: Pins): void {
  const hours = new Set(Object.values(pins.held.leavenAtMs ?? {}));
  for (const step of loadShop(context).folded.plan) {
    if (step.bakeId !== bakeId || !isAct(step.act, 'make')) continue;
    const isMix = step.act.lotKind === 'dough';
    if (isMix ? pins.mix : hours.has(step.atMs)) savePin(context.db, step.stepId, true);
  }
}
