import { planMethod, piecesOf, stepsOf, type MethodLots, type MethodPlan } from '@/core/planner';
import { addBake, addEntries, addMethodVersion, listMethods, oneMethodVersion } from '@/data';
import type { ShopContext } from '../context';
import { batchOf } from '../entries';
import { methodCodes } from '../lot-codes';
import { done, refused, type Outcome } from '../outcome';
import { parseForm, refusing } from '../parse-form';
import { loadShop, type ShopState } from '../shop-state';
import { doughFacts, sourceFor, type DoughFacts } from './facts';
import {
  methodBakeSchema,
  methodRequestOf,
  noMethodPlanSentence,
  type MethodBake,
} from './method-request';

/** Takes a bake of a method: planned backwards, written as planned entries that can be taken back as one. */
export function takeMethodBake(
  context: ShopContext,
  form: unknown,
): Outcome<{ bakeId: string; batch: string }> {
  const parsed = parseForm(methodBakeSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const facts = doughFacts(context, state);
    const bake = parsed.value;
    const unknown = unknownPlace(bake, state);
    if (unknown !== null) return refused('method', unknown);
    const missing = missingSource(bake, facts);
    if (missing !== null) return refused('method', missing);
    const request = methodRequestOf(bake, facts, false);
    const plan = planMethod(request);
    if (plan.kind === 'infeasible') {
      return refused('readyFrom', noMethodPlanSentence(plan, state.shop.timeZone));
    }
    const short = shortSource(plan, facts);
    if (short !== null) return refused('method', short);
    return done(store(context, state, { bake, plan, facts, request }));
  });
}

function unknownPlace({ method }: MethodBake, state: ShopState): string | null {
  const stays = [...method.bulk, ...method.balls, ...Object.values(method.leavenStays).flat()];
  const unknown = stays.find((stay) => !state.placeMap.has(stay.placeId));
  return unknown === undefined ? null : `Place: “${unknown.placeId}” is not in the shop.`;
}

function missingSource({ method }: MethodBake, { sources }: DoughFacts): string | null {
  const without = method.dough.leavens.find(
    (leaven) => leaven.made.by !== 'yeast' && sourceFor(leaven, sources) === null,
  );
  return without === undefined
    ? null
    : `${without.name}: the shop has no culture for it. Register one under Cultures, or exchange the leaven.`;
}

/** A levain may be seeded from the next feed, so only what is taken whole has to be there. */
function shortSource(plan: MethodPlan, { sources }: DoughFacts): string | null {
  for (const { leaven, seedG, totalG } of plan.columns.leavens) {
    const source = sourceFor(leaven, sources);
    const first = plan.refreshments.find((one) => one.leavenId === leaven.id);
    const wantedG = leaven.made.by === 'taken' ? totalG : (first?.motherG ?? seedG);
    if (source === null || wantedG <= source.thereG) continue;
    const there = Math.floor(source.thereG);
    return `${leaven.name}: ${Math.round(wantedG)} g of ${source.name} are wanted, ${there} g may be taken. Allowed: up to ${there} g; feed it first, or take a smaller share.`;
  }
  return null;
}

interface Taken {
  readonly bake: MethodBake;
  readonly plan: MethodPlan;
  readonly facts: DoughFacts;
  readonly request: ReturnType<typeof methodRequestOf>;
}

function store(context: ShopContext, state: ShopState, taken: Taken) {
  const { bake, plan, facts, request } = taken;
  const batch = context.newId();
  const bakeId = context.newId();
  const { method, columns } = plan;
  const pieces = piecesOf(method, columns, state.pantry, state.shop.scaleStepG);
  const leavenAtMs = Object.fromEntries(
    plan.leavens.flatMap((one) => (one.atMs === null ? [] : [[one.leavenId, one.atMs] as const])),
  );
  const moments = {
    leavenAtMs,
    mixAtMs: plan.mixAtMs,
    readyFromMs: request.readyFromMs,
    readyToMs: request.readyToMs,
  };
  const lots: MethodLots = {
    ...methodCodes(context, state, { plan, pieces: pieces.length }),
    sourceIds: Object.fromEntries(
      method.dough.leavens.flatMap((leaven) => {
        const source = sourceFor(leaven, facts.sources);
        return source === null ? [] : [[leaven.id, source.lotId] as const];
      }),
    ),
  };
  const { refreshments } = plan;
  const steps = stepsOf(request, { method, columns, pieces, moments, refreshments }, lots);
  context.db.transaction(() => {
    const methodVersionId = versionFor(context, bake);
    addBake(context.db, {
      id: bakeId,
      name: bake.name,
      createdMs: state.nowMs,
      readyFromMs: request.readyFromMs,
      readyToMs: request.readyToMs,
      formula: null,
      methodVersionId,
      poolishPlaceId: method.bulk[0]?.placeId ?? '',
      doughPlaceId: method.bulk[0]?.placeId ?? '',
    });
    const drafts = steps.map((step) => ({
      atMs: step.atMs,
      tense: 'planned' as const,
      bakeId,
      body: step.act,
    }));
    addEntries(context.db, batchOf(context, batch, drafts));
  })();
  return { bakeId, batch };
}

/** The version a bake keeps: the one it was opened in, or the same one where a starting method was baked before, else a new one. */
function versionFor(context: ShopContext, { method, versionId }: MethodBake): string {
  const createdMs = context.clock().nowMs;
  if (versionId !== null) {
    const known = oneMethodVersion(context.db, versionId);
    if (JSON.stringify(known.method) === JSON.stringify(method)) return versionId;
    const id = context.newId();
    addMethodVersion(context.db, { id, methodId: known.methodId, createdMs, method });
    return id;
  }
  const body = JSON.stringify(method);
  const same = listMethods(context.db).find((one) => JSON.stringify(one.method) === body);
  if (same !== undefined) return same.id;
  const id = context.newId();
  addMethodVersion(context.db, { id, methodId: context.newId(), createdMs, method });
  return id;
}
