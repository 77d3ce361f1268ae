import { lotMadeBy, lotsTouchedBy } from '../journal';
import type { BakeStep } from '../planner';
import { MS_PER_MINUTE } from '../units';

/** What is done at one instant, together: one make, all balls of a dough, all moves, a service. */
export interface Moment {
  readonly atMs: number;
  readonly kind: 'build' | 'mix' | 'ball' | 'move' | 'bake';
  readonly steps: readonly BakeStep[];
}

/** Something done otherwise than planned. */
export type Deed =
  | {
      readonly kind: 'shift';
      readonly atMs: number;
      /** The planned hour of the moment, and the one it gets. */
      readonly fromMs: number;
      readonly toMs: number;
    }
  | { readonly kind: 'move'; readonly atMs: number; readonly placeId: string };

/** A dough needs this between two things that are done with it. Set. */
const APART_MS = MS_PER_MINUTE;

/** The moments of a dough in their order. */
export function doughMoments(steps: readonly BakeStep[]): Moment[] {
  const groups = new Map<string, BakeStep[]>();
  for (const step of steps) {
    const key = `${step.atMs} ${momentKind(step)} ${step.act.kind === 'make' ? step.act.lotId : ''}`;
    groups.set(key, [...(groups.get(key) ?? []), step]);
  }
  return [...groups.values()]
    .map((of): Moment => ({ atMs: of[0]!.atMs, kind: momentKind(of[0]!), steps: of }))
    .sort((a, b) => a.atMs - b.atMs || ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind));
}
const ORDER = ['build', 'mix', 'ball', 'move', 'bake'] as const;

function momentKind({ act }: BakeStep): Moment['kind'] {
  if (act.kind === 'make') return act.lotKind === 'dough' ? 'mix' : 'build';
  if (act.kind === 'divide') return 'ball';
  return act.kind === 'use' ? 'bake' : 'move';
}

/** The next moment after an instant that somebody can do now or put off; null where nothing is left. */
export function nextMoment(steps: readonly BakeStep[], atMs: number): Moment | null {
  return doughMoments(steps).find((one) => one.atMs > atMs) ?? null;
}

/**
 * Steps after a deed. A moment that is done earlier or later takes what follows along by as much, but not the service nor
 * what balls do on their way to it: the wait before them gets longer or shorter. Null where that can not be, since balls
 * would be made when they are wanted already.
 */
export function afterDeed(steps: readonly BakeStep[], deed: Deed): BakeStep[] | null {
  return deed.kind === 'move' ? moved(steps, deed) : shifted(steps, deed);
}

/** Steps after deeds, in their order; a deed that can not be changes nothing. */
export function stepsAfter(steps: readonly BakeStep[], deeds: readonly Deed[]): BakeStep[] {
  return deeds.reduce<BakeStep[]>((before, deed) => afterDeed(before, deed) ?? before, [...steps]);
}

function shifted(
  steps: readonly BakeStep[],
  { fromMs, toMs }: Extract<Deed, { kind: 'shift' }>,
): BakeStep[] | null {
  const moment = doughMoments(steps).find((one) => one.atMs === fromMs);
  if (moment === undefined) return null;
  if (moment.kind === 'bake') return baking(steps, moment, toMs);
  const byMs = toMs - fromMs;
  const balls = ballLots(steps);
  const after = steps.map((step): BakeStep => {
    if (moment.steps.includes(step)) return { ...step, atMs: toMs };
    const waits = step.act.kind === 'use' || isBallMove(step, balls);
    return step.atMs <= fromMs || waits ? step : { ...step, atMs: step.atMs + byMs };
  });
  return inOrder(after);
}

/** A service that begins earlier or later, as long as it was. */
function baking(steps: readonly BakeStep[], moment: Moment, toMs: number): BakeStep[] {
  const byMs = toMs - moment.atMs;
  const served = new Set(moment.steps.flatMap(({ act }) => lotsTouchedBy(act)));
  return steps
    .filter((step) => !(isBallMove(step, served) && step.atMs >= toMs))
    .map((step) => {
      if (step.act.kind !== 'use' || !moment.steps.includes(step)) return step;
      return { atMs: toMs, act: { ...step.act, untilMs: step.act.untilMs + byMs } };
    });
}

/** Balls are moved after they are made, and are there when they are wanted; null where they are not. */
function inOrder(steps: readonly BakeStep[]): BakeStep[] | null {
  const madeMs = new Map(
    steps.flatMap(({ atMs, act }) => {
      const lotId = lotMadeBy(act);
      return lotId === null ? [] : [[lotId, atMs] as const];
    }),
  );
  const fits = steps.every(({ atMs, act }) => {
    if (act.kind === 'use') return (madeMs.get(act.lotId) ?? -Infinity) < atMs;
    if (act.kind !== 'make') return true;
    return act.portions.every((line) => (madeMs.get(line.lotId) ?? -Infinity) < atMs);
  });
  if (!fits) return null;
  return steps.map((step) => {
    if (step.act.kind !== 'move') return step;
    const leastMs = (madeMs.get(step.act.lotId) ?? -Infinity) + APART_MS;
    return step.atMs < leastMs ? { ...step, atMs: leastMs } : step;
  });
}

/** Everything that stands at an instant, moved to a place from then on; what was planned later stays planned. */
function moved(
  steps: readonly BakeStep[],
  { atMs, placeId }: Extract<Deed, { kind: 'move' }>,
): BakeStep[] {
  const moves = lotsAt(steps, atMs).map((lotId): BakeStep => ({
    atMs,
    act: { kind: 'move', lotId, placeId },
  }));
  return [...steps, ...moves].sort((a, b) => a.atMs - b.atMs);
}

/** The lots that stand at an instant: made, and not used up yet. */
export function lotsAt(steps: readonly BakeStep[], atMs: number): string[] {
  const made = steps.flatMap((step) => {
    const lotId = lotMadeBy(step.act);
    return lotId === null || step.atMs > atMs ? [] : [lotId];
  });
  const gone = new Set(
    steps.flatMap(({ atMs: doneMs, act }) => {
      if (doneMs > atMs) return [];
      if (act.kind === 'make') return act.portions.map((line) => line.lotId);
      return act.kind === 'divide' ? [act.lotId] : [];
    }),
  );
  return made.filter((lotId) => !gone.has(lotId));
}

const ballLots = (steps: readonly BakeStep[]): ReadonlySet<string> =>
  new Set(steps.flatMap(({ act }) => (act.kind === 'divide' ? [act.ballsLotId] : [])));

const isBallMove = ({ act }: BakeStep, balls: ReadonlySet<string>) =>
  act.kind === 'move' && balls.has(act.lotId);
