import type { Model } from './parameters';
import type { Recipe } from './recipe';
import type { MassState } from './state';

/** A stretch of hours in one place. */
export interface Stay {
  /** Hours after the run's start at which the mass leaves this place. */
  readonly untilH: number;
  /** Temperature of the place, °C. */
  readonly ambientC: number;
  /** How slowly the core follows, against air = 1: water less, an insulated box more. */
  readonly insulation?: number;
  /** Frozen through before it begins: nothing moves but the months, and one step is enough. */
  readonly frozenThrough?: boolean;
}

/** A mass, its start and where it stands. */
export interface Run {
  readonly recipe: Recipe;
  readonly start: MassState;
  /** In order of time; the last one ends the run. */
  readonly stays: readonly Stay[];
  readonly model?: Model;
  /** Longest step in the warm, h; 0.05 keeps times within 0.1 min. In the cold, where little moves, it is longer. */
  readonly stepH?: number;
  /** Keeps every step short, in the cold too: to hold the longer ones against. */
  readonly evenSteps?: boolean;
}

/** Step of a simulation where none is asked for, h. */
export const DEFAULT_STEP_H = 0.05;
