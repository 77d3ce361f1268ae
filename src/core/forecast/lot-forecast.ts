import type { Trajectory } from '../kinetics';
import {
  handlingOf,
  ripeWindow,
  type Handling,
  type RipeWindow,
  type WindowOptions,
} from '../ripeness';
import { addHours, DomainError, hoursBetween, MS_PER_HOUR } from '../units';
import { assimilateLooks } from './assimilate';
import { windowBand, type HourBand, type WindowBand } from './band';
import type { CultureSpeed } from './culture-speed';
import { NO_DOUBT, type Doubt } from './doubt';
import { doubtOf, type DrawnTruth } from './drawn-truth';
import { BOOK_DOUGHS, hoursAsDough, isLeavenedDough } from './leavened-doughs';
import { runLot, type LotStart, type Surroundings } from './lot-run';
import type { InstantBand, LotForecast, WindowInstants } from './lot-told';
import { notForecast, unknownByParents } from './no-forecast';
import { placeTempC } from './places';
import { isYoung, startState, type RunLot } from './start-state';
import type { LotStory } from './stories';

/** How far past its end, or past now, a lot is run, h: the peak must be inside. */
const LOOK_AHEAD_H: Readonly<Record<string, number>> = { cold: 120, tempered: 40, room: 40 };
const BAND_STEP_H = 0.1;
const RUN_STEP_H = 0.05;

/** Doubt of the speed of a culture that nothing was learned about. Source: model of ripening, §7. */
export const BOOK_SPEED_LN_SD = 0.1;
/** Doubt of a place that nothing was learned about, °C. Source: model of ripening, §7. */
const BOOK_PLACE_SD = 1;
/** A culture at book speed. */
export const BOOK_SPEED: CultureSpeed = { speed: 1, lnSd: BOOK_SPEED_LN_SD };

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
}

/**
 * Forecasts one lot: start state, looks taken in, window, band. What the model can not run (no flour in it, ten times the
 * water) is a lot with its reason.
 */
export function forecastLot(story: LotStory, context: LotContext): LotForecast {
  const untilMs = runUntil(story, 'room', context.nowMs);
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
  const { around, stepH = RUN_STEP_H, drawn } = context;
  const ambients = story.stays.map((stay) =>
    placeTempC(around.places, stay.placeId, Math.max(stay.fromMs, story.startMs)),
  );
  const handling = handlingOf(ambients);
  const start: LotStart = {
    story,
    state: startState(story, context.runs, around),
    speed: speedOf(story, context),
    untilMs: runUntil(story, handling, context.nowMs),
    stepH,
  };
  const judged = judgedBy(story, handling);
  const read = (run: Trajectory) => ripeWindow(run, judged);
  const runWith = (speed: number, step: number, doubt: Doubt) =>
    runLot({ ...start, speed: start.speed * speed, stepH: step }, around, doubt);
  const bandAt = (speed: number, shrink: number, base: RipeWindow) =>
    windowBand(base, {
      run: (doubt) => runWith(speed, BAND_STEP_H, doubt),
      read,
      ...dough(story, context),
      shrink,
      speedLnSd: Math.min(context.culture.lnSd, BOOK_SPEED_LN_SD),
      placeSdC: placeSdC(story, around),
    });

  if (drawn !== undefined) return drawnLot(story, context, { start, read });
  const book = runWith(1, stepH, NO_DOUBT);
  // Looks at a young culture say that it lives; how fast is not known before two peaks.
  const looks = (isYoung(story) ? [] : story.looks).map((look) => ({
    hour: hoursBetween(story.startMs, look.atMs),
    signs: look.signs,
  }));
  const prior = looks.length > 0 ? bandAt(1, 1, read(book)) : null;
  const learned = assimilateLooks(looks, prior?.lnSd ?? 0.2, (speed) => {
    const run = runWith(speed, stepH, NO_DOUBT);
    return { run, window: read(run) };
  });
  const run = looks.length > 0 ? runWith(learned.speed, stepH, NO_DOUBT) : book;
  const window = read(run);
  const band = context.withBand ? bandAt(learned.speed, learned.shrink, window) : null;
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
  };
}

/** A lot as it would be in a drawn truth: no looks are taken in, no band is worked out. */
function drawnLot(
  story: LotStory,
  context: LotContext,
  lot: { readonly start: LotStart; readonly read: (run: Trajectory) => RipeWindow },
): LotForecast {
  const { around, culture } = context;
  const drawn = context.drawn as DrawnTruth;
  const known = drawn.inProgress?.get(story.lot.id) ?? { speed: 1, shrink: 1 };
  const { extraLnSd } = dough(story, context);
  const doubt = doubtOf(drawn, {
    speedLnSd: Math.min(culture.lnSd, BOOK_SPEED_LN_SD),
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
  };
}

/** What a lot is judged by: its kind, its keeping and the target the baker set last. */
export function judgedBy(story: LotStory, handling: Handling): WindowOptions {
  const planned = story.start.kind === 'make' ? story.start.targetRise : undefined;
  const last = story.aims.at(-1);
  const targetRise = last === undefined ? planned : (last.targetRise ?? undefined);
  const options = { kind: story.lot.kind, handling };
  return targetRise === undefined ? options : { ...options, targetRise, targetTooHigh: 'cap' };
}

/** Doubt of the temperatures a lot stands in: the least sure of its places. */
function placeSdC(story: LotStory, around: Surroundings): number {
  const sds = story.stays.map(
    (stay) => around.places.get(stay.placeId)?.offsetSdC ?? BOOK_PLACE_SD,
  );
  return Math.min(BOOK_PLACE_SD, Math.max(...sds));
}

function runUntil(story: LotStory, handling: string, nowMs: number): number {
  const aheadMs = (LOOK_AHEAD_H[handling] ?? 40) * MS_PER_HOUR;
  const standsUntilMs = story.endMs ?? Math.max(nowMs, story.startMs, story.takenUntilMs ?? 0);
  return Math.max(story.startMs, standsUntilMs) + aheadMs;
}

/** The extra doubt of a dough raised by a leaven, counted from the dough’s mixing for its balls too. */
function dough(story: LotStory, context: LotContext): { extraLnSd: number; earlierH: number } {
  const storyOf = (lotId: string) => context.runs.get(lotId)?.story;
  const leavened = isLeavenedDough(story, storyOf);
  return {
    extraLnSd: leavened ? (context.doughs ?? BOOK_DOUGHS).lnSd : 0,
    earlierH: hoursAsDough(story, storyOf),
  };
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
    tightUntilMs: at(window.tightUntilH),
  };
}
