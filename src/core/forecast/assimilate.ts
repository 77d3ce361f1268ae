import type { LookSigns, Opening } from '../journal';
import { acidToPh, STATE_SIZE, X, type Trajectory } from '../kinetics';
import { updateBelief, updateByBound, type LnTimeBelief } from '../learning';
import { firstRise, rowAtHour, type RipeWindow } from '../ripeness';

/** A look at an hour of a lot's run. */
export interface LookAtHour {
  readonly hour: number;
  readonly signs: LookSigns;
  /** How a ball of it opened then, as it was scored after the service. */
  readonly opening?: Opening;
}

/** A forecast run with its window. */
export interface ReadRun {
  readonly run: Trajectory;
  readonly window: RipeWindow;
}

/** What a look did to a forecast. */
export interface LookEffect {
  readonly hour: number;
  /** Best (or opening) before the look and after it, h; null when there is none. */
  readonly beforeH: number | null;
  readonly afterH: number | null;
}

/** What the looks on a lot leave behind. */
export interface Assimilated {
  /** Factor on the lot's speed. */
  readonly speed: number;
  /** Factor on every sd of its band. */
  readonly shrink: number;
  readonly effects: readonly LookEffect[];
}

/** A rise is read off a jar to about a tenth of itself. Set. */
const RISE_READING_SD = 0.1;
/** Time noise of any look: the model is no better than this in ln t. Source: model of ripening §6. */
const LN_NOISE_VARIANCE = 0.05 ** 2;
/** Doubt of a sign that only says before or after, in ln t. Set. */
const SIGN_VARIANCE = 0.08 ** 2;
/** Above this share of the peak the level hardly moves: a rise there says only "near the peak". */
const FLAT_TOP = 0.97;

const keyHour = (window: RipeWindow) => window.bestH ?? window.opensH;

/**
 * Moves a lot's forecast to meet its looks, in the proportion of what is known of both.
 * @param priorLnSd sd of ln t before any look
 * @param runAt runs the lot at a speed factor
 */
export function assimilateLooks(
  looks: readonly LookAtHour[],
  priorLnSd: number,
  runAt: (speed: number) => ReadRun,
): Assimilated {
  let lnSpeed = 0;
  let variance = priorLnSd ** 2;
  const effects: LookEffect[] = [];
  let now = runAt(1);
  for (const look of looks) {
    if (look.hour <= 0) continue;
    const beforeH = keyHour(now.window);
    const belief = believe(look, now, variance);
    const wanted = belief.mean;
    if (Math.abs(wanted) > 1e-4) {
      lnSpeed = solveSpeed(lnSpeed, wanted, momentOf(look, now), runAt);
      now = runAt(Math.exp(lnSpeed));
    }
    if (look.signs.poke === 'springs back') {
      lnSpeed = slowUntilShut(lnSpeed, look.hour, runAt);
      now = runAt(Math.exp(lnSpeed));
    }
    variance = belief.variance;
    effects.push({ hour: look.hour, beforeH, afterH: keyHour(now.window) });
  }
  return {
    speed: Math.exp(lnSpeed),
    shrink: priorLnSd > 0 ? Math.sqrt(variance) / priorLnSd : 1,
    effects,
  };
}

/** Slowest that a lot is taken to be, against its forecast, in ln. Set. */
const SLOWEST_LN = -1.6;
const HALVINGS = 6;

/** The nearest speed, no faster than the one given, at which a lot is not yet open at the hour at which it sprang back. */
function slowUntilShut(lnSpeed: number, hour: number, runAt: (speed: number) => ReadRun): number {
  const isShut = (ln: number) => {
    const { opensH } = runAt(Math.exp(ln)).window;
    return opensH === null || opensH > hour;
  };
  if (isShut(lnSpeed)) return lnSpeed;
  let [slow, fast] = [Math.min(SLOWEST_LN, lnSpeed), lnSpeed];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (slow + fast) / 2;
    if (isShut(middle)) slow = middle;
    else fast = middle;
  }
  return slow;
}

