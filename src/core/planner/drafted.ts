import { tr } from '@/words/tr';
import { totals } from '../composition';
import type { LotForecast } from '../forecast';
import { batchesOfDough, type DoughColumns, type Product } from '../formula';
import type { Method } from '../methods';
import { assumedSources } from './assumed-sources';
import type { BakeStep } from './bake-step';
import { forecastActs } from './forecast-acts';
import { piecesOf, type MethodLots, type MethodMoments } from './method-acts';
import { draftLots, methodColumns, realSources, stepsOf } from './method-draft';
import { leavenStarts, solveLeavens, type Solved } from './method-leavens';
import type { MethodRequest } from './method-request';
import { plannedLot } from './refused-step';
import type { Refreshments } from './refreshments';

/** Everything of a bake for one hour of the mix. */
export interface Draft {
  readonly method: Method;
  readonly columns: DoughColumns;
  readonly pieces: readonly Product[];
  readonly moments: MethodMoments;
  readonly steps: readonly BakeStep[];
  /** The steps as they are run: with stand-ins for what is not in the shop yet. */
  readonly run: readonly BakeStep[];
  readonly ids: MethodLots;
  readonly lots: ReadonlyMap<string, LotForecast>;
  readonly balls: LotForecast;
}

/** A draft whose doses and seeds were found, with what the next ones are sought by. */
export interface SoughtDraft extends Draft {
  readonly sought: Solved['sought'];
}

/**
 * Everything of a bake for one hour of its mix, its doses and seeds found.
 * @param near a draft of about the same bake, whose doses are where they are sought from
 */
export function draft(
  request: MethodRequest,
  mixAtMs: number,
  near: SoughtDraft | null,
): SoughtDraft {
  const leavenAtMs = leavenStarts(request, mixAtMs);
  const { method, sought } =
    request.solved !== undefined
      ? { method: request.method, sought: {} }
      : solveLeavens(request, {
          leavenAtMs,
          mixAtMs,
          near: near?.sought,
        });
  const moments: MethodMoments = {
    leavenAtMs,
    mixAtMs,
    batches: batchesOf(request),
    readyFromMs: request.readyFromMs,
    readyToMs: request.readyToMs,
    ...(request.waves === undefined ? {} : { waves: request.waves }),
  };
  const refreshments = request.solved?.refreshments ?? [];
  return { ...drafted(request, method, moments, { withBands: false, refreshments }), sought };
}

/** Batches that the dough of a request goes in: its weight hardly depends on its doses. */
export function batchesOf(request: Pick<MethodRequest, 'method' | 'pantry' | 'steps' | 'mixers'>) {
  const { method, mixers = [], pantry } = request;
  if (mixers.length === 0 || method.mix.by === 'hand') return 1;
  const { rows, wholeG } = methodColumns(method, request);
  const whole = Object.fromEntries(rows.map((row) => [row.ingredientId, row.wholeG]));
  const { flourG, waterG } = totals(whole, pantry);
  const hydration = flourG > 0 ? waterG / flourG : method.dough.hydration;
  return batchesOfDough(wholeG, hydration, method.mix.by, mixers);
}

/** Everything of a bake whose hours and doses stand. */
export function drafted(
  request: MethodRequest,
  method: Method,
  moments: MethodMoments,
  options: { readonly withBands: boolean; readonly refreshments: Refreshments },
): Draft {
  const { withBands, refreshments } = options;
  const columns = methodColumns(method, request);
  const pieces = waved(
    request,
    piecesOf(method, columns, request.pantry, request.steps.scaleStepG),
  );
  const ids = draftIds(request, method, { columns, pieces, refreshments });
  const steps = stepsOf(request, { method, columns, pieces, moments, refreshments }, ids);
  const run = runnable(request, steps, { method, columns, pieces, moments, ids });
  const forecast = forecastActs(request, run, { withBands });
  const balls = plannedLot(forecast, ids.pieceIds[0] ?? '', run);
  return { method, columns, pieces, moments, steps, run, ids, lots: forecast, balls };
}

/** The steps with stand-ins for what is not in the shop yet: feeds without a jar are not run, their last is ripe. */
function runnable(
  request: MethodRequest,
  steps: readonly BakeStep[],
  plan: Pick<Draft, 'method' | 'columns' | 'pieces' | 'moments' | 'ids'>,
): readonly BakeStep[] {
  const { columns, moments, ids } = plan;
  const fedFromNothing = Object.keys(ids.refreshIds).some((id) =>
    ids.sourceIds[id]?.startsWith('source:'),
  );
  if (!fedFromNothing) return [...assumedSources(columns, moments, ids, request), ...steps];
  const plain = { ...ids, refreshIds: {} };
  return [
    ...assumedSources(columns, moments, plain, request),
    ...stepsOf(request, { ...plan, refreshments: [] }, plain),
  ];
}

/** The ids of a draft: jars that are taken from as they stand keep their own. */
function draftIds(
  request: MethodRequest,
  method: Method,
  plan: Pick<Draft, 'columns' | 'pieces'> & { readonly refreshments: Refreshments },
): MethodLots {
  const { columns, pieces, refreshments } = plan;
  const real = realSources(columns, request);
  // Its seed comes from the feeds before it: ripe by then, though they are not run with it.
  const fed = columns.leavens.filter(
    ({ leaven }) => leaven.made.by === 'seed' && method.refreshments.count > 0,
  );
  const jars = Object.fromEntries(
    fed.flatMap(({ leaven }) => {
      const first = refreshments.find((one) => one.leavenId === leaven.id && one.number === 1);
      const jar = request.sources.find((one) => one.leavenId === leaven.id);
      const there = jar !== undefined && request.done !== undefined && first !== undefined;
      return there && first.motherG <= (jar.thereG ?? Infinity) ? [[leaven.id, jar.lotId]] : [];
    }),
  );
  const direct = Object.fromEntries(
    Object.entries(real).filter(([id]) => !fed.some(({ leaven }) => leaven.id === id)),
  );
  return refreshDrafts(refreshments, draftLots(method, pieces, { ...direct, ...jars }));
}

/** Balls in waves are as many pieces as there are waves. */
function waved({ waves }: MethodRequest, pieces: readonly Product[]): readonly Product[] {
  const [piece] = pieces;
  if (waves === undefined || piece === undefined) return pieces;
  return waves.map((wave, index) => ({
    ...piece,
    name: tr`Balls ${index + 1}`,
    count: wave.count,
  }));
}

/** Ids of the feeds in a row before their lots have codes. */
function refreshDrafts(refreshments: Refreshments, lots: MethodLots): MethodLots {
  const refreshIds: Record<string, string[]> = {};
  for (const { leavenId, number } of refreshments) {
    refreshIds[leavenId] = [...(refreshIds[leavenId] ?? []), `refresh:${leavenId}:${number}`];
  }
  return { ...lots, refreshIds };
}
