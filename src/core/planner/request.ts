import type { Formula, ScaleSteps } from '../formula';
import type { Pantry } from '../composition';
import type { CultureSpeed, Places } from '../forecast';
import type { WorkingHours } from './working-hours';

/** Moments that the baker holds; what is left out is computed. */
export interface HeldMoments {
  readonly poolishAtMs?: number;
  readonly mixAtMs?: number;
  readonly ballAtMs?: number;
}

/** A bake to plan backwards: balls of a dough from a poolish. */
export interface PlanRequest {
  readonly formula: Formula;
  readonly name: string;
  readonly readyFromMs: number;
  readonly readyToMs: number;
  readonly poolishPlaceId: string;
  readonly doughPlaceId: string;
  readonly held: HeldMoments;
  readonly nowMs: number;
  readonly places: Places;
  readonly pantry: Pantry;
  readonly steps: ScaleSteps;
  readonly workingHours: WorkingHours;
  readonly timeZone: string;
  /** Learned speeds of the shop’s cultures, by culture; the book’s where absent. */
  readonly cultureSpeeds: ReadonlyMap<string, CultureSpeed>;
  /** Bands cost 17 runs a lot; false where only the plan is wanted. */
  readonly withBands: boolean;
}

/** The moments of a bake, UTC ms. */
export interface Moments {
  readonly poolishAtMs: number;
  readonly mixAtMs: number;
  readonly ballAtMs: number;
  readonly readyFromMs: number;
  readonly readyToMs: number;
}
