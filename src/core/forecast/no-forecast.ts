import { tr } from '@/words/tr';
import { recipe, simulate, STATE_SIZE, X, type Trajectory } from '../kinetics';
import { hoursBetween } from '../units';
import { massOf } from '../composition';
import type { LotForecast } from './lot-told';
import { NO_DOUBT } from './doubt';
import type { RunLot } from './start-state';
import { isSourdoughKind } from './sourdough-kinds';
import type { LotStory } from './stories';

/** Room in which the still picture of a lot stands, °C: it changes nothing that is shown. */
const STILL_C = 20;
/** Plain dough, as far as the picture of a lot needs one. */
const STILL_HYDRATION = 0.65;
const STILL_STEP_H = 0.1;
const LONGEST_STILL_H = 24 * 60;

/** No hour of a window is known. */
export const NO_WINDOW = {
  opensMs: null,
  bestMs: null,
  closesMs: null,
  youngMs: null,
  primeMs: null,
  pastMs: null,
  opensBand: null,
  bestBand: null,
  closesBand: null,
} as const;

/**
 * A lot that can not be forecast, with the reason in words: it stands where it stands, its level is left at one, and nothing
 * is said of when it is ripe.
 * @param untilMs how far its picture goes, UTC ms
 */
export function notForecast(
  story: LotStory,
  { reason, untilMs }: { readonly reason: string; readonly untilMs: number },
): LotForecast {
  return {
    story,
    unknown: reason,
    run: stillRun(story, untilMs),
    window: {
      ...NO_WINDOW,
      peakRise: 1,
      by: 'stretch',
      tightUntilMs: null,
    },
    band: null,
    speed: NO_DOUBT.speed,
    lookEffects: [],
    runSpeed: 1,
    shrink: 1,
    extraLnSd: 0,
    speedLnSd: 0,
  };
}

/** A run in which nothing lives and nothing moves. */
function stillRun(story: LotStory, untilMs: number): Trajectory {
  const massG = Math.min(1_000_000, Math.max(1, massOf(story.lot.composition)));
  const start = new Float64Array(STATE_SIZE);
  start[X.gluten] = 1;
  start[X.coreC] = STILL_C;
  const hours = hoursBetween(story.startMs, untilMs);
  const untilH = Math.min(LONGEST_STILL_H, Math.max(1, hours));
  return simulate({
    recipe: recipe({ hydration: STILL_HYDRATION, massG }),
    start,
    stays: [{ untilH, ambientC: STILL_C }],
    stepH: STILL_STEP_H,
  });
}

/**
 * Why a lot can not be forecast for what it was made of; null where nothing of that kind stands in the way. A starter that is
 * fed goes on as the book’s: whatever its mother was, it is alive.
 */
export function unknownByParents(
  story: LotStory,
  runs: ReadonlyMap<string, RunLot>,
): string | null {
  for (const id of story.lot.madeFrom) {
    const parent = runs.get(id);
    if (parent === undefined || parent.unknown === null || isSourdoughKind(parent.story.lot.kind))
      continue;
    return tr`${parent.story.lot.name} in it can not be forecast: ${parent.unknown}`;
  }
  return null;
}
