import { soakOf, usualHours, type Method } from '../methods';
import { MS_PER_MINUTE } from '../units';

/** A span of a mix, minutes from its start. */
export interface MixSpan {
  readonly fromMin: number;
  readonly toMin: number;
}

/** What the card of a mix takes, all of its batches. */
export interface MixClock {
  readonly batches: number;
  /** When hands and mixer are taken: once from the start to the end, or twice around a long rest. */
  readonly spans: readonly MixSpan[];
  /** From the first weighing until the last batch is out of the bowl, minutes. */
  readonly outMin: number;
  /** From the bowl to the end of the last fold, minutes; part of the bulk. */
  readonly foldsMin: number;
}

/** Weighing in, once for all batches, minutes. Set, after the trade’s habits. */
export const WEIGHING_MIN = 10;
/** Over a rest of this long nobody stands by, and every batch rests at the same time, minutes. Set. */
const LONG_REST_MIN = 45;

/**
 * The clock of a mix as its card takes it: weighed in, brought together, rested, mixed on, one batch after the other.
 * Over a long rest all batches rest together, and hands are free.
 * @param batches how many the dough goes in, at least 1
 */
export function mixClock(
  mix: Pick<Method['mix'], 'autolyse' | 'steps' | 'folds'>,
  batches: number,
): MixClock {
  const [first, ...later] = mix.steps;
  const firstMin = first?.minutes ?? 0;
  const laterMin = later.reduce((sum, step) => sum + step.minutes, 0);
  // A long soak of flour and water lies before the mix: nothing lives in it yet.
  const restMin = soakOf(mix) === null ? (mix.autolyse?.minutes ?? 0) : 0;
  const foldsMin = mix.folds.count * mix.folds.everyMin;
  if (restMin < LONG_REST_MIN) {
    const outMin = WEIGHING_MIN + batches * (firstMin + restMin + laterMin);
    return { batches, spans: [{ fromMin: 0, toMin: outMin }], outMin, foldsMin };
  }
  const wetMin = WEIGHING_MIN + batches * firstMin;
  const onMin = wetMin + restMin;
  const outMin = onMin + batches * laterMin;
  const spans = [{ fromMin: 0, toMin: wetMin }];
  return {
    batches,
    spans: laterMin > 0 ? [...spans, { fromMin: onMin, toMin: outMin }] : spans,
    outMin,
    foldsMin,
  };
}

/** Clocks are told in five minutes; a bowl is never out before. */
const inFives = (minutes: number) => Math.ceil(minutes / 5 - 1e-9) * 5;

/**
 * Hours from the start of a mix to the balls: out of the bowl, then the bulk, which is never over before its last fold.
 */
export function hoursToBalls(method: Pick<Method, 'mix' | 'bulk'>, batches: number): number {
  const { outMin, foldsMin } = mixClock(method.mix, batches);
  return inFives(outMin) / 60 + Math.max(usualHours(method.bulk), foldsMin / 60);
}

/**
 * When flour and water are brought together for a soak, UTC ms, so that it ends as the mix begins; null for a method that has
 * none. With its minutes of hands: weighing, and the first step of the mix.
 */
export function soakBefore(
  mix: Method['mix'],
  mixAtMs: number,
): { readonly atMs: number; readonly placeId: string; readonly handsMin: number } | null {
  const soak = soakOf(mix);
  if (soak === null) return null;
  const handsMin = WEIGHING_MIN + (mix.steps[0]?.minutes ?? 0);
  return {
    // Clocks are told in five minutes.
    atMs: mixAtMs - inFives(soak.minutes + handsMin) * MS_PER_MINUTE,
    placeId: soak.placeId,
    handsMin,
  };
}
