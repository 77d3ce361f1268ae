import { solveHoursNear, type Look, type LotForecast, type Sought } from '../forecast';
import { hoursBetween } from '../units';

/** What comes later than so much of the hours wanted is too late by any measure: a best, or the prime of one wanted young. */
const LOOKED_FOR = { prime: { times: 1.3, andH: 1 }, young: { times: 2, andH: 1 } } as const;
/** Hours past those wanted in which it shows, where it ever comes. */
const AT_ALL_H = 96;

/** As near to the hours wanted as this, over them, where those are to be found themselves. */
const ROUGHLY = 0.2;

/** How the lots of a plan that is sought are run: their windows are within two minutes of those run as finely as can be. */
export const SOUGHT: Look = { stepH: 0.2 };
/** The same while the hour of its mix is not found yet. */
export const SOUGHT_ROUGHLY: Look = { stepH: 0.4 };

type Window = LotForecast['window'];

/** What was found of a leaven. */
export interface LeavenSought extends Sought {
  /** How it was looked for: it is wanted young, at its best, or, where it is never as ripe at any dose, where it opens. */
  readonly wanted: 'young' | 'prime' | 'open';
}

/** A leaven alone, and when it is wanted. */
interface LeavenAsked {
  readonly startMs: number;
  readonly wantedH: number;
  readonly range: { readonly least: number; readonly most: number };
  /** Where it is sought from: what was found for about the same hours, or a dose. */
  readonly near: LeavenSought | number;
  /** Step of its runs, h. */
  readonly stepH: number;
  /** Its window at a dose, run as far as asked. */
  readonly windowAt: (value: number, look: Look) => Window | undefined;
}

/** The instant at which a leaven is as ripe as is asked: its best, or halfway from young to prime. */
function aimOf({ by, bestMs, opensMs, primeMs }: Window): number | null {
  if (by !== 'stretch') return bestMs;
  return opensMs === null || primeMs === null ? null : (opensMs + primeMs) / 2;
}

/**
 * The dose, or seed, at which a leaven is as ripe as is asked after the hours wanted, or as near to it as the range goes. One
 * that never is at any dose is wanted where it opens.
 */
export function soughtRipe(asked: LeavenAsked): LeavenSought {
  const { wantedH, near } = asked;
  const from = { ...asked.range, near, roughly: asked.stepH > SOUGHT.stepH ? ROUGHLY : undefined };
  const before = typeof near === 'number' ? null : near.wanted;
  const look = new Looked(asked, before === 'young' ? 'young' : 'prime');
  if (before !== 'open') {
    const found = solveHoursNear((value) => look.hoursTo(value, aimOf), from, wantedH);
    if (before !== null || look.isEver || look.comesLate(found.value)) {
      return { ...found, wanted: look.wanted };
    }
  }
  const opens = (value: number) => look.hoursTo(value, ({ opensMs }) => opensMs);
  return { ...solveHoursNear(opens, from, wantedH), wanted: 'open' };
}

/** A leaven as it is looked at, dose by dose. */
class Looked {
  /** It was as ripe as is asked at one dose at least. */
  isEver = false;

  constructor(
    private readonly asked: LeavenAsked,
    public wanted: 'young' | 'prime',
  ) {}

  hoursTo(value: number, aim: (window: Window) => number | null): number | null {
    const window = this.seen(value);
    const atMs = window === undefined ? null : aim(window);
    if (atMs === null) return null;
    this.isEver = true;
    return hoursBetween(this.asked.startMs, atMs);
  }

  comesLate(value: number): boolean {
    const hours = this.asked.wantedH + AT_ALL_H;
    const window = this.asked.windowAt(value, { stepH: this.asked.stepH, hours });
    return window !== undefined && aimOf(window) !== null;
  }

  private seen(value: number): Window | undefined {
    const { times, andH } = LOOKED_FOR[this.wanted];
    const hours = this.asked.wantedH * times + andH;
    const window = this.asked.windowAt(value, { stepH: this.asked.stepH, hours });
    if (this.wanted === 'young' || window?.by !== 'stretch' || window.primeMs !== null) {
      return window;
    }
    this.wanted = 'young';
    return this.seen(value);
  }
}
