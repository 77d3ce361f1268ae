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
import type { Method, Stay } from '../methods';
import type { Pantry } from '../composition';
import type { AskedRipeness } from '../ripeness';
import { addHours } from '../units';
import type { BakeStep } from './bake-step';
import type { HourOf } from './hour-of';
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

export const moveOf = (lotId: string, placeId: string): ActOf<'move'> => ({
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
