import { inSentence, tr } from '@/words/tr';
import type { DoughColumns, Product } from '../formula';
import type { ActOf } from '../journal';
import { GAS_KEPT_BY_HAND } from '../kinetics';
import type { Method, Stay } from '../methods';
import { hoursToBalls, mixClock } from '../mixing';
import { addHours, MS_PER_MINUTE } from '../units';
import { GAS_KEPT_BALLING, type BakeStep } from './bake-step';
import { bloomedFor } from './bloomed';
import { ownMoments } from './own-moments';
import type { HourOf } from './hour-of';
import { soakedFor, type SoakFacts } from './soaked';
import { type MethodLots, type MethodMoments, moveOf, movesOf } from './method-acts';

/** The mix, bulk, dividing and service of a method. */
export function doughSteps(
  method: Method,
  columns: DoughColumns,
  moments: MethodMoments,
  with_: {
    readonly lots: MethodLots;
    readonly name: string;
    readonly pieces: readonly Product[];
    readonly soak: SoakFacts;
  },
): BakeStep[] {
  const { lots, name, pieces } = with_;
  const { mixAtMs, readyFromMs, readyToMs } = moments;
  const ballAtMs = addHours(mixAtMs, hoursToBalls(method, moments.batches));
  const { rest, inBulkMs } = restOf(method, moments);
  const bulkPlaceId = method.bulk[0]?.placeId ?? '';
  const mix: ActOf<'make'> = {
    kind: 'make',
    lotId: lots.doughId,
    lotKind: 'dough',
    name: doughName(name),
    ingredients: columns.rows
      .filter((row) => row.finalG > 0)
      .map((row) => ({ ingredientId: row.ingredientId, massG: row.finalG })),
    portions: columns.leavens.map((one) => ({
      lotId:
        (one.leaven.made.by === 'taken' ? lots.sourceIds : lots.leavenIds)[one.leaven.id] ??
        one.leaven.id,
      massG: one.totalG,
    })),
    placeId: rest ?? bulkPlaceId,
    startC: method.mix.aimC,
    gasKept: GAS_KEPT_BY_HAND,
    mixedBy: method.mix.by,
  };
  const soaked = soakedFor(mix, method, mixAtMs, with_.soak);
  const bloomed = bloomedFor(soaked.mix, method, mixAtMs, with_.soak);
  const divided = pieces.flatMap((piece, index): BakeStep[] => {
    const lotId = lots.pieceIds[index] ?? `pieces-${index}`;
    const timing = moments.waves?.[index] ?? {
      stays: method.balls,
      fromMs: readyFromMs,
      toMs: readyToMs,
    };
    const [firstBalls] = timing.stays;
    return [
      {
        atMs: ballAtMs,
        act: {
          kind: 'divide',
          lotId: lots.doughId,
          ballsLotId: lotId,
          name: pieces.length === 1 ? tr`${name} balls` : `${name} ${inSentence(piece.name)}`,
          count: piece.count,
          ballG: piece.weightG,
          placeId: firstBalls?.placeId ?? '',
          gasKept: GAS_KEPT_BALLING,
        },
        of: { kind: 'ball' },
      },
      ...(method.reball ? [balledAgain(lotId, ballAtMs, timing.fromMs)] : []),
      ...movesBack(lotId, timing.stays, ballAtMs, timing.fromMs),
      {
        atMs: timing.fromMs,
        act: { kind: 'use', lotId, count: piece.count, untilMs: timing.toMs },
      },
    ];
  });
  return [
    ...soaked.steps,
    ...bloomed.steps,
    { atMs: mixAtMs, act: bloomed.mix, of: { kind: 'mix' } },
    ...(rest === null || rest === bulkPlaceId
      ? []
      : [{ atMs: inBulkMs, act: moveOf(lots.doughId, bulkPlaceId) }]),
    ...movesOf(lots.doughId, method.bulk, { atMs: inBulkMs, untilMs: ballAtMs }, (index) => ({
      kind: 'bulk stay',
      index,
    })),
    ...divided,
    ...ownMoments(method, { mixAtMs, ballAtMs, readyFromMs, readyToMs }, lots, pieces),
  ];
}

/** The dough of a bake; one that is called a dough already is not called so twice. */
const doughName = (name: string) => (/\bdough$/i.test(name) ? name : tr`${name} dough`);

/** Where a dough rests within its mix, null where the rest is short; and when it is in its first bulk place. */
function restOf(
  method: Method,
  { mixAtMs, batches }: MethodMoments,
): { readonly rest: string | null; readonly inBulkMs: number } {
  const { spans, outMin } = mixClock(method.mix, batches);
  const inBulkMs = mixAtMs + outMin * MS_PER_MINUTE;
  const again = spans[1];
  if (again === undefined) return { rest: null, inBulkMs };
  return { rest: method.mix.autolyse?.placeId ?? null, inBulkMs };
}

/** Balled a second time half-way to the service: tight again, part of the bubbles gone. */
function balledAgain(lotId: string, fromMs: number, readyMs: number): BakeStep {
  return {
    atMs: Math.round((fromMs + readyMs) / 2),
    act: { kind: 'work', lotId, act: 'ball again', gasKept: GAS_KEPT_BALLING },
    of: { kind: 'ball again' },
  };
}

/** Balls leave the cold so long before the service as the last stay is; the first one takes what is over. */
function movesBack(
  lotId: string,
  stays: readonly Stay[],
  fromMs: number,
  readyMs: number,
): BakeStep[] {
  const steps: BakeStep[] = [];
  let atMs = readyMs;
  for (let index = stays.length - 1; index > 0; index -= 1) {
    const [stay, before] = [stays[index] as Stay, stays[index - 1] as Stay];
    atMs = Math.max(addHours(fromMs, 0.02), addHours(atMs, -stay.hours));
    if (stay.placeId !== before.placeId) {
      const of: HourOf = { kind: 'balls stay', index };
      steps.unshift({ atMs, act: moveOf(lotId, stay.placeId), of });
    }
  }
  return steps;
}
