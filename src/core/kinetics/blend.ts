import { tr, word } from '@/words/tr';
import { DomainError, requireNumber } from '../units';
import { BOOK_MODEL, type Model } from './parameters';
import { BY_FLOUR, STATE_SIZE, X, type MassState } from './state';

/** One mass that goes into a mix. */
export interface BlendPart {
  /** Its flour, g; a part without flour only carries heat. */
  readonly flourG: number;
  /** Its water, g. */
  readonly waterG: number;
  /** Its salt, g; none where absent. */
  readonly saltG?: number;
  readonly state: MassState;
}

/** Heat capacity of flour and of water, J/g/K (handbook values). */
const FLOUR_HEAT = 1.8;
const WATER_HEAT = 4.18;

/** Share of the bubbles that survives folding a leaven in by hand; a machine keeps less. */
export const GAS_KEPT_BY_HAND = 0.6;

const MASS_RULE = { name: word('Part of the mix'), unit: 'g', min: 0, max: 1e9 } as const;
/** Less flour than this is none, g. */
const LEAST_FLOUR_G = 1e-9;

/**
 * The living state of masses mixed together: flour-weighted means, adaptation weighted by its yeast,
 * heat by balance; what has been produced starts again at nothing.
 * @param gasKept share of the parts' CO2 that survives the mixing, 0–1
 * @throws {DomainError} blend-mass, blend-no-flour
 */
export function blendStates(
  parts: readonly BlendPart[],
  gasKept: number,
  model: Model = BOOK_MODEL,
): MassState {
  for (const part of parts) {
    requireNumber('blend-mass', part.flourG, MASS_RULE);
    requireNumber('blend-mass', part.waterG, MASS_RULE);
  }
  const flourG = parts.reduce((sum, part) => sum + part.flourG, 0);
  if (!(flourG > LEAST_FLOUR_G))
    throw new DomainError('blend-no-flour', tr`A mix without flour can not ripen.`);
  const mixed = new Float64Array(STATE_SIZE);
  for (const part of parts) {
    const share = part.flourG / flourG;
    for (const i of BY_FLOUR) mixed[i] = (mixed[i] as number) + share * (part.state[i] as number);
    mixed[X.gasHeld] =
      (mixed[X.gasHeld] as number) + share * gasKept * (part.state[X.gasHeld] as number);
  }
  mixed[X.awakeB] = yeastWeighted(inBrine(parts, model.brineShock), X.awakeB, X.yeastB);
  mixed[X.awakeW] = afterNewFlour(parts, yeastWeighted(parts, X.awakeW, X.yeastW));
  mixed[X.coreC] = mixedTemperature(parts);
  return mixed;
}

/**
 * Sourdough yeast has its lag again whenever new flour comes in: the fit of the starters rests on it.
 * Among masses that all carry it nothing changes.
 */
function afterNewFlour(parts: readonly BlendPart[], awake: number): number {
  const newFlour = parts.some((part) => part.flourG > 0 && (part.state[X.yeastW] as number) === 0);
  return newFlour ? Math.min(awake, 0) : awake;
}

/** Salt over water of masses together, g per 100 g. */
function brineOf(parts: readonly BlendPart[]): number {
  const waterG = parts.reduce((sum, part) => sum + part.waterG, 0);
  const saltG = parts.reduce((sum, part) => sum + (part.saltG ?? 0), 0);
  return waterG > 0 ? (100 * saltG) / waterG : 0;
}

/** The parts with their baker’s yeast put back by the rise in brine that it drops into; it wakes again. */
function inBrine(parts: readonly BlendPart[], shock: number): BlendPart[] {
  const brine = brineOf(parts);
  return parts.map((part) => {
    const rise = Math.max(0, brine - brineOf([part]));
    const awake = part.state[X.awakeB] as number;
    if (rise === 0 || awake <= 0) return part;
    const state = part.state.slice();
    state[X.awakeB] = Math.max(0, awake - shock * rise);
    return { ...part, state };
  });
}

function yeastWeighted(parts: readonly BlendPart[], awake: number, yeast: number): number {
  let weight = 0;
  let sum = 0;
  for (const part of parts) {
    const w = part.flourG * (part.state[yeast] as number);
    weight += w;
    sum += w * (part.state[awake] as number);
  }
  return weight > 0 ? sum / weight : 0;
}

function mixedTemperature(parts: readonly BlendPart[]): number {
  let heat = 0;
  let capacity = 0;
  for (const part of parts) {
    const c = FLOUR_HEAT * part.flourG + WATER_HEAT * part.waterG;
    capacity += c;
    heat += c * (part.state[X.coreC] as number);
  }
  return heat / capacity;
}
