import type { Mixer } from '../../formula';
import type { WorkingHours } from '../working-hours';

/** An oven: how many bake at once, how long each takes, in one step or two. */
export interface Oven {
  readonly name: string;
  readonly count: number;
  readonly atOnce: number;
  readonly heatMin: number;
  readonly bakeMin: number;
}

/** A place with what it holds. */
export interface Room {
  readonly placeId: string;
  readonly name: string;
  readonly litres: number;
}

/** What a shop has to bake with. What it has none of is not asked for. */
export interface Kitchen {
  readonly people: readonly string[];
  readonly hours: WorkingHours;
  readonly timeZone: string;
  readonly rooms: readonly Room[];
  readonly mixers: readonly (Mixer & { readonly count: number })[];
  /** Balls that all boxes hold together; null: not counted. */
  readonly boxedBalls: number | null;
  readonly ovens: readonly Oven[];
}

/** Pizzas that all ovens bake in an hour; null where no oven is known. */
export function pizzasAnHour(kitchen: Kitchen): number | null {
  if (kitchen.ovens.length === 0) return null;
  return kitchen.ovens.reduce(
    (sum, oven) => sum + (oven.count * oven.atOnce * 60) / Math.max(0.5, oven.bakeMin),
    0,
  );
}

/** Minutes before a service at which the ovens are lit; null where no oven is known. */
export function litBeforeMin(kitchen: Kitchen): number | null {
  if (kitchen.ovens.length === 0) return null;
  return Math.max(...kitchen.ovens.map((oven) => oven.heatMin));
}
