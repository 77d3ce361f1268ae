import { tr } from '@/words/tr';
import { massOf, mixCompositions, portion, type Composition } from '../composition';
import type { LotKind } from '../ripeness';
import { DomainError } from '../units';
import type { Act } from './schema';

/** A lot as the journal knows it at an instant. */
export interface Lot {
  readonly id: string;
  readonly name: string;
  readonly kind: LotKind;
  readonly cultureId: string | null;
  readonly madeAtMs: number;
  readonly composition: Composition;
  readonly placeId: string;
  /** Balls still there; null for masses that are not divided. */
  readonly balls: number | null;
  readonly ballG: number | null;
  /** Thickness of a flat bag, mm; null for anything else. */
  readonly flatMm: number | null;
  /** True for what was split off another lot: a bag, a back-up. */
  readonly part: boolean;
  /** True for a part that was dried: nothing is known of what lives in it until it has been fed to two peaks. */
  readonly dried?: boolean;
  /** One step back. */
  readonly madeFrom: readonly string[];
}

/** An act at its time, whatever its tense. */
export interface TimedAct {
  readonly atMs: number;
  readonly act: Act;
}

/** Grams under which a lot counts as used up. */
const USED_UP_G = 0.5;

/** True when nothing to speak of is left of a lot. */
export function isUsedUp(lot: Lot): boolean {
  return lot.balls === 0 || massOf(lot.composition) < USED_UP_G;
}

/**
 * The state of the shop: the fold of acts in order of time. Grams are conserved: what a make takes from a lot
 * leaves that lot.
 * @throws {DomainError} lot-unknown, portion-exceeds-mass, lot-exists
 */
export function stockAfter(acts: readonly TimedAct[]): Map<string, Lot> {
  const lots = new Map<string, Lot>();
  for (const { atMs, act } of acts) applyAct(lots, act, atMs);
  return lots;
}

/**
 * One act on the stock, in place; an act that is refused leaves it as it was.
 * @throws {DomainError} lot-unknown, portion-exceeds-mass, lot-exists
 */
export function applyAct(lots: Map<string, Lot>, act: Act, atMs: number): void {
  switch (act.kind) {
    case 'make':
      return applyMake(lots, act, atMs);
    case 'split':
      return applySplit(lots, act, atMs);
    case 'divide':
      return applyDivide(lots, act, atMs);
    case 'add':
      return change(lots, act.lotId, (lot) => ({
        ...lot,
        composition: mixCompositions([lot.composition, compositionOf(act.ingredients)]),
      }));
    case 'move':
      return change(lots, act.lotId, (lot) => ({ ...lot, placeId: act.placeId }));
    case 'discard':
      return change(lots, act.lotId, (lot) => ({
        ...lot,
        composition: portion(lot.composition, act.massG).left,
      }));
    case 'use':
      return change(lots, act.lotId, (lot) => used(lot, act.count));
    case 'light':
    case 'soak':
      return;
    case 'do':
      if (act.lotId !== undefined) known(lots, act.lotId);
      return;
    default:
      known(lots, act.lotId);
  }
}

/** Grams of each ingredient in a list of lines. */
function compositionOf(lines: readonly { ingredientId: string; massG: number }[]): Composition {
  return mixCompositions(lines.map((line) => ({ [line.ingredientId]: line.massG })));
}

function known(lots: Map<string, Lot>, lotId: string): Lot {
  const lot = lots.get(lotId);
  if (lot === undefined) {
    throw new DomainError('lot-unknown', tr`Lot: "${lotId}" has not been made.`, { lotId });
  }
  return lot;
}

function change(lots: Map<string, Lot>, lotId: string, how: (lot: Lot) => Lot): void {
  lots.set(lotId, how(known(lots, lotId)));
}

function refuseExisting(lots: Map<string, Lot>, lotId: string): void {
  if (lots.has(lotId)) {
    throw new DomainError('lot-exists', tr`Lot: "${lotId}" exists already.`, { lotId });
  }
}

