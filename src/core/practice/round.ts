import { NO_DOUBT, readRequest, runRequest, type MassRequest } from '../forecast';
import type { Trajectory } from '../kinetics';
import { seededUniform } from '../numeric';
import { firstRise, type RipeWindow } from '../ripeness';
import { drawScene, type PracticeLevel, type Scene } from './scenes';
import { sightAt, type Sight } from './sight';

/** How far the hour it is needed at lies from its best, h: earlier to later. Set. */
const APART_H = [-3, 6] as const;
/** For one that is late, from now: some are built anew in time, some are not. Set. */
const ANEW_H = [1, 16] as const;
const MOST_NEEDED_H = 16;

/** What can be said of a jar. */
export const JUDGEMENTS = ['not yet', 'use', 'late'] as const;
export type Judgement = (typeof JUDGEMENTS)[number];

/** One jar to judge, with the truth behind it. */
export interface PracticeRound {
  readonly seed: number;
  readonly level: PracticeLevel;
  readonly scene: Scene;
  /** Hours since it was mixed, truly and as the label says. */
  readonly atH: number;
  readonly toldH: number;
  /** Hours from now until it is to be mixed, or baked. */
  readonly neededInH: number;
  readonly truth: Judgement;
  readonly window: RipeWindow;
  /** Hours until its best (its opening where it has none); under 0 where that is past. */
  readonly bestInH: number;
  readonly sight: Sight;
  readonly run: Trajectory;
}

/** Draws that are tried until one has a window. */
const MOST_DRAWS = 60;
/** How far a lying label is off, h. Set. */
const LIE_H = [1.5, 3] as const;

/**
 * A jar to judge: a mass of the model, looked at at an hour when it is not yet ripe, ripe or late, each as likely.
 * @param seed the same seed and level give the same jar
 */
export function practiceRound(seed: number, level: PracticeLevel): PracticeRound {
  const uniform = seededUniform(seed);
  for (let draw = 0; draw < MOST_DRAWS; draw += 1) {
    const scene = drawScene(level, uniform);
    const run = runRequest(scene.request, NO_DOUBT, { stepH: 0.1 });
    const window = readRequest(scene.request, run);
    const wanted = JUDGEMENTS[Math.floor(uniform() * JUDGEMENTS.length)] ?? 'use';
    const atH = hourFor(wanted, window, uniform);
    if (atH === null) continue;
    const lie = level >= 5 && uniform() < 0.7 ? (uniform() < 0.5 ? -1 : 1) : 0;
    const off = lie * (LIE_H[0] + (LIE_H[1] - LIE_H[0]) * uniform());
    const bestH = window.bestH ?? window.opensH ?? atH;
    const [soonH, lateH] = wanted === 'late' ? ANEW_H : APART_H;
    const needed = Math.max(0, bestH - atH) + soonH + (lateH - soonH) * uniform();
    return {
      seed,
      level,
      scene,
      atH,
      toldH: Math.max(0.5, Math.round((atH + off) * 2) / 2),
      neededInH: Math.min(MOST_NEEDED_H, Math.max(0.5, Math.round(needed * 2) / 2)),
      truth: wanted,
      window,
      bestInH: bestH - atH,
      sight: sightAt(scene.kind, run, window.peakRise, atH),
      run,
    };
  }
  throw new Error('no jar of this level ripens');
}

/** An hour at which a mass is what is wanted; null where its window does not allow it. */
function hourFor(
  wanted: Judgement,
  { opensH, closesH }: RipeWindow,
  uniform: () => number,
): number | null {
  if (opensH === null || opensH < 1) return null;
  const between = (low: number, high: number) => low + (high - low) * uniform();
  if (wanted === 'not yet') return between(0.35, 0.94) * opensH;
  if (closesH === null) return wanted === 'use' ? between(opensH + 0.1, opensH * 1.3) : null;
  const lengthH = closesH - opensH;
  if (wanted === 'use') return between(opensH + 0.08 * lengthH, closesH - 0.08 * lengthH);
  return closesH + between(0.12, 0.6) * Math.max(1, lengthH);
}

/** What a jar looks like at another hour: the time-lapse by hand. */
export function lapse({ scene, run, window }: PracticeRound, hour: number): Sight {
  return sightAt(scene.kind, run, window.peakRise, hour);
}

/** Hours a dough needs to double that takes a quarter of its flour as this leaven, now and at its best; null for balls. */
export function doughHours(
  round: PracticeRound,
): { now: number | null; best: number | null } | null {
  const { scene, atH, window } = round;
  if (scene.kind === 'balls') return null;
  const at = (hour: number | null) => (hour === null ? null : doublingH(scene.request, hour));
  return { now: at(atH), best: at(window.bestH ?? window.opensH) };
}

const LEAVEN_SHARE = 0.25;
const DOUGH_H = 40;

function doublingH(leaven: MassRequest, atH: number): number | null {
  const dough: MassRequest = {
    kind: 'dough',
    recipe: { ...leaven.recipe, hydration: 0.65, saltShare: 0.027, massG: 5000 },
    startC: 24,
    freshShare: 0,
    seeds: [{ flourShare: LEAVEN_SHARE, source: { made: leaven, atH }, gasKept: 0.6 }],
    stays: [{ placeC: 21, hours: DOUGH_H }],
  };
  const run = runRequest(dough, NO_DOUBT, { stepH: 0.1 });
  const rises = { hours: run.hours, length: run.length, at: (row: number) => run.rises[row] ?? 1 };
  return firstRise(rises, 2);
}
