import { totals } from '../composition';
import { mixParts, placeTempC, type Places, type RunLot, type Surroundings } from '../forecast';
import type { ActOf } from '../journal';
import { STATE_SIZE, X } from '../kinetics';
import { waterFor, type WaterAnswer } from '../thermal';

/** A leaven is mixed at the temperature of its place, within what hands and water do, °C. */
const COLDEST_START_C = 10;
const WARMEST_START_C = 32;

/** Temperature aimed at for a leaven that will stand in a place, °C. */
export function leavenAimC(places: Places, placeId: string, atMs: number): number {
  return Math.min(WARMEST_START_C, Math.max(COLDEST_START_C, placeTempC(places, placeId, atMs)));
}

/** A mix that was brought as near to its temperature as the water can. */
export interface MixedDraft {
  /** With the temperature that the water brings it to. */
  readonly act: ActOf<'make'>;
  /** Null where no water goes in. */
  readonly water: WaterAnswer | null;
}

/**
 * The water for a mix, and the mix at the temperature that it comes to: a cold jar in a little water stays cold.
 * @param act with the temperature aimed at as its start
 * @param from.mothers the jars that it takes from, run up to the hour
 * @throws {DomainError} ingredient-unknown, place-unknown, temperature-range
 */
export function mixedAt(
  act: ActOf<'make'>,
  from: { readonly mothers: readonly RunLot[]; readonly atMs: number; readonly tapC: number },
  around: Surroundings,
): MixedDraft {
  const { parts, waterG } = mixParts(act, from.atMs, new Map(), around);
  if (waterG <= 0) return { act, water: null };
  const byId = new Map(from.mothers.map((one) => [one.story.lot.id, one]));
  for (const line of act.portions) {
    const mother = byId.get(line.lotId);
    if (mother === undefined) continue;
    const whole = totals(mother.story.lot.composition, around.pantry);
    const share = whole.massG > 0 ? line.massG / whole.massG : 0;
    const last = (mother.run.length - 1) * STATE_SIZE + X.coreC;
    parts.push({
      flourG: share * whole.flourG,
      waterG: share * whole.waterG,
      tempC: mother.run.states[last] ?? act.startC,
    });
  }
  const water = waterFor({ aimC: act.startC, parts, waterG, mixingC: 0, tapC: from.tapC });
  const startC = water.bound === null ? act.startC : Math.max(0.5, water.doughC);
  return { act: { ...act, startC }, water };
}
