import { lotMadeBy, lotsTouchedBy, type Act, type Tenses } from '../journal';
import { MS_PER_MINUTE } from '../units';

/** An act on the one line of time, past and to come. */
export interface ForecastAct {
  /** When it happened, or when it is taken to happen: a step that is overdue is taken to happen in this turn. */
  readonly atMs: number;
  /** When the plan says. */
  readonly plannedMs: number;
  readonly tense: 'done' | 'planned';
  /** Entry id when done, step id when planned. */
  readonly ref: string;
  readonly act: Act;
  readonly by: string | null;
  readonly bakeId: string | null;
}

/** A step on a lot comes this long after the lot exists, at the least. */
const LEAST_GAP_MS = MS_PER_MINUTE;

/**
 * Done and planned acts on one line of time. Overdue steps are taken to happen as this turn ends (within it nothing that
 * rests on them need be run again), and nothing is done to a lot before it exists. A look that is planned at a lot which nobody makes any more is left out.
 * @param turnMs whole minutes in which the hour that overdue steps are taken to happen at stays the same, ms
 */
export function effectiveActs(
  folded: Tenses,
  nowMs: number,
  turnMs: number = MS_PER_MINUTE,
): ForecastAct[] {
  const acts: ForecastAct[] = folded.done.map((done) => ({
    atMs: done.atMs,
    plannedMs: done.atMs,
    tense: 'done',
    ref: done.entryId,
    act: done.act,
    by: done.by,
    bakeId: done.bakeId,
  }));
  const existsFrom = new Map<string, number>();
  const soonestMs = Math.ceil(nowMs / turnMs) * turnMs;
  for (const step of withoutVoidLooks(folded)) {
    const ready = lotsTouchedBy(step.act).map((id) => existsFrom.get(id) ?? -Infinity);
    const atMs = Math.max(step.atMs, soonestMs, ...ready.map((ms) => ms + LEAST_GAP_MS));
    const made = lotMadeBy(step.act);
    if (made !== null) existsFrom.set(made, atMs);
    acts.push({
      atMs,
      plannedMs: step.atMs,
      tense: 'planned',
      ref: step.stepId,
      act: step.act,
      by: step.by,
      bakeId: step.bakeId,
    });
  }
  return acts.sort((a, b) => a.atMs - b.atMs);
}

function withoutVoidLooks({ done, plan }: Tenses): Tenses['plan'] {
  if (!plan.some(({ act }) => act.kind === 'look')) return plan;
  const made = new Set([...done, ...plan].map(({ act }) => lotMadeBy(act)));
  return plan.filter(({ act }) => act.kind !== 'look' || made.has(act.lotId));
}
