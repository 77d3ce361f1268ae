import { type HoldFacts } from '@/shop/hold/facts';
import { type ServiceOdds } from '@/shop/odds';
import { type ShopState } from '@/shop/state';
import { type Bake } from '@/shop/kept/bake';
import { DomainError } from '@/core/units';
import type { Odds } from '@/core/planner/week';
import { databaseVersion } from '@/data';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import { holdFacts } from './hold-facts';
import { remembering } from '../remembering';
import { loadShop } from '../shop/load-shop';
import { asideOf } from './aside';

/** The figure of a service, without what the shop makes of it. */
type Figure = Omit<ServiceOdds, 'sureFrom'>;
const UNKNOWN: Figure = { chance: null, worst: null, settled: false };
const NEVER: Figure = { chance: null, worst: null, settled: true };

interface Known {
  /** What the figure rests on; and what changes by itself with the clock. */
  readonly key: string;
  readonly turn: string;
  /** What of the database was looked at last, so that the key is not made anew for nothing. */
  readonly seen: string;
  readonly odds: Figure;
  readonly workedMs: number;
}
const book = remembering<Map<string, Known>>('odds');

/** Readings and overdue steps change a figure a little every minute: it is worked out anew in turns of so long. */
const TURN_MS = 10 * 60_000;
/** And never more often than this, by the machine’s own clock: a shop in the demo may run fast. */
const LEAST_APART_MS = 20_000;

/**
 * The one chance of a planned service: its plan run through the whole chain in drawn truths, the same that Plan shows
 * before it is taken and Hold or hurry starts from. It takes about a second, so it is worked out aside: what is known
 * is told at once, and everything that listens to the shop is told when it is there.
 */
export function oddsOfBake(context: ShopContext, state: ShopState, bake: Bake): ServiceOdds {
  return { ...figureOf(context, state, bake), sureFrom: state.shop.surePct / 100 };
}

function figureOf(context: ShopContext, state: ShopState, bake: Bake): Figure {
  const known = bookOf(context);
  const before = known.get(bake.id);
  const turn = String(Math.floor(state.nowMs / TURN_MS));
  const seen = `${databaseVersion(context.db)} ${turn}`;
  if (before?.seen === seen) return before.odds;
  const facts = factsOr(context, state, bake);
  if (facts === null) return NEVER;
  const key = keyOf(facts);
  if (before?.key === key && stands(before, turn)) {
    known.set(bake.id, { ...before, seen });
    return before.odds;
  }
  const odds = before === undefined ? UNKNOWN : { ...before.odds, settled: before.key === key };
  known.set(bake.id, { key, turn, seen, odds, workedMs: Date.now() });
  const answered = (odds: Odds | null) => {
    const now = known.get(bake.id);
    if (now?.key === key) known.set(bake.id, { ...now, odds: told(odds), workedMs: Date.now() });
  };
  asideOf(context).ask({ name: bake.id, dueMs: bake.readyFromMs, question: facts, answered });
  return odds;
}

/** What the odds of a bake rest on; null where nothing of it is planned, or where what is stored can not be run. */
function factsOr(context: ShopContext, state: ShopState, bake: Bake): HoldFacts | null {
  try {
    return holdFacts(context, state, bake);
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}

/** True while a figure is on its way, or need not be worked out again yet. */
const stands = ({ odds, turn, workedMs }: Known, now: string) =>
  !odds.settled || turn === now || Date.now() - workedMs < LEAST_APART_MS;

/** The odds of every planned service to come, by its bake. */
export function oddsAhead(context: ShopContext): Readonly<Record<string, ServiceOdds>> {
  const state = loadShop(context);
  const planned = new Set(state.folded.plan.map((step) => step.bakeId));
  return Object.fromEntries(
    bakesInSight(context)
      .filter((bake) => bake.readyToMs > state.nowMs && planned.has(bake.id))
      .map((bake) => [bake.id, oddsOfBake(context, state, bake)]),
  );
}

/** Works everything out that was asked for and is not there yet. */
export function settleOdds(context: ShopContext): void {
  asideOf(context).finish();
}

function bookOf(context: ShopContext): Map<string, Known> {
  const known = book.get(context) ?? new Map<string, Known>();
  book.set(context, known);
  return known;
}

/** Everything that a figure rests on but what changes by itself with the clock: the hour, and readings. */
function keyOf(facts: HoldFacts): string {
  const { places, pantry, cultureSpeeds } = facts;
  return JSON.stringify([
    { ...facts, nowMs: 0, pinned: [] },
    [...places.values()].map((place) => ({ ...place, readings: [] })),
    [...pantry],
    [...cultureSpeeds],
  ]);
}

function told(odds: Odds | null): Figure {
  if (odds === null) return NEVER;
  const worst = Math.min(1, ...odds.halfHours.map((half) => half.ready));
  return { chance: odds.service, worst, settled: true };
}
