import { tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import {
  piecesOf,
  stepsOf,
  type MethodLots,
  type MethodPlan,
  type MethodRequest,
} from '@/core/planner';
import { addBake, addMethodVersion, listMethods, oneMethodVersion } from '@/data';
import { saysTheSame, type Method } from '@/core/methods';
import type { ShopContext } from '../context';
import { batchOf, type EntryDraft, writeEntries } from '../journal/entries';
import { methodCodes } from '../journal/lot-codes';

/** A plan about to be written as a bake. */
export interface PlanToStore {
  readonly name: string;
  /** The method as the bake keeps it, and the version it was opened in. */
  readonly method: Method;
  readonly versionId: string | null;
  readonly plan: MethodPlan;
  readonly request: MethodRequest;
  /** The service it meets; null where nobody asked for it. */
  readonly demand: { readonly id: string; readonly date: string } | null;
  /** Who does a step. */
  readonly whoAt: (atMs: number) => string | null;
  /** Entries beside the steps of the dough: the oven lit. */
  readonly more: readonly EntryDraft[];
  readonly batch: string;
}

/** Writes a planned bake: the bake, its version and its planned entries, all or nothing. */
export function storePlan(
  context: ShopContext,
  state: ShopState,
  one: PlanToStore,
): { bakeId: string; batch: string } {
  const { plan, request, batch } = one;
  const bakeId = context.newId();
  const { method, columns, refreshments } = plan;
  const pieces =
    plan.waves === null
      ? piecesOf(method, columns, state.pantry, state.shop.scaleStepG)
      : wavePieces(one, state);
  const moments = {
    leavenAtMs: Object.fromEntries(
      plan.leavens.flatMap((each) =>
        each.atMs === null ? [] : [[each.leavenId, each.atMs] as const],
      ),
    ),
    mixAtMs: plan.mixAtMs,
    batches: plan.batches,
    readyFromMs: request.readyFromMs,
    readyToMs: request.readyToMs,
    ...(plan.waves === null ? {} : { waves: plan.waves }),
  };
  const lots: MethodLots = {
    ...methodCodes(context, state, { plan, pieces: pieces.length }),
    sourceIds: Object.fromEntries(
      method.dough.leavens.flatMap((leaven) => {
        const source = request.sources.find((each) => each.leavenId === leaven.id);
        return source === undefined ? [] : [[leaven.id, source.lotId] as const];
      }),
    ),
  };
  const steps = stepsOf(request, { method, columns, pieces, moments, refreshments }, lots);
  context.db.transaction(() => {
    addBake(context.db, {
      id: bakeId,
      name: one.name,
      createdMs: state.nowMs,
      readyFromMs: request.readyFromMs,
      readyToMs: request.readyToMs,
      methodVersionId: versionFor(context, one),
      demandId: one.demand?.id ?? null,
      demandDate: one.demand?.date ?? null,
    });
    const drafts = steps.map((step) => ({
      atMs: step.atMs,
      tense: 'planned' as const,
      by: one.whoAt(step.atMs),
      bakeId,
      body: step.act,
    }));
    const more = one.more.map((draft) => ({ ...draft, bakeId }));
    writeEntries(context, batchOf(context, batch, [...drafts, ...more]));
  })();
  return { bakeId, batch };
}

function wavePieces({ plan }: PlanToStore, state: ShopState) {
  const [piece] = piecesOf(plan.method, plan.columns, state.pantry, state.shop.scaleStepG);
  const weightG = piece?.weightG ?? 0;
  const keepsH = piece?.keepsH ?? 0;
  return (plan.waves ?? []).map((wave, index) => ({
    name: tr`Balls ${index + 1}`,
    count: wave.count,
    weightG,
    keepsH,
  }));
}

/**
 * The version a bake keeps: the one it was opened in, or one that says the same, else a new one. How many are made and the
 * doses found for an hour are the bake’s, not the method’s.
 */
function versionFor(context: ShopContext, { method, versionId }: PlanToStore): string {
  const createdMs = context.clock().nowMs;
  const id = context.newId();
  if (versionId !== null) {
    const known = oneMethodVersion(context.db, versionId);
    if (saysTheSame(known.method, method)) return versionId;
    addMethodVersion(context.db, { id, methodId: known.methodId, createdMs, method });
    return id;
  }
  const same = listMethods(context.db).find((one) => saysTheSame(one.method, method));
  if (same !== undefined) return same.id;
  addMethodVersion(context.db, { id, methodId: context.newId(), createdMs, method });
  return id;
}
