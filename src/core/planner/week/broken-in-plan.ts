import { tr } from '@/words/tr';
import { stateAt, type LotForecast } from '../../forecast';
import { X } from '../../kinetics';
import { SLACK_GLUTEN } from '../../ripeness';
import { MS_PER_MINUTE } from '../../units';
import type { MethodPlan, MethodRequest } from '../method-request';
import type { Broken } from './broken';
import type { Demand } from './demand';

/** A minute either way is nobody’s. */
const GRACE_MS = MS_PER_MINUTE;

/** Conditions that a plan breaks by itself: ripe leavens, ready balls, flour, doses, keeping. */
export function brokenInPlan(plan: MethodPlan, demand: Demand, request: MethodRequest): Broken[] {
  return [
    ...leavensNotRipe(plan),
    ...ballsNotReady(plan, demand),
    ...tooWeak(plan, demand),
    ...tooSmall(plan, request),
    ...tooLate(plan, request.nowMs),
    ...plan.remarks.flatMap((remark) =>
      remark.kind === 'keeps too short'
        ? [broken('keeps too short', remark.product, plan.ballAtMs, { there: remark.keepsH })]
        : [],
    ),
  ];
}

function broken(
  kind: Broken['kind'],
  subject: string,
  atMs: number,
  more: Partial<Pick<Broken, 'wanted' | 'there' | 'untilMs'>> = {},
): Broken {
  return {
    key: kind,
    kind,
    subject,
    atMs,
    untilMs: atMs,
    wanted: null,
    there: null,
    others: [],
    ...more,
  };
}

function leavensNotRipe(plan: MethodPlan): Broken[] {
  return plan.leavens
    .filter((one) => one.ripens && !isRipeAt(one.forecast, plan.mixAtMs))
    .map((one) => broken('leaven not ripe', one.name, plan.mixAtMs));
}

/** True for a leaven that is inside its window at an instant. */
export function isRipeAt(lot: LotForecast | undefined, atMs: number): boolean {
  if (lot === undefined || lot.window.opensMs === null) return false;
  const { opensMs, closesMs } = lot.window;
  return opensMs <= atMs + GRACE_MS && (closesMs === null || closesMs >= atMs - GRACE_MS);
}

/** The pieces of a plan with the part of the service that they serve. */
export function piecesServed(
  plan: MethodPlan,
  demand: Pick<Demand, 'readyFromMs' | 'readyToMs'>,
): { lotId: string; fromMs: number; toMs: number }[] {
  return plan.ids.pieceIds.map((lotId, index) => {
    const wave = plan.waves?.[index];
    const { fromMs, toMs } = wave ?? { fromMs: demand.readyFromMs, toMs: demand.readyToMs };
    return { lotId, fromMs, toMs };
  });
}

function ballsNotReady(plan: MethodPlan, demand: Demand): Broken[] {
  return piecesServed(plan, demand)
    .filter(({ lotId, fromMs, toMs }) => !isReady(plan.lots.get(lotId), fromMs, toMs))
    .slice(0, 1)
    .map(({ fromMs, toMs }) => broken('balls not ready', tr`balls`, fromMs, { untilMs: toMs }));
}

function isReady(lot: LotForecast | undefined, fromMs: number, toMs: number): boolean {
  if (lot === undefined) return false;
  const { opensMs, closesMs, tightUntilMs } = lot.window;
  return (
    opensMs !== null &&
    opensMs <= fromMs + GRACE_MS &&
    (tightUntilMs === null || tightUntilMs <= fromMs + GRACE_MS) &&
    (closesMs === null || closesMs >= toMs - GRACE_MS)
  );
}

function tooWeak(plan: MethodPlan, demand: Demand): Broken[] {
  return piecesServed(plan, demand)
    .filter(({ lotId, toMs }) => {
      const lot = plan.lots.get(lotId);
      if (lot === undefined) return false;
      const gluten = stateAt(lot.run, lot.story.startMs, toMs)[X.gluten] ?? 1;
      return gluten < SLACK_GLUTEN;
    })
    .slice(0, 1)
    .map(({ toMs }) => broken('flour too weak', tr`flour`, toMs));
}

/** Yeast under one step of the fine scale can not be weighed. */
function tooSmall(plan: MethodPlan, { pantry, steps }: MethodRequest): Broken[] {
  const weighed = plan.steps.flatMap(({ act, atMs }) =>
    act.kind === 'make' ? act.ingredients.map((line) => ({ ...line, atMs, name: act.name })) : [],
  );
  return weighed
    .filter((line) => pantry.get(line.ingredientId)?.kind === 'yeast')
    .filter((line) => line.massG < steps.fineStepG - 1e-9)
    .map((line) =>
      broken('dose too small', line.name, line.atMs, {
        wanted: line.massG,
        there: steps.fineStepG,
      }),
    );
}

function tooLate(plan: MethodPlan, nowMs: number): Broken[] {
  const first = plan.steps.reduce((least, one) => Math.min(least, one.atMs), Infinity);
  return first < nowMs - GRACE_MS ? [broken('too late', plan.method.name, first)] : [];
}
