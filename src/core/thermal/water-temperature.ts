import { tr } from '@/words/tr';
import { DomainError, requireNumber } from '../units';

/** Flour and water of one part of a mix, with its temperature. */
export interface WarmPart {
  readonly flourG: number;
  readonly waterG: number;
  /** Salt and oil with it, g. */
  readonly saltG?: number;
  readonly oilG?: number;
  readonly tempC: number;
}

/** A mix whose water is to be chosen. */
export interface WaterRequest {
  /** Temperature wanted of the dough out of the bowl, °C. */
  readonly aimC: number;
  /** Flour, leavens and all else but the water to be weighed in. */
  readonly parts: readonly WarmPart[];
  readonly waterG: number;
  /** How much the mixing warms it, °C. */
  readonly mixingC: number;
  /** Coldest water at hand without ice, °C. */
  readonly tapC: number;
}

/** The water to weigh in. */
export interface WaterAnswer {
  readonly waterC: number;
  /** Of the water, as ice, g; 0 where the tap is cold enough. */
  readonly iceG: number;
  /** What the dough comes to with it, °C: the aim, or as near as the bounds allow. */
  readonly doughC: number;
  /** What keeps it from the aim. */
  readonly bound: 'too hot' | 'too cold' | null;
}

/** Heat capacity of flour, water, salt and oil, J/g/K, and heat of melting ice, J/g (handbook values). */
const FLOUR_HEAT = 1.8;
const WATER_HEAT = 4.18;
const SALT_HEAT = 0.88;
const OIL_HEAT = 2;
const MELTING = 334;
/** Water that touches a leaven is never warmer, °C. */
export const WARMEST_WATER_C = 40;
/** Most of the water that may be ice: the rest has to wet the flour. */
const MOST_ICE = 0.8;

/** Heat that warms a part by one degree, J/K. */
export const capacityOf = (part: Omit<WarmPart, 'tempC'>) =>
  FLOUR_HEAT * part.flourG +
  WATER_HEAT * part.waterG +
  SALT_HEAT * (part.saltG ?? 0) +
  OIL_HEAT * (part.oilG ?? 0);

const checkTemp = (name: string, value: number) =>
  requireNumber('temperature-range', value, { name, unit: '°C', min: -30, max: 60 });

const checkMass = (name: string, value: number) =>
  requireNumber('mass-range', value, { name, unit: 'g', min: 0, max: 1e9 });

/**
 * Temperature of a dough out of the bowl, °C, by heat balance.
 * @param water.iceG how much of the water goes in as ice at 0 °C
 * @param mixingC how much the mixing warms it
 * @throws {DomainError} water-too-hot, temperature-range, mass-range, blend-no-flour
 */
export function doughTemperatureC(
  parts: readonly WarmPart[],
  water: { readonly waterG: number; readonly waterC: number; readonly iceG?: number },
  mixingC: number,
): number {
  if (water.waterC > WARMEST_WATER_C) {
    throw new DomainError(
      'water-too-hot',
      tr`Water: ${water.waterC} °C is not possible. Allowed: up to ${WARMEST_WATER_C} °C, above it the leaven dies.`,
      { waterC: water.waterC },
    );
  }
  checkTemp(tr`Water`, water.waterC);
  checkMass(tr`Water`, water.waterG);
  requireNumber('temperature-range', mixingC, { name: tr`Mixing`, unit: '°C', min: -5, max: 30 });
  let heat = WATER_HEAT * water.waterG * water.waterC;
  let capacity = WATER_HEAT * water.waterG;
  for (const part of parts) {
    checkMass(tr`Flour`, part.flourG);
    checkMass(tr`Water`, part.waterG);
    heat += capacityOf(part) * checkTemp(tr`Part`, part.tempC);
    capacity += capacityOf(part);
  }
  if (!(capacity > 1e-6))
    throw new DomainError('blend-no-flour', tr`A mix of nothing has no warmth.`);
  const iceG = Math.min(water.iceG ?? 0, water.waterG);
  heat -= iceG * (MELTING + WATER_HEAT * water.waterC);
  return heat / capacity + mixingC;
}

/**
 * The water that brings a dough to its temperature: tempered, or from the tap with ice.
 * @throws {DomainError} temperature-range, blend-no-flour
 */
export function waterFor(request: WaterRequest): WaterAnswer {
  const { parts, waterG, mixingC, tapC } = request;
  checkTemp(tr`Dough`, request.aimC);
  checkTemp(tr`Tap`, tapC);
  const comesTo = (waterC: number, iceG: number) =>
    doughTemperatureC(parts, { waterG, waterC, iceG }, mixingC);
  if (!(waterG > 0)) {
    return { waterC: tapC, iceG: 0, doughC: comesTo(tapC, 0), bound: null };
  }
  const perKelvin = (WATER_HEAT * waterG) / (capacityAll(parts) + WATER_HEAT * waterG);
  const waterC = tapC + (request.aimC - comesTo(tapC, 0)) / perKelvin;
  if (waterC > WARMEST_WATER_C) {
    const doughC = comesTo(WARMEST_WATER_C, 0);
    return { waterC: WARMEST_WATER_C, iceG: 0, doughC, bound: 'too cold' };
  }
  if (waterC >= tapC) return { waterC, iceG: 0, doughC: request.aimC, bound: null };
  const wantedG = (waterG * WATER_HEAT * (tapC - waterC)) / (MELTING + WATER_HEAT * tapC);
  const iceG = Math.min(wantedG, MOST_ICE * waterG);
  const bound = iceG < wantedG ? 'too hot' : null;
  return { waterC: tapC, iceG, doughC: comesTo(tapC, iceG), bound };
}

const capacityAll = (parts: readonly WarmPart[]) =>
  parts.reduce((sum, part) => sum + capacityOf(part), 0);
