import type { DoneAct, Score } from '../journal';
import { aged, learnFrom, lotVariance, priorSpeed, type SpeedBelief } from '../learning';
import type { Trajectory } from '../kinetics';
import { ripeWindow } from '../ripeness';
import { addHours, DomainError, hoursBetween, MS_PER_HOUR } from '../units';
import { assimilateLooks, type ReadRun } from './assimilate';
import { bookSpeedLnSd } from './book-speed';
import { asOneShop, culturesOf, type LearnedSpeed } from './cultures-of-shop';
import { cultureOf } from './culture-of';
import { NO_DOUBT } from './doubt';
import {
  hoursAsDough,
  isLeavenedDough,
  LEAVENED_DOUGH_LN_SD,
  LEAVENED_DOUGHS,
} from './leavened-doughs';
import { judgedBy } from './judged-by';
import { runLot, type Surroundings } from './lot-run';
import { notForecast, unknownByParents } from './no-forecast';
import { surroundingsMet } from './met';
import type { LearnedFrom, LotLesson, RememberedLessons } from './remembered-lessons';
import { withScores } from './scored-looks';
import { isYoung, startState, type RunLot } from './start-state';
import { tellStories, type LotStory } from './stories';

/** What there is to learn from. */
export interface LearnRequest extends Surroundings {
  readonly done: readonly DoneAct[];
  /** How bakes turned out; left out: nothing is taken from them. */
  readonly scores?: readonly Score[];
  readonly nowMs: number;
  /** Looks before these instants do not count: what was learned was reset then. */
  readonly resetMs: ReadonlyMap<string, number>;
  /** Lessons of before, and the name of what else they rest on beside their places (flours). */
  readonly remembered?: { readonly lessons: RememberedLessons; readonly facts: string };
}

/** Hours a lot is run: past the peak of any leaven at room. */
const RUN_H = 40;
/** Hours a dough or balls are run on: they are looked at before they are baked. */
const DOUGH_RUN_H = 12;
const STEP_H = 0.1;
const GENERATIONS = 3;
const DAY_MS = 24 * MS_PER_HOUR;

/** Learns the speed of every culture from the looks in the journal, lot by lot in order of time. */
export function learnSpeeds(request: LearnRequest): LearnedSpeed[] {
  const byLot = storiesOf(request);
  const stories = [...byLot.values()].sort((a, b) => a.startMs - b.startMs);
  const teaching = lastOfEach(
    stories.filter((story) => teaches(story, byLot, request)),
    byLot,
  );
  const wanted = new Set(
    [...teaching].flatMap((story) => withForebears(byLot, story.lot.id, GENERATIONS)),
  );
  const runs = new Map<string, RunLot>();
  const learned = new Map<string, { belief: SpeedBelief; from: LearnedFrom[] }>();
  for (const story of stories) {
    if (!wanted.has(story.lot.id)) continue;
    const culture = taughtBy(story, byLot);
    const known =
      culture === null
        ? null
        : (learned.get(culture) ?? { belief: priorOf(culture, story.startMs), from: [] });
    const belief = known?.belief ?? null;
    const { runLot, taught } = rememberedLesson(
      { story, belief, teaches: belief !== null && teaching.has(story) },
      runs,
      request,
    );
    runs.set(story.lot.id, runLot);
    if (culture === null || known === null || taught === null) continue;
    learned.set(culture, { belief: taught.belief, from: [...known.from, taught.from] });
  }
  request.remembered?.lessons.turn();
  // By whole days: within one, what nobody has looked at anew stays the same to the last digit, and is not run again.
  const ageMs = Math.floor(request.nowMs / DAY_MS) * DAY_MS;
  const byLooks = [...learned].map(([culture, { belief, from }]) => ({
    culture,
    belief: aged(belief, ageMs),
    from,
  }));
  return asOneShop(byLooks, culturesOf(stories), (culture) => priorOf(culture, ageMs));
}

/** The stories of what was done, with what scores say of them. */
function storiesOf({ done, scores = [] }: LearnRequest): ReadonlyMap<string, LotStory> {
  const acts = done.map((one) => ({
    ...one,
    plannedMs: one.atMs,
    tense: 'done' as const,
    ref: one.entryId,
  }));
  return withScores(tellStories(acts).byLot, scores, done);
}

