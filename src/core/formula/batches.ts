import { tr } from '@/words/tr';
import { requireNumber } from '../units';

/** A mixer with what it takes, kg of dough, at a usual dough of {@link USUAL_HYDRATION}. */
export interface Mixer {
  readonly name: string;
  readonly leastKg: number;
  readonly mostKg: number;
}

/** A box that holds so many balls. */
export interface Box {
  readonly name: string;
  readonly count: number;
  readonly balls: number;
}

/** A tub for the bulk, or a jar for a leaven. */
export interface Tub {
  readonly name: string;
  readonly count: number;
  readonly litres: number;
}

/** A dough split evenly over the mixer. */
export interface Batches {
  readonly count: number;
  readonly eachG: number;
  /** Of what the mixer takes of this dough, 0–1. */
  readonly fill: number;
  readonly mixerTakesG: number;
}

/** What the shop has, or has not. */
export type BatchAnswer =
  | { readonly kind: 'batches'; readonly batches: Batches }
  | { readonly kind: 'no mixer' }
  | { readonly kind: 'too little'; readonly leastG: number };

const USUAL_HYDRATION = 0.65;
/** A point of water less, and the mixer takes so much less: stiff dough strains it. Set, after makers' usual tables. */
const PER_WATER = 1.5;
const FLOOR = 0.4;
const MOST_FACTOR = 1.15;
/** Room a tub keeps above the risen dough. Set. */
const HEADROOM = 0.1;

/** What a mixer takes of a dough, kg: less of a stiff one. Set: 1.5 % of its capacity per point of water under 65. */
export function mixerTakesKg(mixer: Mixer, hydration: number): number {
  const factor = 1 + PER_WATER * (hydration - USUAL_HYDRATION);
  return mixer.mostKg * Math.min(MOST_FACTOR, Math.max(FLOOR, factor));
}

/**
 * A dough split into even batches for the mixer.
 * @param doughG all of it, g, > 0
 * @throws {DomainError} dough-range
 */
export function batchesFor(doughG: number, hydration: number, mixer: Mixer | null): BatchAnswer {
  requireNumber('dough-range', doughG, { name: tr`Dough`, unit: 'g', min: 1, max: 1e8 });
  if (mixer === null) return { kind: 'no mixer' };
  const mixerTakesG = 1000 * mixerTakesKg(mixer, hydration);
  const count = Math.max(1, Math.ceil(doughG / mixerTakesG - 1e-9));
  const eachG = doughG / count;
  if (eachG < 1000 * mixer.leastKg) return { kind: 'too little', leastG: 1000 * mixer.leastKg };
  return { kind: 'batches', batches: { count, eachG, fill: eachG / mixerTakesG, mixerTakesG } };
}

/**
 * Batches that a dough goes in: by hand it is one, else as many as the largest mixer takes of this dough.
 * @param doughG all of it, g
 */
export function batchesOfDough(
  doughG: number,
  hydration: number,
  by: 'hand' | 'mixer',
  mixers: readonly Mixer[],
): number {
  const largest = [...mixers].sort((a, b) => b.mostKg - a.mostKg)[0];
  if (by === 'hand' || largest === undefined) return 1;
  const answer = batchesFor(Math.max(1, doughG), hydration, largest);
  return answer.kind === 'batches' ? answer.batches.count : 1;
}

/** Boxes for so many balls. */
export interface Boxing {
  readonly boxName: string;
  readonly needed: number;
  readonly there: number;
  /** Balls that find no box. */
  readonly without: number;
}

/** The boxes that balls need; null where the shop has none. */
export function boxesFor(balls: number, boxes: readonly Box[]): Boxing | null {
  const [box] = [...boxes].sort((a, b) => b.count * b.balls - a.count * a.balls);
  if (box === undefined) return null;
  const needed = Math.ceil(balls / box.balls);
  const without = Math.max(0, balls - box.count * box.balls);
  return { boxName: box.name, needed, there: box.count, without };
}

/** A tub that bears the rise. */
export interface Tubbing {
  readonly tubName: string;
  readonly needed: number;
  readonly there: number;
  /** Share of a tub that is full at the highest, 0–1; above 1 where all of them together are too small. */
  readonly fill: number;
}

/**
 * Tubs for a mass that rises.
 * @param volumeMl as mixed
 * @param rise the highest it gets, × the volume just mixed
 */
export function tubsFor(volumeMl: number, rise: number, tubs: readonly Tub[]): Tubbing | null {
  const highestL = (volumeMl * rise) / 1000;
  const usable = (tub: Tub) => tub.litres * (1 - HEADROOM);
  const bySize = [...tubs].sort((a, b) => a.litres - b.litres);
  const one = bySize.find((tub) => usable(tub) >= highestL) ?? bySize.at(-1);
  if (one === undefined) return null;
  const needed = Math.max(1, Math.ceil(highestL / usable(one) - 1e-9));
  const used = Math.min(needed, one.count);
  return {
    tubName: one.name,
    needed,
    there: one.count,
    fill: highestL / (used * one.litres),
  };
}
