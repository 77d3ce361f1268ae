import type { RunConstants } from './constants';
import { readTable, T, tablePosition } from './temperature-response';

// Read a hundred million times: local names spare the look-up in the global object.
const { sqrt } = Math;

/**
 * Gas in bubbles, ml per g flour at the core's temperature and 1 atm: CO2 in equilibrium between
 * dough water and bubbles that began as occluded air.
 * @param gasHeld CO2 held, dissolved and in bubbles, ml/g at 25 °C
 * Source: closed form of the model of ripening, §2 (Henry's law with an inert gas).
 */
export function bubbleGas(gasHeld: number, coreC: number, c: RunConstants): number {
  if (gasHeld <= 0) return (c.k.v0 * (273.15 + coreC)) / 298.15 - c.k.v0;
  const dissolvable = readTable(c.table, T.solubility, tablePosition(coreC)) * c.hydration;
  const s1 = gasHeld + dissolvable + c.k.v0;
  const p = (2 * gasHeld) / (s1 + sqrt(s1 * s1 - 4 * dissolvable * gasHeld));
  return ((c.k.v0 * p) / (1 - p)) * ((273.15 + coreC) / 298.15);
}

/** Rise, × the volume just mixed. */
export function riseOf(gasHeld: number, coreC: number, c: RunConstants): number {
  return gasHeld <= 0 ? 1 : 1 + bubbleGas(gasHeld, coreC, c) / c.denseVolume;
}

/** The most volume the gluten can hold, × the volume just mixed. */
export function holdableRise(gluten: number, c: RunConstants): number {
  return c.holdBase + gluten * c.holdGluten;
}