/** A lot in its turn: what is believed of its culture (null for none), and whether its looks count. */
interface Turn {
  readonly story: LotStory;
  readonly belief: SpeedBelief | null;
  readonly teaches: boolean;
}

/** The lesson of a lot, from before where all it rests on is the same. */
function rememberedLesson(
  turn: Turn,
  runs: ReadonlyMap<string, RunLot>,
  request: LearnRequest,
): LotLesson {
  const make = () => lessonOf(turn, runs, request);
  if (request.remembered === undefined) return make();
  const { lessons, facts } = request.remembered;
  const { story, belief } = turn;
  const told = { ...story, becomes: null, endedBy: null };
  const parents = story.lot.madeFrom.map((id) => lessons.stampOf(id));
  const met = surroundingsMet(story, request.places, request.nowMs);
  const key = JSON.stringify([told, parents, belief, turn.teaches, met, facts]);
  return lessons.lesson(story.lot.id, key, make);
}

/** The lesson of a lot; of one that the model can not run nothing is learned. */
function lessonOf(turn: Turn, runs: ReadonlyMap<string, RunLot>, request: LearnRequest): LotLesson {
  const { story } = turn;
  const untilMs = addHours(story.endMs ?? story.startMs, RUN_H);
  const unlearned = (reason: string): LotLesson => ({
    runLot: notForecast(story, { reason, untilMs }),
    taught: null,
  });
  const byParents = unknownByParents(story, runs);
  if (byParents !== null) return unlearned(byParents);
  try {
    return knownLesson(turn, runs, request);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return unlearned(error.message);
  }
}

function knownLesson(
  { story, belief, teaches: looksCount }: Turn,
  runs: ReadonlyMap<string, RunLot>,
  request: LearnRequest,
): LotLesson {
  const speed = belief === null ? 1 : Math.exp(belief.lnSpeed);
  const lot = lotAt(story, runs, request);
  const runLot = { story, unknown: null, run: lot(speed).run };
  const asDoughH = hoursAsDough(story, (lotId) => runs.get(lotId)?.story);
  const taught =
    belief === null || !looksCount ? null : lesson({ story, asDoughH }, belief, lot, speed);
  return { runLot, taught };
}

/** Lots of a culture that teach at the least: what lies further back the weeks have made unsure. */
const TAUGHT_LOTS = 40;
/** The first of them moves on by so many at a time, so that a new lot does not change what all the others taught. */
const TAUGHT_STEP = 20;

/** The last lots of each culture: from {@link TAUGHT_LOTS} to one step more. */
function lastOfEach(
  stories: readonly LotStory[],
  byLot: ReadonlyMap<string, LotStory>,
): ReadonlySet<LotStory> {
  const byCulture = new Map<string, LotStory[]>();
  for (const story of stories) {
    const culture = taughtBy(story, byLot) ?? '';
    byCulture.set(culture, [...(byCulture.get(culture) ?? []), story]);
  }
  const last = new Set<LotStory>();
  for (const lots of byCulture.values()) {
    const passed = Math.max(0, lots.length - TAUGHT_LOTS);
    const from = Math.floor(passed / TAUGHT_STEP) * TAUGHT_STEP;
    for (const story of lots.slice(from)) last.add(story);
  }
  return last;
}

/** Whose speed the looks at a lot teach: its culture’s, or that of the shop’s leavened doughs; null for what teaches none. */
function taughtBy(story: LotStory, byLot: ReadonlyMap<string, LotStory>): string | null {
  const culture = cultureOf(story.lot);
  if (culture !== null) return culture;
  return isLeavenedDough(story, (lotId) => byLot.get(lotId)) ? LEAVENED_DOUGHS : null;
}

function priorOf(culture: string, atMs: number): SpeedBelief {
  return priorSpeed(
    atMs,
    culture === LEAVENED_DOUGHS ? LEAVENED_DOUGH_LN_SD : bookSpeedLnSd(culture),
  );
}

/** True for a lot whose culture can be learned from its looks. */
function teaches(
  story: LotStory,
  byLot: ReadonlyMap<string, LotStory>,
  request: LearnRequest,
): boolean {
  const culture = taughtBy(story, byLot);
  if (culture === null || isYoung(story)) return false;
  const fromMs = request.resetMs.get(culture) ?? -Infinity;
  return story.looks.some((look) => look.atMs > fromMs);
}