/** What a look says about ln t of the run. */
function believe(look: LookAtHour, now: ReadRun, variance: number): LnTimeBelief {
  let belief: LnTimeBelief = { mean: 0, variance };
  for (const seen of [riseObservation(look, now), acidObservation(look, now)]) {
    if (seen !== null) belief = updateBelief(belief, seen);
  }
  for (const { atH, side, variance } of boundsOf(look, now)) {
    const z = Math.log(look.hour) - Math.log(atH);
    belief = updateByBound(belief, { z, side, variance });
  }
  return belief;
}

/** A rise seen, as z = ln t_seen − ln t_predicted with its variance; null when it says nothing about time. */
function riseObservation(
  look: LookAtHour,
  { run, window }: ReadRun,
): { z: number; variance: number } | null {
  const { rise, dome } = look.signs;
  if (rise === undefined || dome === 'sinking') return null;
  const predictedH = firstRise(risesOf(run), readableLevel(rise, window));
  if (predictedH === null || predictedH <= 0) return null;
  const slope = slopeAt(run, predictedH);
  const readingSdH = (RISE_READING_SD * Math.max(0.3, rise - 1)) / Math.max(slope, 1e-3);
  const z = Math.log(look.hour) - Math.log(predictedH);
  return { z, variance: (readingSdH / look.hour) ** 2 + LN_NOISE_VARIANCE };
}

/** A pH is read to about this, strips and meters alike. Set. */
const PH_READING_SD = 0.12;
/** Doubt of ln t at which a pH is reached: acid is the less sure part of the model. Set. */
const ACID_LN_VARIANCE = 0.15 ** 2;

/** A pH seen, as an observation of ln t; null when it says nothing about time. */
function acidObservation(
  look: LookAtHour,
  { run }: ReadRun,
): { z: number; variance: number } | null {
  const { ph } = look.signs;
  if (ph === undefined) return null;
  const { wholegrainShare, model } = run.constants;
  const sourness = {
    hours: run.hours,
    length: run.length,
    at: (row: number) =>
      -acidToPh(run.states[row * STATE_SIZE + X.acid] as number, wholegrainShare, model),
  };
  const predictedH = firstRise(sourness, -ph);
  if (predictedH === null || predictedH <= 0) return null;
  const row = rowAtHour(run.hours, run.length, predictedH);
  const before = Math.max(0, row - 6);
  const dh = (run.hours[row] as number) - (run.hours[before] as number);
  const slope = dh > 0 ? (sourness.at(row) - sourness.at(before)) / dh : 0;
  const readingSdH = PH_READING_SD / Math.max(slope, 1e-3);
  const variance = (readingSdH / look.hour) ** 2 + ACID_LN_VARIANCE;
  return { z: Math.log(look.hour) - Math.log(predictedH), variance };
}

/** A seen rise held between the first that can be read and the flat top, where the level says nothing about time. */
function readableLevel(rise: number, window: RipeWindow): number {
  return Math.min(Math.max(rise, 1.02), 1 + (window.peakRise - 1) * FLAT_TOP);
}

function risesOf(run: Trajectory) {
  return { hours: run.hours, length: run.length, at: (row: number) => run.rises[row] ?? 0 };
}

/** Rise per hour around an hour of the run. */
function slopeAt(run: Trajectory, hour: number): number {
  const row = Math.max(2, rowAtHour(run.hours, run.length, hour));
  const low = Math.max(0, row - 4);
  const high = Math.min(run.length - 1, row + 2);
  const dh = (run.hours[high] as number) - (run.hours[low] as number);
  return dh > 0 ? ((run.rises[high] as number) - (run.rises[low] as number)) / dh : 0;
}

/** What a sign says: the named moment of the window lies before the look, or after it. */
interface SignSays {
  readonly moment: 'opens' | 'key' | 'closes';
  readonly side: 'before' | 'after';
  /** Share of the hours to that moment that are meant; 1 where it is left out. */
  readonly share?: number;
  /** Doubt of the sign, in ln t. */
  readonly variance?: number;
}
const before = (moment: SignSays['moment'], more: Partial<SignSays> = {}): SignSays => ({
  moment,
  side: 'before',
  ...more,
});
const after = (moment: SignSays['moment'], more: Partial<SignSays> = {}): SignSays => ({
  moment,
  side: 'after',
  ...more,
});

