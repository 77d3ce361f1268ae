import { scaleLinear } from 'd3';
import { workedSpans, type Span, type WorkingHours } from '@/core/planner';
import { addHours, MS_PER_HOUR } from '@/core/units';

/** Where an instant stands on the picture, and back. */
export interface TimeScale {
  readonly x: (atMs: number) => number;
  readonly instant: (x: number) => number;
  readonly fromMs: number;
  readonly toMs: number;
  /** Stretches outside working hours, folded. */
  readonly nights: readonly Span[];
}

/** What the scale is laid out for. */
export interface TimeScaleInput {
  readonly nowMs: number;
  readonly keelX: number;
  /** Left and right edges of the plot, px. */
  readonly left: number;
  readonly right: number;
  readonly working: WorkingHours;
  readonly timeZone: string;
  /** Nights shown at full rate, by their start. */
  readonly unfolded: ReadonlySet<number>;
  /** Px for each px of the 1280 layout. */
  readonly stretch: number;
}

/** Px an hour: the next working hours, those after them, and nights. */
const NEAR_RATE = 34;
const FAR_RATE = 17;
const NIGHT_RATE = 7;
/** Hours at the near rate before and after now. */
const NEAR_BEFORE_H = 2;
const NEAR_AFTER_H = 10;
const DAYS_AHEAD = 8;

/** Three rates on one axis, broken where the shop's hours change it. */
export function timeScale(input: TimeScaleInput): TimeScale {
  const nights = nightsOf(input);
  const right = walk(input, nights, 1, input.right - input.keelX);
  const left = walk(input, nights, -1, input.keelX - input.left);
  const points = [...left.reverse(), { atMs: input.nowMs, px: 0 }, ...right];
  const scale = scaleLinear(
    points.map((point) => point.atMs),
    points.map((point) => input.keelX + point.px),
  );
  return {
    x: (atMs) => scale(atMs),
    instant: (x) => scale.invert(x),
    fromMs: points[0]?.atMs ?? input.nowMs,
    toMs: points.at(-1)?.atMs ?? input.nowMs,
    nights,
  };
}

function nightsOf(input: TimeScaleInput): Span[] {
  const shifts = workedSpans(input.nowMs, DAYS_AHEAD, input.working, input.timeZone);
  return shifts.slice(1).flatMap((shift, i) => {
    const before = shifts[i];
    return before !== undefined && before.toMs < shift.fromMs
      ? [{ fromMs: before.toMs, toMs: shift.fromMs }]
      : [];
  });
}

interface Breakpoint {
  readonly atMs: number;
  readonly px: number;
}

/** Breakpoints from now in one direction until the room is used up. */
function walk(
  input: TimeScaleInput,
  nights: readonly Span[],
  direction: 1 | -1,
  room: number,
): Breakpoint[] {
  const edges = edgesFrom(input, nights, direction);
  const points: Breakpoint[] = [];
  let atMs = input.nowMs;
  let px = 0;
  for (const edgeMs of edges) {
    const middleMs = (atMs + edgeMs) / 2;
    const rate = rateAt(middleMs, input, nights) * input.stretch;
    const length = (Math.abs(edgeMs - atMs) / MS_PER_HOUR) * rate;
    if (px + length >= room) {
      const hours = (room - px) / rate;
      points.push({ atMs: addHours(atMs, direction * hours), px: direction * room });
      return points;
    }
    px += length;
    atMs = edgeMs;
    points.push({ atMs, px: direction * px });
  }
  return points;
}

function edgesFrom(input: TimeScaleInput, nights: readonly Span[], direction: 1 | -1): number[] {
  const near = addHours(input.nowMs, direction === 1 ? NEAR_AFTER_H : -NEAR_BEFORE_H);
  const far = addHours(input.nowMs, direction * 24 * DAYS_AHEAD);
  return [near, far, ...nights.flatMap((night) => [night.fromMs, night.toMs])]
    .filter((atMs) => (direction === 1 ? atMs > input.nowMs : atMs < input.nowMs))
    .sort((a, b) => direction * (a - b));
}

function rateAt(atMs: number, input: TimeScaleInput, nights: readonly Span[]): number {
  const night = nights.find((one) => atMs > one.fromMs && atMs < one.toMs);
  if (night !== undefined && !input.unfolded.has(night.fromMs)) return NIGHT_RATE;
  const aheadH = (atMs - input.nowMs) / MS_PER_HOUR;
  return aheadH > -NEAR_BEFORE_H && aheadH < NEAR_AFTER_H ? NEAR_RATE : FAR_RATE;
}
