import type { Trajectory } from '../kinetics';
import { ripeWindow, type RipeWindow } from '../ripeness';
import { addHours, DomainError, hoursBetween, MS_PER_HOUR } from '../units';
import { assimilateLooks, type Assimilated } from './assimilate';
import { windowBand, type HourBand, type WindowBand } from './band';
import { MISFIT_LN_SD } from './book-speed';
import type { CultureSpeed } from './culture-speed';
import { NO_DOUBT, type Doubt } from './doubt';
import { doubtOf, type DrawnTruth } from './drawn-truth';
import {
  BOOK_DOUGHS,
  hoursAsDough,
  isLeavenedDough,
  isRaisedByDough,
  leavenedDoughLnSd,
} from './leavened-doughs';
import { runLot, type LotStart, type Surroundings } from './lot-run';
import type { InstantBand, LotForecast, WindowInstants } from './lot-told';
import { notForecast, unknownByParents } from './no-forecast';
import { asItStands, judgedBy } from './judged-by';
import { isCold } from './place-kinds';
import { placeTempC } from './places';
import type { Places } from './place-history';
import { isYoung, startState, type RunLot } from './start-state';
import type { LotStory } from './stories';

/** How far past its end, or past now, a lot is run, h: the peak must be inside. */
const LOOK_AHEAD_H = { cold: 120, warm: 40 } as const;
/** The same where a plan is sought: whether a window is missed shows soon, and nobody asks of a dough that is divided. */
const LOOK_NEAR_H = { cold: 24, warm: 5, divided: 0.25 } as const;

/** How a planned lot is run where a plan is sought: in coarser steps, and no further than is asked of it. What stands is run as ever. */
export interface Look {
  readonly stepH: number;
  /** Hours from its beginning; left out: a little past its end. */
  readonly hours?: number;
}

const BAND_STEP_H = 0.1;
const RUN_STEP_H = 0.05;

/** Doubt of a place that nothing was learned about, °C. Source: model of ripening, §7. */
const BOOK_PLACE_SD = 1;
/** What a lot’s forecast depends on beside its own story. */
export interface LotContext {
  readonly runs: ReadonlyMap<string, RunLot>;
  readonly around: Surroundings;
  readonly culture: CultureSpeed;
  /** Speed of the shop’s leavened doughs; the book’s where absent. */
  readonly doughs?: CultureSpeed;
  readonly nowMs: number;
  readonly withBand: boolean;
  /** Step of the runs, h; the usual one where absent. */
  readonly stepH?: number;
  readonly drawn?: DrawnTruth;
  /** As far, and as finely, as a picture asks where absent. */
  readonly look?: Look;
}

/**
 * Forecasts one lot: start state, looks taken in, window, band. What the model can not run (no flour in it, ten times the
 * water) is a lot with its reason.
 */
export function forecastLot(story: LotStory, context: LotContext): LotForecast {
  const untilMs = runUntil(story, context.around.places, context);
  const byParents = unknownByParents(story, context.runs);
  if (byParents !== null) return notForecast(story, { reason: byParents, untilMs });
  try {
    return forecastKnown(story, context);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return notForecast(story, { reason: error.message, untilMs });
  }
}

function forecastKnown(story: LotStory, context: LotContext): LotForecast {
  const { around, drawn, look } = context;
  const stepH = look?.stepH ?? context.stepH ?? RUN_STEP_H;
  const start: LotStart = {
    story,
    state: startState(story, context.runs, around),
    speed: speedOf(story, context),
    untilMs: runUntil(story, around.places, context),
    stepH,
  };
  const judged = judgedBy(story, around.places);
  const read = (run: Trajectory) => ripeWindow(run, judged);
  const runOf = (told: LotStart) => (speed: number, step: number, doubt: Doubt) =>
    runLot({ ...told, speed: told.speed * speed, stepH: step }, around, doubt);
  const runWith = runOf(start);
  // What was seen is held against the lot as it stands: nothing that is only planned changes what a look says.
  const runAsItStands = runOf({ ...start, story: asItStands(story, context.nowMs) });
  const bandAt = (runs: typeof runWith, speed: number, shrink: number, base: RipeWindow) =>
    windowBand(base, {
      run: (doubt) => runs(speed, BAND_STEP_H, doubt),
      read,
      ...dough(story, context),
      shrink,
      speedLnSd: speedLnSdOf(story, context),
      placeSdC: placeSdC(story, around),
    });

  if (drawn !== undefined) return drawnLot(story, context, { start, read });
  // Looks at a young culture say that it lives; how fast is not known before two peaks.
  const looks = (isYoung(story) ? [] : story.looks).map((look) => ({
    hour: hoursBetween(story.startMs, look.atMs),
    signs: look.signs,
  }));
  const taughtBy = (all: typeof looks) => {
    const prior = bandAt(runAsItStands, 1, 1, read(runAsItStands(1, stepH, NO_DOUBT)));
    return assimilateLooks(all, prior?.lnSd ?? 0.2, (speed) => {
      const run = runAsItStands(speed, stepH, NO_DOUBT);
      return { run, window: read(run) };
    });
  };
  const learned = looks.length > 0 ? taughtBy(looks) : NOT_LOOKED_AT;
  const run = runWith(learned.speed, stepH, NO_DOUBT);
  const window = read(run);
  const band = context.withBand ? bandAt(runWith, learned.speed, learned.shrink, window) : null;
  return {
    story,
    unknown: null,
    run,
    window: inInstants(story.startMs, window, band),
    band,
    speed: learned.speed,
    lookEffects: learned.effects,
    runSpeed: start.speed * learned.speed,
    shrink: learned.shrink,
    extraLnSd: dough(story, context).extraLnSd,
    speedLnSd: speedLnSdOf(story, context),
  };
}

