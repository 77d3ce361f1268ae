import { tr } from '@/words/tr';
import { sourceFor, type DoughFacts } from '@/shop/doughs/facts';
import { type ShopState } from '@/shop/state';
import type { MethodPlan } from '@/core/planner';
import { plannedInTurns } from '@/core/planner/week';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { doughFacts } from './facts';
import {
  methodBakeSchema,
  methodRequestOf,
  leavenField,
  noMethodPlanSentence,
  type MethodBake,
} from '@/shop/doughs/method-request';
import { storePlan } from '../bakes/store-plan';

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
    if (missing !== null) return refused(leavenField(missing.leavenId), missing.sentence);
    const found = plannedInTurns(methodRequestOf(bake, facts, false));
    if (found.kind === 'infeasible') {
      return refused('readyFrom', noMethodPlanSentence(found, state.shop.timeZone, state.nowMs));
    }
    const { plan, request } = found;
    const short = shortSource(plan, facts);
    if (short !== null) return refused(leavenField(short.leavenId), short.sentence);
    return done(
      storePlan(context, state, {
        name: bake.name,
        method: bake.method,
        versionId: bake.versionId,
        plan,
        request,
        demand: null,
        whoAt: () => null,
        more: [],
        batch: context.newId(),
      }),
    );
  });
}

function unknownPlace({ method }: MethodBake, state: ShopState): string | null {
  const stays = [...method.bulk, ...method.balls, ...Object.values(method.leavenStays).flat()];
  const unknown = stays.find((stay) => !state.placeMap.has(stay.placeId));
  return unknown === undefined ? null : tr`Place: “${unknown.placeId}” is not in the shop.`;
}

/** Why a leaven of a method can not be had. */
interface LeavenWanting {
  readonly leavenId: string;
  readonly sentence: string;
}

function missingSource({ method }: MethodBake, { sources }: DoughFacts): LeavenWanting | null {
  const without = method.dough.leavens.find(
    (leaven) => leaven.made.by !== 'yeast' && sourceFor(leaven, sources) === null,
  );
  return without === undefined
    ? null
    : {
        leavenId: without.id,
        sentence: tr`${without.name}: the shop has no culture for it. Register one under Cultures, or exchange the leaven.`,
      };
}

/** A levain may be seeded from the next feed, so only what is taken whole has to be there. */
function shortSource(plan: MethodPlan, { sources }: DoughFacts): LeavenWanting | null {
  for (const { leaven, seedG, totalG } of plan.columns.leavens) {
    const source = sourceFor(leaven, sources);
    const first = plan.refreshments.find((one) => one.leavenId === leaven.id);
    const wantedG = leaven.made.by === 'taken' ? totalG : (first?.motherG ?? seedG);
    if (source === null || wantedG <= source.thereG) continue;
    const there = Math.floor(source.thereG);
    const sentence = tr`${leaven.name}: ${Math.round(wantedG)} g of ${source.name} are wanted, ${there} g may be taken. Allowed: up to ${there} g; feed it first, or take a smaller share.`;
    return { leavenId: leaven.id, sentence };
  }
  return null;
}
