import { doughColumns, flourFor, type DoughColumns, type Product } from '../formula';
import type { Method } from '../methods';
import type { BakeStep } from './bake-acts';
import { doughSteps, leavenSteps, type MethodLots, type MethodMoments } from './method-acts';
import type { MethodRequest } from './method-request';
import { refreshSteps, type Refreshments } from './refreshments';

/** Ids a plan uses before its lots have codes of their own. */
export function draftLots(method: Method, pieces: readonly Product[]): MethodLots {
  const { leavens } = method.dough;
  const ids = (as: string, which: typeof leavens) =>
    Object.fromEntries(which.map((one) => [one.id, `${as}:${one.id}`]));
  return {
    leavenIds: ids('leaven', leavens),
    sourceIds: ids(
      'source',
      leavens.filter((one) => one.made.by !== 'yeast'),
    ),
    // While a plan is sought its seeds are taken as ripe: what makes them so comes before the plan.
    refreshIds: {},
    doughId: 'dough',
    pieceIds: pieces.map((_, index) => `pieces:${index}`),
  };
}

/** Columns of a method for what it is made for. */
export function methodColumns(method: Method, request: Pick<MethodRequest, 'pantry' | 'steps'>) {
  const flourG = flourFor(method.target, method.dough, method.lossShare, request.pantry);
  return doughColumns(method.dough, flourG, request.steps, request.pantry);
}

/** Every step of a bake in order of time, with the ids of its lots. */
export function stepsOf(
  request: Pick<MethodRequest, 'places' | 'name'>,
  plan: {
    readonly method: Method;
    readonly columns: DoughColumns;
    readonly pieces: readonly Product[];
    readonly moments: MethodMoments;
    readonly refreshments: Refreshments;
  },
  lots: MethodLots,
): BakeStep[] {
  const { method, columns, pieces, moments } = plan;
  const steps = [
    ...refreshSteps(plan.refreshments, method, lots),
    ...columns.leavens.flatMap((column) => {
      const atMs = moments.leavenAtMs[column.leaven.id];
      if (atMs === undefined) return [];
      const at = { atMs, untilMs: moments.mixAtMs, lots };
      return leavenSteps(column, at, method, request.places);
    }),
    ...doughSteps(method, columns, moments, { lots, name: request.name, pieces }),
  ];
  return steps.sort((a, b) => a.atMs - b.atMs);
}