/** What nobody has looked at is as the book has it. */
const NOT_LOOKED_AT: Assimilated = { speed: 1, shrink: 1, effects: [] };

/** A lot as it would be in a drawn truth: no looks are taken in, no band is worked out. */
function drawnLot(
  story: LotStory,
  context: LotContext,
  lot: { readonly start: LotStart; readonly read: (run: Trajectory) => RipeWindow },
): LotForecast {
  const { around } = context;
  const drawn = context.drawn as DrawnTruth;
  const known = drawn.inProgress?.get(story.lot.id) ?? { speed: 1, shrink: 1 };
  const { extraLnSd } = dough(story, context);
  const doubt = doubtOf(drawn, {
    speedLnSd: speedLnSdOf(story, context),
    placeSdC: placeSdC(story, around),
    extraLnSd,
    shrink: known.shrink,
  });
  const run = runLot({ ...lot.start, speed: lot.start.speed * known.speed }, around, doubt);
  return {
    story,
    unknown: null,
    run,
    window: inInstants(story.startMs, lot.read(run), null),
    band: null,
    speed: known.speed,
    lookEffects: [],
    runSpeed: lot.start.speed * known.speed,
    shrink: known.shrink,
    extraLnSd,
    speedLnSd: speedLnSdOf(story, context),
  };
}

/** Doubt of the temperatures a lot stands in: the least sure of its places. */
function placeSdC(story: LotStory, around: Surroundings): number {
  const sds = story.stays.map(
    (stay) => around.places.get(stay.placeId)?.offsetSdC ?? BOOK_PLACE_SD,
  );
  return Math.min(BOOK_PLACE_SD, Math.max(...sds));
}

function runUntil(
  story: LotStory,
  places: Places,
  { nowMs, look }: Pick<LotContext, 'nowMs' | 'look'>,
): number {
  if (look?.hours !== undefined) {
    // What others are made of is run until they are, and no further.
    const takenMs = story.takenUntilMs ?? story.endMs;
    return addHours(takenMs ?? story.startMs, takenMs === null ? look.hours : LOOK_NEAR_H.divided);
  }
  const last = story.stays.at(-1);
  const cold =
    last !== undefined &&
    isCold(placeTempC(places, last.placeId, Math.max(last.fromMs, story.startMs)));
  const aheadMs = aheadH(story, cold ? 'cold' : 'warm', look) * MS_PER_HOUR;
  const standsUntilMs = story.endMs ?? Math.max(nowMs, story.startMs, story.takenUntilMs ?? 0);
  return Math.max(story.startMs, standsUntilMs) + aheadMs;
}

function aheadH(story: LotStory, warmth: 'cold' | 'warm', look: Look | undefined): number {
  if (look === undefined) return LOOK_AHEAD_H[warmth];
  const divided = story.lot.kind === 'dough' && story.endMs !== null;
  return LOOK_NEAR_H[divided ? 'divided' : warmth];
}

/**
 * The extra doubt: the model’s own misfit; of a dough raised by a leaven what such doughs have in common as far as it was
 * learned, and what differs from one to the next, counted from the dough’s mixing for its balls too.
 */
function dough(story: LotStory, context: LotContext): { extraLnSd: number; earlierH: number } {
  const storyOf = (lotId: string) => context.runs.get(lotId)?.story;
  const leavened = isLeavenedDough(story, storyOf);
  return {
    extraLnSd: leavened
      ? leavenedDoughLnSd((context.doughs ?? BOOK_DOUGHS).lnSd, isRaisedByDough(story, storyOf))
      : MISFIT_LN_SD,
    earlierH: hoursAsDough(story, storyOf),
  };
}

/** Doubt of the speed of a lot: its culture’s; a dough that a leaven raises has its own, counted apart. */
function speedLnSdOf(story: LotStory, context: LotContext): number {
  const leavened = isLeavenedDough(story, (lotId) => context.runs.get(lotId)?.story);
  return leavened ? 0 : context.culture.lnSd;
}

/** Speed that a lot is run with before its own looks: its culture’s, or that of the shop’s leavened doughs. */
function speedOf(story: LotStory, context: LotContext): number {
  const leavened = isLeavenedDough(story, (lotId) => context.runs.get(lotId)?.story);
  return context.culture.speed * (leavened ? (context.doughs ?? BOOK_DOUGHS).speed : 1);
}

function inInstants(startMs: number, window: RipeWindow, band: WindowBand | null): WindowInstants {
  const at = (hour: number | null) => (hour === null ? null : addHours(startMs, hour));
  const span = (hours: HourBand | undefined): InstantBand =>
    hours === null || hours === undefined
      ? null
      : [addHours(startMs, hours[0]), addHours(startMs, hours[1])];
  return {
    opensMs: at(window.opensH),
    bestMs: at(window.bestH),
    closesMs: at(window.closesH),
    opensBand: span(band?.opensH),
    bestBand: span(band?.bestH),
    closesBand: span(band?.closesH),
    peakRise: window.peakRise,
    by: window.by,
    youngMs: at(window.youngH),
    primeMs: at(window.primeH),
    pastMs: at(window.pastH),
    tightUntilMs: at(window.tightUntilH),
  };
}