function applyMake(lots: Map<string, Lot>, act: Extract<Act, { kind: 'make' }>, atMs: number) {
  refuseExisting(lots, act.lotId);
  const taken: Composition[] = [];
  const mothers = new Map<string, Lot>();
  for (const line of act.portions) {
    const from = mothers.get(line.lotId) ?? known(lots, line.lotId);
    const parts = portion(from.composition, line.massG);
    taken.push(parts.taken);
    const balls = ballsLeft(from, parts.left);
    mothers.set(line.lotId, { ...from, composition: parts.left, balls });
  }
  for (const [lotId, left] of mothers) lots.set(lotId, left);
  const composition = mixCompositions([compositionOf(act.ingredients), ...taken]);
  lots.set(act.lotId, lotMade(act, atMs, composition));
}

/** The lot that a making makes. */
export function lotMade(
  act: Extract<Act, { kind: 'make' }>,
  atMs: number,
  composition: Composition,
): Lot {
  return {
    id: act.lotId,
    name: act.name,
    kind: act.lotKind,
    cultureId: act.cultureId ?? null,
    madeAtMs: atMs,
    composition,
    placeId: act.placeId,
    balls: null,
    ballG: null,
    flatMm: null,
    part: false,
    madeFrom: act.portions.map((line) => line.lotId),
  };
}

function applyDivide(lots: Map<string, Lot>, act: Extract<Act, { kind: 'divide' }>, atMs: number) {
  refuseExisting(lots, act.ballsLotId);
  const from = known(lots, act.lotId);
  const parts = portion(from.composition, act.count * act.ballG);
  lots.set(act.lotId, { ...from, composition: parts.left });
  lots.set(act.ballsLotId, {
    id: act.ballsLotId,
    name: act.name,
    kind: 'balls',
    cultureId: null,
    madeAtMs: atMs,
    composition: parts.taken,
    placeId: act.placeId,
    balls: act.count,
    ballG: act.ballG,
    flatMm: null,
    part: false,
    madeFrom: [act.lotId],
  });
}

function applySplit(lots: Map<string, Lot>, act: Extract<Act, { kind: 'split' }>, atMs: number) {
  refuseExisting(lots, act.partLotId);
  const from = known(lots, act.lotId);
  if (act.count !== undefined && act.count > (from.balls ?? 0)) {
    throw new DomainError(
      'portion-exceeds-mass',
      tr`Balls taken: ${act.count} is not possible. Allowed: 0 to ${from.balls ?? 0}.`,
      { count: act.count, balls: from.balls ?? 0 },
    );
  }
  const parts = portion(from.composition, act.massG);
  lots.set(act.lotId, { ...from, composition: parts.left, balls: ballsLeft(from, parts.left) });
  lots.set(act.partLotId, {
    id: act.partLotId,
    name: act.name,
    kind: act.lotKind,
    cultureId: act.cultureId ?? null,
    madeAtMs: atMs,
    composition: parts.taken,
    placeId: act.placeId,
    balls: act.count ?? null,
    ballG: act.count === undefined ? null : act.massG / act.count,
    flatMm: act.flatMm ?? null,
    part: true,
    ...(act.dried === true ? { dried: true } : {}),
    madeFrom: [act.lotId],
  });
}

/** Whole balls in what is left of a lot of balls; null for other lots. */
function ballsLeft(lot: Lot, left: Composition): number | null {
  if (lot.balls === null || lot.ballG === null || lot.ballG <= 0) return null;
  return Math.floor(massOf(left) / lot.ballG + 1e-6);
}

function used(lot: Lot, count: number): Lot {
  if (lot.balls === null || lot.ballG === null) return lot;
  if (count > lot.balls) {
    throw new DomainError(
      'portion-exceeds-mass',
      tr`Balls used: ${count} is not possible. Allowed: 0 to ${lot.balls}.`,
      { count, balls: lot.balls },
    );
  }
  return {
    ...lot,
    balls: lot.balls - count,
    composition: portion(lot.composition, count * lot.ballG).left,
  };
}
