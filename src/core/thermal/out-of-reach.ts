import { capacityOf, doughTemperatureC, waterFor, type WaterRequest } from './water-temperature';

/** A single change that would bring the dough to its aim. */
export type Remedy =
  | { readonly by: 'flour'; readonly tempC: number }
  | { readonly by: 'leaven'; readonly tempC: number }
  | { readonly by: 'shorter mix'; readonly mixingC: number; readonly shareOfTime: number }
  | { readonly by: 'stages' };

/** Flour and leavens can be cooled to the fridge and warmed to a warm room, no further, °C. Set. */
const COLDEST_C = 3;
const WARMEST_C = 32;

/**
 * What would bring a dough to its aim where water and ice alone do not: colder (warmer) flour, a colder (warmer) leaven,
 * a shorter mix. Each alone, found by the heat balance; none of them: mix in stages, with rests in the cold.
 * Empty where the water does it.
 * @param request its first part is the flour weighed in, the others are leavens
 * @throws {DomainError} temperature-range, blend-no-flour
 */
export function remediesFor(request: WaterRequest): Remedy[] {
  const answer = waterFor(request);
  if (answer.bound === null) return [];
  const { parts, waterG, mixingC, aimC } = request;
  const gapC = aimC - answer.doughC;
  const capacity =
    parts.reduce((sum, part) => sum + capacityOf(part), 0) + capacityOf({ flourG: 0, waterG });
  const remedies: Remedy[] = [];
  const [flour, ...leavens] = parts;
  const within = (tempC: number) => tempC >= COLDEST_C && tempC <= WARMEST_C;
  if (flour !== undefined && capacityOf(flour) > 0) {
    const tempC = flour.tempC + (gapC * capacity) / capacityOf(flour);
    if (within(tempC)) remedies.push({ by: 'flour', tempC });
  }
  const ofLeavens = leavens.reduce((sum, part) => sum + capacityOf(part), 0);
  if (ofLeavens > 0) {
    const meanC = leavens.reduce((sum, part) => sum + capacityOf(part) * part.tempC, 0) / ofLeavens;
    const tempC = meanC + (gapC * capacity) / ofLeavens;
    if (within(tempC)) remedies.push({ by: 'leaven', tempC });
  }
  if (answer.bound === 'too hot' && mixingC > 0 && mixingC + gapC >= 0) {
    const shorter = mixingC + gapC;
    remedies.push({ by: 'shorter mix', mixingC: shorter, shareOfTime: shorter / mixingC });
  }
  return remedies.length > 0 || answer.bound === 'too cold' ? remedies : [{ by: 'stages' }];
}

/** The dough that a remedy gives with the same water, °C: the check of the remedy by the balance itself. */
export function withRemedyC(request: WaterRequest, remedy: Remedy): number | null {
  const { waterC, iceG } = waterFor(request);
  const comesTo = (changed: WaterRequest) =>
    doughTemperatureC(changed.parts, { waterG: changed.waterG, waterC, iceG }, changed.mixingC);
  const [flour, ...leavens] = request.parts;
  if (remedy.by === 'stages' || flour === undefined) return null;
  if (remedy.by === 'shorter mix') return comesTo({ ...request, mixingC: remedy.mixingC });
  const parts =
    remedy.by === 'flour'
      ? [{ ...flour, tempC: remedy.tempC }, ...leavens]
      : [flour, ...leavens.map((part) => ({ ...part, tempC: remedy.tempC }))];
  return comesTo({ ...request, parts });
}
