import { isAct, lotMadeBy, lotsTouchedBy, type DoneAct } from './fold';

/** A lot of a trace: what was weighed into it, what it was made from, and what became of it. */
export interface TraceLot {
  readonly lotId: string;
  readonly name: string;
  readonly kind: string;
  readonly madeMs: number;
  readonly by: string | null;
  /** Weighed into it when it was made, and added to it later. */
  readonly weighed: readonly { readonly ingredientId: string; readonly massG: number }[];
  readonly from: readonly string[];
  readonly into: readonly string[];
  /** Generations before what was sold, or after what was made on the day; 0 for these themselves. */
  readonly steps: number;
}

/** Balls that were served. */
export interface TraceUse {
  readonly lotId: string;
  readonly bakeId: string | null;
  readonly atMs: number;
  readonly count: number;
}

/** A day followed both ways: what was sold on it back to the flour, what was made on it on to where it was sold. */
export interface DayTrace {
  readonly sold: readonly TraceUse[];
  /** The lots that were sold and all they descend from, as far as {@link MOST_STEPS}. */
  readonly back: readonly TraceLot[];
  /** Codes of still older lots in the line of what was sold. */
  readonly older: readonly string[];
  /** The lots that were made on the day and all that came of them. */
  readonly on: readonly TraceLot[];
  /** Where these were served, on that day or later. */
  readonly soldLater: readonly TraceUse[];
}

/** Generations that are told in full: a culture goes back through every feed it ever had. */
export const MOST_STEPS = 6;

/**
 * Follows a day through a journal.
 * @param done acts in order of time, from before the oldest lot that is to be found
 * @param span from–to of the day, ms
 */
export function traceDay(
  done: readonly DoneAct[],
  span: { readonly fromMs: number; readonly toMs: number },
): DayTrace {
  const book = bookOf(done);
  const within = (atMs: number) => atMs >= span.fromMs && atMs < span.toMs;
  const sold = book.uses.filter((one) => within(one.atMs));
  const back = walk(
    sold.map((one) => one.lotId),
    (lotId) => book.lots.get(lotId)?.from ?? [],
  );
  const made = [...book.lots.values()].filter((lot) => within(lot.madeMs));
  const on = walk(
    made.map((one) => one.lotId),
    (lotId) => book.lots.get(lotId)?.into ?? [],
  );
  const near = [...back].filter(([, steps]) => steps <= MOST_STEPS);
  return {
    sold,
    back: lotsOf(book, new Map(near)),
    older: [...back].filter(([, steps]) => steps > MOST_STEPS).map(([lotId]) => lotId),
    on: lotsOf(book, on),
    soldLater: book.uses.filter((one) => on.has(one.lotId)),
  };
}

interface Writable extends Omit<TraceLot, 'weighed' | 'into' | 'steps'> {
  readonly weighed: { ingredientId: string; massG: number }[];
  readonly into: string[];
}

interface Book {
  readonly lots: ReadonlyMap<string, Writable>;
  readonly uses: readonly TraceUse[];
}

/** Every lot that was made, with what went in and what came of it. */
function bookOf(done: readonly DoneAct[]): Book {
  const lots = new Map<string, Writable>();
  const uses: TraceUse[] = [];
  for (const { act, atMs, by, bakeId } of done) {
    if (isAct(act, 'use')) uses.push({ lotId: act.lotId, bakeId, atMs, count: act.count });
    if (isAct(act, 'add')) lots.get(act.lotId)?.weighed.push(...act.ingredients);
    const lotId = lotMadeBy(act);
    if (lotId === null) continue;
    const from = lotsTouchedBy(act).filter((one) => one !== lotId);
    for (const one of from) lots.get(one)?.into.push(lotId);
    const kind = isAct(act, 'make') || isAct(act, 'split') ? act.lotKind : 'balls';
    const weighed = isAct(act, 'make') ? [...act.ingredients] : [];
    const name = 'name' in act ? act.name : lotId;
    lots.set(lotId, { lotId, name, kind, madeMs: atMs, by, weighed, from, into: [] });
  }
  return { lots, uses };
}

/** Lots that are reached from some, each with the fewest steps to it. */
function walk(
  from: readonly string[],
  next: (lotId: string) => readonly string[],
): Map<string, number> {
  const steps = new Map(from.map((lotId) => [lotId, 0]));
  const queue = [...steps.keys()];
  for (let at = 0; at < queue.length; at += 1) {
    const lotId = queue[at] as string;
    for (const one of next(lotId)) {
      if (steps.has(one)) continue;
      steps.set(one, (steps.get(lotId) ?? 0) + 1);
      queue.push(one);
    }
  }
  return steps;
}

function lotsOf({ lots }: Book, steps: ReadonlyMap<string, number>): TraceLot[] {
  return [...steps]
    .flatMap(([lotId, far]) => {
      const lot = lots.get(lotId);
      return lot === undefined ? [] : [{ ...lot, steps: far }];
    })
    .sort((a, b) => a.steps - b.steps || a.madeMs - b.madeMs);
}