function withForebears(
  byLot: ReadonlyMap<string, LotStory>,
  lotId: string,
  generations: number,
): string[] {
  if (generations === 0) return [lotId];
  const parents = byLot.get(lotId)?.lot.madeFrom ?? [];
  return [lotId, ...parents.flatMap((id) => withForebears(byLot, id, generations - 1))];
}

/** A lot as a function of its speed. */
function lotAt(story: LotStory, runs: ReadonlyMap<string, RunLot>, around: Surroundings) {
  const judged = judgedBy(story, around.places);
  const dough = story.lot.kind === 'dough' || story.lot.kind === 'balls';
  const untilMs = addHours(story.endMs ?? story.startMs, dough ? DOUGH_RUN_H : RUN_H);
  const parent = doughBefore(story, runs);
  const grown = startState(story, runs, around);
  return (speed: number): ReadRun => {
    const state =
      parent === null ? grown : startState(story, atSpeed(parent, speed, runs, around), around);
    const run = runLot({ story, state, speed, untilMs, stepH: STEP_H }, around, NO_DOUBT);
    return { run, window: ripeWindow(run, judged) };
  };
}

/** The leavened dough that balls were divided from: it is as fast as they are. */
function doughBefore(story: LotStory, runs: ReadonlyMap<string, RunLot>): LotStory | null {
  if (story.start.kind === 'make') return null;
  const parent = runs.get(story.start.lotId)?.story;
  const storyOf = (lotId: string) => runs.get(lotId)?.story;
  return parent !== undefined && isLeavenedDough(parent, storyOf) ? parent : null;
}

/** The runs with a dough run at a speed, and the dough it came from with it. */
function atSpeed(
  story: LotStory,
  speed: number,
  runs: ReadonlyMap<string, RunLot>,
  around: Surroundings,
): ReadonlyMap<string, RunLot> {
  const before = doughBefore(story, runs);
  const known = before === null ? runs : atSpeed(before, speed, runs, around);
  const state = startState(story, known, around);
  const untilMs = addHours(story.endMs ?? story.startMs, 1);
  const run: Trajectory = runLot({ story, state, speed, untilMs, stepH: STEP_H }, around, NO_DOUBT);
  return new Map([...runs, [story.lot.id, { story, unknown: null, run }]]);
}

/** What looks take of the doubt is the variance of the shift that they make, where the doubt is right. */
function offSd(shift: number, taken: number): number | null {
  return taken > LEAST_TAKEN ? shift / Math.sqrt(taken) : null;
}
const LEAST_TAKEN = 1e-6;

function lesson(
  { story, asDoughH }: { readonly story: LotStory; readonly asDoughH: number },
  known: SpeedBelief,
  lot: (speed: number) => ReadRun,
  speed: number,
): { belief: SpeedBelief; from: LearnedFrom } {
  const belief = aged(known, story.startMs);
  const before = lotVariance(belief);
  const looks = story.looks.map(({ atMs, ...look }) => ({
    hour: hoursBetween(story.startMs, atMs),
    ...look,
  }));
  // A dough that is faster gives balls that are ahead at once: their own hours move by more than its speed.
  const lookH = looks[0]?.hour ?? 0;
  const stretch = lookH > 0 ? (lookH + asDoughH) / lookH : 1;
  const seen = assimilateLooks(looks, Math.sqrt(before) * stretch, (factor) => lot(speed * factor));
  const bestAt = (factor: number) => lot(factor).window.bestH;
  const seenH = bestAt(speed * seen.speed);
  const errorMin = (hour: number | null) =>
    hour === null || seenH === null ? null : Math.round(Math.abs(hour - seenH) * 60);
  const atMs = story.looks.at(-1)?.atMs ?? story.startMs;
  const shift = -Math.log(seen.speed);
  const after = before * seen.shrink ** 2;
  return {
    belief: learnFrom(known, { atMs, shift, before, after }),
    from: {
      lotId: story.lot.id,
      atMs,
      bookErrorMin: errorMin(bestAt(1)),
      learnedErrorMin: errorMin(bestAt(speed)),
      offSd: offSd(shift, before - after),
    },
  };
}
