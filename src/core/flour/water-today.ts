import { tr } from '@/words/tr';
import { blendOf, type FlourPart } from './blend';
import type { Flour } from './flour';

/** What a mix of the past was planned with and what it really took. */
export interface TakenWater {
  readonly atMs: number;
  /** Planned water over flour. */
  readonly plannedHydration: number;
  /** Water that really went in, over flour. */
  readonly takenHydration: number;
}

/** How much water a blend should get today. */
export interface WaterToday {
  /** Water over flour proposed. */
  readonly hydration: number;
  /** Of the flour, how much of the water to hold back until the dough asks for it. */
  readonly holdBackShare: number;
  /** What moved it from the method's own water, in points of flour, with the reason. */
  readonly reasons: readonly { readonly points: number; readonly says: string }[];
}

/** What the method's water was written for, and the day. */
export interface WaterTodayQuestion {
  readonly hydration: number;
  /** The blend the method's water was written for. */
  readonly writtenFor: readonly FlourPart[];
  /** The blend that is used today. */
  readonly today: readonly FlourPart[];
  readonly flours: readonly Flour[];
  readonly roomC: number;
  readonly lastMixes: readonly TakenWater[];
}

/** The room at which a method's water is taken to hold, and how much a warm one takes off. Set: a warm dough is slacker. */
const USUAL_ROOM_C = 21;
const POINTS_PER_C = -0.001;
/** The last mixes that count, and how fast the older ones fade. */
const MIXES = 6;
const FADE = 0.7;
/** What was taken is believed in full after this many mixes. */
const BELIEVED_AFTER = 2;
const HOLD_BACK = { least: 0.02, most: 0.08, perPoint: 0.5, perWholegrain: 0.03 } as const;

/**
 * Water for a blend and a day, from its absorption, whole grain, the room and what the last mixes really took.
 * Every shift is in points of flour (0.01 = one per cent). Source: set; the habit of holding back 2–8 % of the flour
 * in water is the trade's.
 * @throws {DomainError} flour-unknown
 */
export function waterToday(question: WaterTodayQuestion): WaterToday {
  const { flours } = question;
  const written = blendOf(question.writtenFor, flours);
  const today = blendOf(question.today, flours);
  const reasons: { points: number; says: string }[] = [];
  const shift = (points: number, says: string) => {
    if (Math.abs(points) >= 0.0005) reasons.push({ points, says });
  };
  shift(today.absorption - written.absorption, tr`this blend takes water differently`);
  const room = POINTS_PER_C * (question.roomC - USUAL_ROOM_C);
  shift(
    room,
    question.roomC > USUAL_ROOM_C ? tr`a warm room slackens it` : tr`a cool room bears more`,
  );
  const taken = lately(question.lastMixes);
  shift(taken, tr`what the last mixes really took`);
  const moved = reasons.reduce((sum, one) => sum + one.points, 0);
  const holdBackShare = Math.min(
    HOLD_BACK.most,
    HOLD_BACK.least +
      HOLD_BACK.perPoint * Math.abs(moved) +
      HOLD_BACK.perWholegrain * today.wholegrainShare,
  );
  return { hydration: question.hydration + moved, holdBackShare, reasons };
}

/** Mean of taken − planned, the newest counting most, shrunk while there are few. */
function lately(mixes: readonly TakenWater[]): number {
  const newest = [...mixes].sort((a, b) => b.atMs - a.atMs).slice(0, MIXES);
  let sum = 0;
  let weights = 0;
  newest.forEach((mix, index) => {
    const weight = FADE ** index;
    sum += weight * (mix.takenHydration - mix.plannedHydration);
    weights += weight;
  });
  return weights === 0 ? 0 : (sum / weights) * Math.min(1, newest.length / BELIEVED_AFTER);
}
