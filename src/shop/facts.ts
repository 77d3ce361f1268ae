import type { Pantry } from '@/core/composition';
import type { PlaceHistory } from '@/core/forecast';
import type { Mixer } from '@/core/formula';
import type { MethodRequest, WorkingHours } from '@/core/planner';
import type { ShopUnits } from '@/core/units';

/**
 * What every question to a shop rests on: its clock, its rooms, its flours, its scales, its hands. Plain data: the page and its
 * worker work by it as the server does. What one question asks besides stands in facts of its own that extend these.
 */
export interface ShopFacts {
  readonly nowMs: number;
  readonly timeZone: string;
  readonly units: ShopUnits;
  /** With the readings that still say something about the hours to come. */
  readonly places: readonly PlaceHistory[];
  readonly pantry: Pantry;
  readonly scaleStepG: number;
  readonly fineStepG: number;
  /** Water from the tap, °C. */
  readonly tapC: number;
  readonly workingHours: WorkingHours;
  /** The mixers that work. */
  readonly mixers: readonly Mixer[];
  readonly mixedBy: 'hand' | 'mixer';
  readonly cultureSpeeds: MethodRequest['cultureSpeeds'];
}

/** A flour by its name. */
export interface NamedFlour {
  readonly id: string;
  readonly name: string;
}

/** The flours of a pantry. */
export const floursIn = (pantry: Pantry): readonly NamedFlour[] =>
  [...pantry.values()].flatMap(({ kind, id, name }) => (kind === 'flour' ? [{ id, name }] : []));