/** A spoonful floats well before a leaven is ripe and goes on floating past it: it says only “not far from ripe”. Set. */
const FLOATS_FROM = 0.7;
const FLOAT_VARIANCE = 0.2 ** 2;
/** A dough that springs back under the hand is not ready, whatever was forecast. Set. */
const POKE_VARIANCE = 0.02 ** 2;
/** Leavens this wet are tried in water: a stiff one sinks or floats by its air pockets. Water over flour. Set. */
const FLOATS_AT_HYDRATION = 0.8;

/** Signs that say only before or after a moment of the window. */
const SAYS: Readonly<Record<string, readonly SignSays[]>> = {
  domed: [after('closes')],
  sinking: [before('key')],
  sinks: [after('opens', { variance: FLOAT_VARIANCE })],
  floats: [before('opens', { share: FLOATS_FROM, variance: FLOAT_VARIANCE })],
  floury: [after('opens')],
  sharp: [before('opens')],
  boozy: [before('opens')],
  'springs back': [after('opens', { variance: POKE_VARIANCE })],
  'comes back slowly': [before('opens'), after('closes')],
  stays: [before('closes')],
};

/** How a ball opened, remembered after the service: the less sure for that, in ln t. Set. */
const SCORE_VARIANCE = 0.12 ** 2;
const scored = { variance: SCORE_VARIANCE };
/** What an opening says of the window. */
const OPENED: Readonly<Record<Opening, readonly SignSays[]>> = {
  'springs back': [after('opens', scored)],
  right: [before('opens', scored), after('closes', scored)],
  slack: [before('closes', scored)],
  tears: [before('closes', scored)],
};

function boundsOf(
  { signs, opening }: LookAtHour,
  { run, window }: ReadRun,
): { atH: number; side: 'before' | 'after'; variance: number }[] {
  const at = { opens: window.opensH, key: keyHour(window), closes: window.closesH };
  const float = run.constants.hydration >= FLOATS_AT_HYDRATION ? signs.float : undefined;
  // What is judged by a rise is past it long before it sinks: that a ball is domed says nothing beside the rise seen.
  const plainDome = window.by === 'target' && signs.rise !== undefined && signs.dome === 'domed';
  return [plainDome ? undefined : signs.dome, float, signs.smell, signs.poke]
    .flatMap((sign) => (sign === undefined ? [] : (SAYS[sign] ?? [])))
    .concat(opening === undefined ? [] : OPENED[opening])
    .flatMap(({ moment, side, share = 1, variance = SIGN_VARIANCE }) => {
      const atH = at[moment];
      return atH === null || atH <= 0 ? [] : [{ atH: atH * share, side, variance }];
    });
}

/** A moment of a run, h; null where the run does not reach it. */
interface KeyMoment {
  readonly of: (one: ReadRun) => number | null;
  readonly startH: number | null;
}

/**
 * The moment a look speaks of: the hour of the rise it saw, otherwise the best. Speed is only nearly a time scale
 * (the flour's enzymes do not follow it), so the shift is made where it was seen.
 */
function momentOf(look: LookAtHour, now: ReadRun): KeyMoment {
  const { rise } = look.signs;
  const level = rise === undefined ? null : readableLevel(rise, now.window);
  const of = (one: ReadRun) =>
    level === null || look.signs.dome === 'sinking'
      ? keyHour(one.window)
      : firstRise(risesOf(one.run), level);
  return { of, startH: of(now) };
}

/** The speed at which a moment comes `wanted` later in ln t: a first guess and two corrections. */
function solveSpeed(
  lnSpeed: number,
  wanted: number,
  moment: KeyMoment,
  runAt: (speed: number) => ReadRun,
): number {
  if (moment.startH === null || moment.startH <= 0) return lnSpeed - wanted;
  const goal = Math.log(moment.startH) + wanted;
  let guess = lnSpeed - wanted;
  for (let i = 0; i < 2; i += 1) {
    const hour = moment.of(runAt(Math.exp(guess)));
    if (hour === null || hour <= 0) return guess;
    guess += Math.log(hour) - goal;
  }
  return guess;
}
