import { inSentence, tr } from '@/words/tr';
import { isCold, placeTempC, type Places } from '../forecast';
import {
  USUAL_LEAVENS,
  type DoughColumns,
  type Leaven,
  type LeavenColumn,
  type Product,
  piecesFor,
} from '../formula';
import type { ActOf } from '../journal';
import { GAS_KEPT_BY_HAND } from '../kinetics';
import type { Method, Stay } from '../methods';
import type { Pantry } from '../composition';
import { hoursToBalls, mixClock } from '../mixing';
import type { AskedRipeness } from '../ripeness';
import { addHours, MS_PER_MINUTE } from '../units';
import { GAS_KEPT_BALLING, type BakeStep } from './bake-step';
import { bloomedFor } from './bloomed';
import { ownMoments } from './own-moments';
import type { HourOf } from './hour-of';
import { soakedFor, type SoakFacts } from './soaked';
import type { Wave } from './plan-parts';

/** The ids of the lots of a bake of a method. */
export interface MethodLots {
  readonly leavenIds: Readonly<Record<string, string>>;
  /** Lots that leavens are seeded from or taken from, by leaven. */
  readonly sourceIds: Readonly<Record<string, string>>;
  /** Lots of the refreshments before a seeded leaven, the first one first, by leaven. */
  readonly refreshIds: Readonly<Record<string, readonly string[]>>;
  readonly doughId: string;
  /** One for each product. */
  readonly pieceIds: readonly string[];
}

/** When everything of a bake happens. */
export interface MethodMoments {
  readonly leavenAtMs: Readonly<Record<string, number>>;
  readonly mixAtMs: number;
  /** Batches that the dough is mixed in: the balls wait until the last one is out of the bowl. */
  readonly batches: number;
  readonly readyFromMs: number;
  readonly readyToMs: number;
  /** Balls in waves: the timing of each piece; left out, every piece is ready for all of the service. */
  readonly waves?: readonly Wave[];
}

const COLDEST_START_C = 8;
const WARMEST_START_C = 32;

/** Pieces that a dough is divided into, by the target; a plain weight of dough is one piece for each 250 g. */
export function piecesOf(
  method: Method,
  columns: DoughColumns,
  pantry: Pantry,
  stepG: number,
): Product[] {
  return piecesFor(method, columns, stepG, pantry);
}

/** A leaven built: the act and its moves from place to place until the mix takes it. */
export function leavenSteps(
  column: LeavenColumn,
  at: { readonly atMs: number; readonly untilMs: number; readonly lots: MethodLots },
  method: Method,
  places: Places,
): BakeStep[] {
  const { leaven } = column;
  const lotId = at.lots.leavenIds[leaven.id] ?? leaven.id;
  const stays = method.leavenStays[leaven.id] ?? [];
  const first = stays[0];
  if (first === undefined) return [];
  const sourceId = at.lots.refreshIds[leaven.id]?.at(-1) ?? at.lots.sourceIds[leaven.id];
  const placeC = placeTempC(places, first.placeId, at.atMs);
  const make: ActOf<'make'> = {
    kind: 'make',
    lotId,
    lotKind: USUAL_LEAVENS[leaven.kind].lotKind,
    name: leaven.name,
    ingredients: [...column.weigh],
    portions:
      column.seedG > 0 && sourceId !== undefined ? [{ lotId: sourceId, massG: column.seedG }] : [],
    placeId: first.placeId,
    // Cold places are reached from a room: cool water is what hands have.
    startC: placeC < COLDEST_START_C ? COOL_START_C : Math.min(WARMEST_START_C, placeC),
    gasKept: 0,
    ...wanted(leaven, asksOf(leaven, stays, places, at.atMs)),
  };
  const of = (index: number): HourOf => ({ kind: 'leaven stay', leavenId: leaven.id, index });
  return [
    { atMs: at.atMs, act: make, of: { kind: 'leaven', leavenId: leaven.id } },
    ...movesOf(lotId, stays, at, of),
  ];
}

/** What the entry says of it: what was chosen, and young where it follows from the places; prime is what is usual. */
const wanted = (leaven: Leaven, asks: AskedRipeness): { asks?: AskedRipeness } =>
  leaven.asks === undefined && asks === 'prime' ? {} : { asks };

/**
 * How ripe a leaven is wanted: as the method says; otherwise young where it is begun in the cold or waits there, for
 * it has no best to aim at there and would need much yeast to reach one after it.
 */
export function asksOf(
  leaven: Leaven,
  stays: readonly Stay[],
  places: Places,
  atMs: number,
): AskedRipeness {
  if (leaven.asks !== undefined) return leaven.asks;
  const cold = endsCold(stays, places, atMs) || endsCold(stays.slice(0, 1), places, atMs);
  return cold ? 'young' : 'prime';
}

/** True where the last place of a leaven is cold. */
export function endsCold(stays: readonly Stay[], places: Places, atMs: number): boolean {
  const last = stays.at(-1);
  return last !== undefined && isCold(placeTempC(places, last.placeId, atMs));
}

/** A leaven for the cold is mixed with cold water in a room, °C. Set. */
const COOL_START_C = 18;

const moveOf = (lotId: string, placeId: string): ActOf<'move'> => ({
  kind: 'move',
  lotId,
  placeId,
});

/** Moves from place to place; the last stay lasts as long as it takes. */
export function movesOf(
  lotId: string,
  stays: readonly Stay[],
  span: { readonly atMs: number; readonly untilMs: number },
  of: (index: number) => HourOf,
): BakeStep[] {
  const steps: BakeStep[] = [];
  let { atMs } = span;
  stays.forEach((stay, index) => {
    const before = stays[index - 1];
    if (before === undefined) return;
    atMs = addHours(atMs, before.hours);
    if (atMs < span.untilMs && before.placeId !== stay.placeId) {
      steps.push({ atMs, act: moveOf(lotId, stay.placeId), of: of(index) });
    }
  });
  return steps;
}

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
