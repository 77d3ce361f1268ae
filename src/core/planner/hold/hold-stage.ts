import type { LotForecast } from '../../forecast';
import { isAct, type ActOf, type PlannedAct } from '../../journal';
import type { BakeStep } from '../bake-step';
import { forecastActs, type ForecastShopFacts } from '../forecast-acts';
import type { HoldChange, HoldQuestion } from './hold-types';

/** Where a bake stands: its mix still to come, its dough rising, or its balls. */
export interface HoldStage {
  readonly at: 'before the mix' | 'in bulk' | 'in balls';
  /** The leaven that the mix takes most of and that is there, or the dough, or the first balls. */
  readonly lotId: string;
  readonly mix: (PlannedAct & { readonly act: ActOf<'make'> }) | null;
  readonly divides: readonly (PlannedAct & { readonly act: ActOf<'divide'> })[];
  readonly uses: readonly (PlannedAct & { readonly act: ActOf<'use'> })[];
  readonly doughId: string;
  /** The forecast as it stands. */
  readonly lots: ReadonlyMap<string, LotForecast>;
}

/** The facts of the shop as runs take them. */
export function holdShop(question: HoldQuestion): ForecastShopFacts {
  const { done, nowMs, places, pantry, cultureSpeeds } = question;
  return { done, nowMs, places, pantry, cultureSpeeds };
}

/** The plan’s steps with some of them changed and new ones added. */
export function changedSteps(
  { plan, before, nowMs }: HoldQuestion,
  changes: readonly HoldChange[],
): BakeStep[] {
  const kept = plan.map((step) => {
    const change = changes.find((one) => one.stepId === step.stepId);
    return { atMs: Math.max(nowMs, change?.atMs ?? step.atMs), act: change?.act ?? step.act };
  });
  const fresh = changes.filter((one) => one.stepId === null);
  const first = before.map(({ atMs, act }) => ({ atMs: Math.max(nowMs, atMs), act }));
  return [...first, ...fresh.map(({ atMs, act }) => ({ atMs, act })), ...kept].sort(
    (a, b) => a.atMs - b.atMs,
  );
}

/** Where a bake stands; null where nothing of it can be changed any more. */
export function holdStage(question: HoldQuestion): HoldStage | null {
  const { plan, done, bakeId } = question;
  const mix = plan.find((one) => isAct(one.act, 'make') && one.act.lotKind === 'dough');
  const divides = plan.filter((one) => isAct(one.act, 'divide')) as HoldStage['divides'];
  const uses = plan.filter((one) => isAct(one.act, 'use')) as HoldStage['uses'];
  if (uses.length === 0) return null;
  const lots = forecastActs(holdShop(question), changedSteps(question, []));
  const doughId =
    mix !== undefined && isAct(mix.act, 'make')
      ? mix.act.lotId
      : (divides[0]?.act.lotId ?? doughDone(done, bakeId));
  const common = { divides, uses, doughId, lots };
  if (mix !== undefined && isAct(mix.act, 'make')) {
    const leavenId = leavenOf(mix.act, done);
    if (leavenId === null) return null;
    return { ...common, at: 'before the mix', lotId: leavenId, mix: mix as HoldStage['mix'] };
  }
  if (divides.length > 0) return { ...common, at: 'in bulk', lotId: doughId, mix: null };
  const lotId = uses[0]?.act.lotId;
  return lotId === undefined ? null : { ...common, at: 'in balls', lotId, mix: null };
}

function doughDone(done: HoldQuestion['done'], bakeId: string): string {
  const mix = done.find(
    (one) => one.bakeId === bakeId && isAct(one.act, 'make') && one.act.lotKind === 'dough',
  );
  return mix !== undefined && isAct(mix.act, 'make') ? mix.act.lotId : '';
}

/** The leaven that a mix takes most of and that is already made. */
function leavenOf(mix: ActOf<'make'>, done: HoldQuestion['done']): string | null {
  const made = new Set(done.flatMap(({ act }) => (isAct(act, 'make') ? [act.lotId] : [])));
  const there = mix.portions.filter((line) => made.has(line.lotId));
  return [...there].sort((a, b) => b.massG - a.massG)[0]?.lotId ?? null;
}
