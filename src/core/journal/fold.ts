import type { Act, ActOf, Entry } from './schema';
import type { ScoreBody } from './score';

/** An act that was done and not taken back. */
export interface DoneAct {
  readonly entryId: string;
  readonly atMs: number;
  readonly act: Act;
  readonly by: string | null;
  readonly bakeId: string | null;
  readonly fulfils: string | null;
  readonly batch: string;
}

/** An act still to be done, after every replacement. */
export interface PlannedAct {
  /** The first planned entry of this step; it stays the same through replacements. */
  readonly stepId: string;
  readonly atMs: number;
  readonly act: Act;
  readonly by: string | null;
  readonly bakeId: string | null;
}

/** A temperature measured in a place and not taken back. */
export interface Reading {
  readonly entryId: string;
  readonly atMs: number;
  readonly placeId: string;
  readonly tempC: number;
}

/** How a bake turned out, as it was scored and not taken back. */
export interface Score {
  readonly entryId: string;
  readonly batch: string;
  readonly atMs: number;
  readonly by: string | null;
  readonly bakeId: string;
  readonly score: ScoreBody;
}

/** The acts of a journal in its two tenses. */
export interface Tenses {
  /** In order of time, then of writing. */
  readonly done: readonly DoneAct[];
  /** In order of time, then of writing. */
  readonly plan: readonly PlannedAct[];
}

/** The journal folded: its acts, and what was measured. */
export interface Folded extends Tenses {
  /** In order of time. */
  readonly readings: readonly Reading[];
  /** In order of time; the last one of a bake counts. */
  readonly scores: readonly Score[];
}

/** Ids of the entries that a strike, itself not taken back, takes back. */
export function struckIds(entries: readonly Entry[]): Set<string> {
  const struck = new Set<string>();
  for (let i = entries.length - 1; i >= 0; i -= 1) {
    const entry = entries[i] as Entry;
    if (entry.body.kind === 'strike' && !struck.has(entry.id)) struck.add(entry.body.strikes);
  }
  return struck;
}

/** A journal in which nothing was written yet. */
export const NOTHING_WRITTEN: Folded = { done: [], plan: [], readings: [], scores: [] };

/** What a fold goes on from. */
export interface FoldFrom {
  /** The fold of the entries before, as they are carried over. */
  readonly start: Folded;
  /** Ids of entries that were taken back, by whichever entry. */
  readonly struck: ReadonlySet<string>;
}

/**
 * Folds the journal: what was done, and what is still to be done.
 * @param entries in the order of writing
 * @param from what was folded before them; nothing where they are the whole journal
 */
export function foldJournal(
  entries: readonly Entry[],
  from: FoldFrom = { start: NOTHING_WRITTEN, struck: struckIds(entries) },
): Folded {
  const { struck } = from;
  const { steps, done, readings, scores } = begun(from);
  for (const entry of entries) {
    if (struck.has(entry.id)) continue;
    const { body } = entry;
    if (body.kind === 'strike' || body.kind === 'note') continue;
    if (body.kind === 'reading') readings.push(readingOf(entry, body));
    else if (body.kind === 'score') scores.push(...scoreOf(entry, body));
    else if (body.kind === 'withdraw') steps.delete(body.supersedes);
    else if (body.kind === 'replace') replaceStep(steps, body.supersedes, body.atMs, body.act);
    else if (entry.tense === 'planned') steps.set(entry.id, planned(entry, body));
    else {
      steps.delete(entry.fulfils ?? '');
      done.push(doneAct(entry, body));
    }
  }
  return {
    readings: readings.sort((a, b) => a.atMs - b.atMs),
    scores: scores.sort((a, b) => a.atMs - b.atMs),
    done: done.sort((a, b) => a.atMs - b.atMs),
    plan: [...steps.values()].sort((a, b) => a.atMs - b.atMs),
  };
}

type BodyOf<K extends Entry['body']['kind']> = Extract<Entry['body'], { kind: K }>;

function readingOf(entry: Entry, { placeId, tempC }: BodyOf<'reading'>): Reading {
  return { entryId: entry.id, atMs: entry.atMs, placeId, tempC };
}

/** How its bake turned out; nothing where it names no bake. */
function scoreOf({ id, batch, atMs, by, bakeId }: Entry, score: BodyOf<'score'>): Score[] {
  return bakeId === null ? [] : [{ entryId: id, batch, atMs, by, bakeId, score }];
}

/** What a fold begins with: what was carried over and not taken back since. */
function begun({ start, struck }: FoldFrom) {
  const kept = (id: string) => !struck.has(id);
  const plan = start.plan.filter((one) => kept(one.stepId));
  return {
    steps: new Map(plan.map((one) => [one.stepId, one])),
    done: start.done.filter((one) => kept(one.entryId)),
    readings: start.readings.filter((one) => kept(one.entryId)),
    scores: start.scores.filter((one) => kept(one.entryId)),
  };
}

function replaceStep(steps: Map<string, PlannedAct>, stepId: string, atMs: number, act: Act): void {
  const step = steps.get(stepId);
  if (step !== undefined) steps.set(stepId, { ...step, atMs, act });
}

function planned(entry: Entry, act: Act): PlannedAct {
  return { stepId: entry.id, atMs: entry.atMs, act, by: entry.by, bakeId: entry.bakeId };
}

function doneAct(entry: Entry, act: Act): DoneAct {
  const { id, atMs, by, bakeId, fulfils, batch } = entry;
  return { entryId: id, atMs, act, by, bakeId, fulfils, batch };
}

/** The lot that an act makes, if it makes one. */
export function lotMadeBy(act: Act): string | null {
  if (act.kind === 'make') return act.lotId;
  if (act.kind === 'split') return act.partLotId;
  return act.kind === 'divide' ? act.ballsLotId : null;
}

/** The lots that an act takes from or acts on. */
export function lotsTouchedBy(act: Act): readonly string[] {
  if (act.kind === 'light' || act.kind === 'soak') return [];
  if (act.kind === 'do') return act.lotId === undefined ? [] : [act.lotId];
  return act.kind === 'make' ? act.portions.map((line) => line.lotId) : [act.lotId];
}

/** True for acts of one kind; narrows the type. */
export function isAct<K extends Act['kind']>(act: Act, kind: K): act is ActOf<K> {
  return act.kind === kind;
}
