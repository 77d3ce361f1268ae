import { massOf } from '../composition';
import {
  applyAct,
  isUsedUp,
  lotMadeBy,
  lotsTouchedBy,
  type Act,
  type ActOf,
  type Lot,
  type LookSigns,
  type Opening,
} from '../journal';
import { DomainError, MS_PER_HOUR } from '../units';
import type { ForecastAct } from './effective-plan';

/** A lot in one place for a while. */
export interface PlaceStay {
  readonly placeId: string;
  readonly fromMs: number;
  /** Null while it lasts. */
  readonly toMs: number | null;
}

/** Everything that happens to one lot, in order. */
export interface LotStory {
  /** The lot just made. */
  readonly lot: Lot;
  readonly tense: 'done' | 'planned';
  readonly startMs: number;
  readonly start: ActOf<'make'> | ActOf<'divide'> | ActOf<'split'>;
  readonly stays: PlaceStay[];
  /** Work and additions, in order. */
  readonly handling: { readonly atMs: number; readonly act: ActOf<'work'> | ActOf<'add'> }[];
  /** Target rises the baker set, in order. */
  readonly aims: { readonly atMs: number; readonly targetRise: number | null }[];
  readonly looks: {
    readonly atMs: number;
    readonly signs: LookSigns;
    /** How a ball of it opened then, where its bake was scored. */
    readonly opening?: Opening;
  }[];
  /** Lots made from this one. */
  readonly becomes: string[];
  /** Something is taken of it until about this instant (up to half a day more); null where nothing is. */
  takenUntilMs: number | null;
  /** When nothing is left of it; null while something is. */
  endMs: number | null;
  /** What ended it. */
  endedBy: ForecastAct | null;
}

/** A planned act that the stock does not allow, and why. */
export interface Conflict {
  readonly ref: string;
  readonly atMs: number;
  readonly sentence: string;
}

/** The stories of all lots, and what could not be. */
export interface Stories {
  readonly byLot: Map<string, LotStory>;
  readonly stock: Map<string, Lot>;
  readonly conflicts: Conflict[];
}

/** Tells the acts of a shop as the stories of its lots. */
export function tellStories(acts: readonly ForecastAct[]): Stories {
  const stories: Stories = { byLot: new Map(), stock: new Map(), conflicts: [] };
  for (const act of acts) {
    try {
      applyAct(stories.stock, act.act, act.atMs);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      stories.conflicts.push({ ref: act.ref, atMs: act.atMs, sentence: error.message });
      continue;
    }
    record(stories, act);
  }
  return stories;
}

function record(stories: Stories, forecastAct: ForecastAct): void {
  const { act, atMs } = forecastAct;
  const made = lotMadeBy(act);
  if (made !== null && !isTrace(stories.stock.get(made)))
    begin(stories, forecastAct, act as LotStory['start'], made);
  for (const lotId of lotsTouchedBy(act)) {
    const story = stories.byLot.get(lotId);
    const lot = stories.stock.get(lotId);
    if (story === undefined || lot === undefined) continue;
    note(story, act, atMs);
    if (made !== null) {
      story.becomes.push(made);
      story.takenUntilMs = Math.ceil(atMs / TAKEN_STEP_MS) * TAKEN_STEP_MS;
    }
    const goesOn = act.kind === 'divide' || isFeedOf(act, lot);
    if (story.endMs === null && (goesOn || isUsedUp(lot))) end(story, forecastAct);
  }
}

/** Coarse, so that a jar is not run anew for each hour that something could be taken of it. */
const TAKEN_STEP_MS = 12 * MS_PER_HOUR;

/** Grams under which a lot is a trace: a film on a jar has no story, and no run can tell one. */
const TRACE_G = 0.1;

const isTrace = (lot: Lot | undefined) => lot === undefined || massOf(lot.composition) < TRACE_G;

/** A feeding carries the culture on: the old jar’s story ends with it. Of a bag or a back-up the rest stays. */
function isFeedOf(act: Act, mother: Lot): boolean {
  if (act.kind !== 'make' || mother.part) return false;
  return mother.cultureId !== null && act.cultureId === mother.cultureId;
}

/** What a story has when it begins, lists of its own: nothing was done to its lot, nothing ended it. */
export const nothingYet = () =>
  ({
    handling: [],
    aims: [],
    looks: [],
    becomes: [],
    takenUntilMs: null,
    endMs: null,
    endedBy: null,
  }) satisfies Partial<LotStory>;

function begin(stories: Stories, by: ForecastAct, start: LotStory['start'], lotId: string): void {
  const lot = stories.stock.get(lotId) as Lot;
  stories.byLot.set(lotId, {
    lot,
    tense: by.tense,
    startMs: by.atMs,
    start,
    stays: [{ placeId: lot.placeId, fromMs: by.atMs, toMs: null }],
    ...nothingYet(),
  });
}

function note(story: LotStory, act: Act, atMs: number): void {
  if (act.kind === 'work' || act.kind === 'add') story.handling.push({ atMs, act });
  if (act.kind === 'aim') story.aims.push({ atMs, targetRise: act.targetRise });
  // A look that is only planned has nothing to say yet.
  const seen = act.kind === 'look' && Object.keys(act.signs).length > 0;
  if (seen) story.looks.push({ atMs, signs: act.signs });
  if (act.kind === 'move') {
    closeStay(story, atMs);
    story.stays.push({ placeId: act.placeId, fromMs: atMs, toMs: null });
  }
}

function end(story: LotStory, by: ForecastAct): void {
  const endMs = by.act.kind === 'use' ? Math.max(by.atMs, by.act.untilMs) : by.atMs;
  story.endMs = endMs;
  story.endedBy = by;
  closeStay(story, endMs);
}

function closeStay(story: LotStory, atMs: number): void {
  const last = story.stays.pop();
  if (last !== undefined) story.stays.push({ ...last, toMs: atMs });
}
