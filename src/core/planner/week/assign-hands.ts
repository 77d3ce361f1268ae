import { MS_PER_HOUR } from '../../units';
import { shiftsAround, type Span } from '../working-hours';
import type { Kitchen } from './kitchen';
import type { HandsNeed } from './needs';

/** Moments with who does them, and those that nobody can do. */
export interface Assigned {
  readonly hands: readonly HandsNeed[];
  readonly unmet: readonly {
    readonly need: HandsNeed;
    /** Nobody is in, or everybody who is in has something else to do. */
    readonly why: 'nobody in' | 'hands full';
  }[];
}

/**
 * Gives every moment one pair of hands that is in and free for all of it. In order of time, to whoever was last at it,
 * else to whoever has done least; where all who are in have something else to do, what they have is passed on to others as
 * far as that goes. What was given before stays. Boxes moved during a service are moved by whoever serves.
 */
export function assignHands(needs: readonly HandsNeed[], kitchen: Kitchen): Assigned {
  const inOrder = [...needs].sort(
    (a, b) => Number(b.fixed ?? false) - Number(a.fixed ?? false) || a.fromMs - b.fromMs,
  );
  const beside = besideServices(needs);
  const board = new Board(kitchen, presence(kitchen, needs));
  const unmet: Assigned['unmet'][number][] = [];
  for (const need of inOrder) {
    if (beside.has(need)) continue;
    const who = whoFor(need, board);
    if (who !== null) board.give(need, who);
    else {
      const someIn = kitchen.people.some((one) => board.present(one, need));
      unmet.push({ need, why: someIn ? 'hands full' : 'nobody in' });
    }
  }
  const hands = inOrder.map((need) => {
    const service = beside.get(need);
    return { ...need, who: board.given.get(service ?? need) ?? need.who };
  });
  return { hands, unmet };
}

/** Moves of boxes that lie within a service, each with that service: its own where it is one of them. */
export function besideServices(needs: readonly HandsNeed[]): ReadonlyMap<HandsNeed, HandsNeed> {
  const services = needs.filter((need) => need.part === 'service');
  return new Map(
    needs
      .filter((need) => need.part === 'boxes' && need.fixed !== true)
      .flatMap((need) => {
        const around = services.filter((one) => one.fromMs <= need.fromMs && need.toMs <= one.toMs);
        const own = around.find((one) => one.demandId === need.demandId) ?? around[0];
        return own === undefined ? [] : [[need, own] as const];
      }),
  );
}

/** Who does what so far, and for how long. */
class Board {
  given = new Map<HandsNeed, string>();
  private own = new Map<string, Set<HandsNeed>>();
  private busyMs = new Map<string, number>();

  constructor(
    readonly kitchen: Kitchen,
    readonly present: (who: string, need: Span) => boolean,
  ) {}

  give(need: HandsNeed, who: string): void {
    if (this.given.get(need) === who) return;
    this.takeBack(need);
    this.given.set(need, who);
    const own = this.own.get(who);
    if (own === undefined) this.own.set(who, new Set([need]));
    else own.add(need);
    this.busyMs.set(who, this.busyOf(who) + need.toMs - need.fromMs);
  }

  takeBack(need: HandsNeed): void {
    const who = this.given.get(need);
    if (who === undefined) return;
    this.given.delete(need);
    this.own.get(who)?.delete(need);
    this.busyMs.set(who, this.busyOf(who) - (need.toMs - need.fromMs));
  }

  /** Puts everything back as it was given out. */
  reset(given: ReadonlyMap<HandsNeed, string>): void {
    this.given = new Map();
    this.own = new Map();
    this.busyMs = new Map();
    for (const [need, who] of given) this.give(need, who);
  }

  busyOf(who: string): number {
    return this.busyMs.get(who) ?? 0;
  }

  /** What somebody has at the time of a moment. */
  inTheWay(who: string, need: HandsNeed): HandsNeed[] {
    const found: HandsNeed[] = [];
    for (const one of this.own.get(who) ?? []) if (one !== need && meet(one, need)) found.push(one);
    return found;
  }

  isFree(who: string, need: HandsNeed): boolean {
    for (const one of this.own.get(who) ?? []) if (one !== need && meet(one, need)) return false;
    return true;
  }
}

function whoFor(need: HandsNeed, board: Board): string | null {
  if (need.fixed === true && need.who !== null) return need.who;
  const here = board.kitchen.people.filter((who) => board.present(who, need));
  const free = here.filter((who) => board.isFree(who, need));
  const who = leastDone(free, need.who, board);
  return who ?? here.find((one) => passOn(one, need, { board, left: MOST_PASSED })) ?? null;
}
/** So many moments are passed on for one; more are not looked for. */
const MOST_PASSED = 6;

const isKept = (need: HandsNeed) => need.fixed === true && need.who !== null;

/** Gives what somebody has at that time to others, so that they are free for it; true where it went, else all is as before. */
function passOn(
  who: string,
  need: HandsNeed,
  how: { readonly board: Board; readonly left: number },
): boolean {
  const { board, left } = how;
  const moved = board.inTheWay(who, need);
  if (moved.length > left || moved.some(isKept)) return false;
  const before = new Map(board.given);
  for (const one of moved) board.takeBack(one);
  board.give(need, who);
  for (const one of moved) {
    const others = board.kitchen.people.filter((by) => by !== who && board.present(by, one));
    const free = others.find((by) => board.isFree(by, one));
    if (free !== undefined) board.give(one, free);
    else if (!others.some((by) => passOn(by, one, { board, left: left - moved.length }))) {
      board.reset(before);
      return false;
    }
  }
  return true;
}

function leastDone(free: readonly string[], before: string | null, board: Board): string | null {
  if (before !== null && free.includes(before)) return before;
  let least: string | null = null;
  for (const one of free) {
    if (least === null || board.busyOf(one) < board.busyOf(least)) least = one;
  }
  return least;
}

const meet = (a: Span, b: Span) => a.fromMs < b.toMs && b.fromMs < a.toMs;

/** Whether somebody is in for all of a moment. */
function presence(kitchen: Kitchen, needs: readonly Span[]): (who: string, need: Span) => boolean {
  if (needs.length === 0) return () => false;
  const fromMs = Math.min(...needs.map((one) => one.fromMs));
  const toMs = Math.max(...needs.map((one) => one.toMs));
  const days = Math.ceil((toMs - fromMs) / (24 * MS_PER_HOUR)) + 1;
  const shifts = shiftsAround(fromMs, days, kitchen.hours, kitchen.timeZone);
  return (who, need) =>
    shifts.some(
      (shift) =>
        (shift.who === null || shift.who === who) &&
        shift.fromMs <= need.fromMs &&
        shift.toMs >= need.toMs,
    );
}
