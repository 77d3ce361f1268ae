import { targetColumns, type DoughColumns, type Product } from '../formula';
import type { Method } from '../methods';
import type { BakeStep } from './bake-step';
import { leavenSteps, type MethodLots, type MethodMoments } from './method-acts';
import { doughSteps } from './dough-steps';
import type { MethodRequest } from './method-request';
import { refreshSteps, type Refreshments } from './refreshments';

/**
 * Ids a plan uses before its lots have codes of their own.
 * @param real lots that stand in the shop, by the leavens that are taken or seeded from them
 */
export function draftLots(
  method: Method,
  pieces: readonly Product[],
  real: Readonly<Record<string, string>> = {},
): MethodLots {
  const { leavens } = method.dough;
  const ids = (as: string, which: typeof leavens) =>
    Object.fromEntries(which.map((one) => [one.id, `${as}:${one.id}`]));
  return {
    leavenIds: ids('leaven', leavens),
    sourceIds: {
      ...ids(
        'source',
        leavens.filter((one) => one.made.by !== 'yeast'),
      ),
      ...real,
    },
    // While a plan is sought its seeds are taken as ripe: what makes them so comes before the plan.
    refreshIds: {},
    doughId: 'dough',
    pieceIds: pieces.map((_, index) => `pieces:${index}`),
  };
}

/**
 * Lots of the shop that leavens are taken or seeded from as they stand, by leaven; a leaven whose jar does not hold
 * enough is left out.
 */
export function realSources(
  columns: Pick<DoughColumns, 'leavens'>,
  request: Pick<MethodRequest, 'sources' | 'done'>,
): Record<string, string> {
  if (request.done === undefined) return {};
  return Object.fromEntries(
    columns.leavens.flatMap(({ leaven, seedG, totalG }) => {
      const source = request.sources.find((one) => one.leavenId === leaven.id);
      const wantedG = leaven.made.by === 'taken' ? totalG : seedG;
      if (source === undefined || wantedG > (source.thereG ?? Infinity)) return [];
      return [[leaven.id, source.lotId] as const];
    }),
  );
}

/** Columns of a method for what it is made for; those of a dough that was asked for before are at hand, whatever its stays. */
export function methodColumns(
  method: Method,
  { pantry, steps }: Pick<MethodRequest, 'pantry' | 'steps'>,
): DoughColumns {
  const { dough, target, lossShare } = method;
  const known = columnsKnown.get(dough);
  const isSame = known?.target === target && known.lossShare === lossShare;
  if (isSame && known.steps === steps && known.pantry === pantry) return known.columns;
  const columns = targetColumns(method, steps, pantry);
  columnsKnown.set(dough, { target, lossShare, pantry, steps, columns });
  return columns;
}

/** Doughs are values that nobody writes to: the last columns of each. */
const columnsKnown = new WeakMap<
  Method['dough'],
  Pick<MethodRequest, 'pantry' | 'steps'> &
    Pick<Method, 'target' | 'lossShare'> & { readonly columns: DoughColumns }
>();

/** Every step of a bake in order of time, with the ids of its lots. */
export function stepsOf(
  request: Pick<MethodRequest, 'places' | 'name' | 'pantry'>,
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
    ...doughSteps(method, columns, moments, {
      lots,
      name: request.name,
      pieces,
      soak: request,
    }),
  ];
  return steps.sort((a, b) => a.atMs - b.atMs);
}
