import { placeTempC, type LotForecast, type Places } from '../forecast';

const SAMPLE_MS = 15 * 60_000;

/**
 * Mean temperature of the places that a lot stood in, by the hours it stood there, °C; null for none.
 * @param untilMs how far a lot that is not used up is looked at
 */
export function meanPlaceC(
  lot: LotForecast | undefined,
  places: Places,
  untilMs: number | null = null,
): number | null {
  if (lot === undefined) return null;
  let degrees = 0;
  let samples = 0;
  for (const stay of lot.story.stays) {
    const endMs = lot.story.endMs ?? untilMs;
    const toMs = Math.min(stay.toMs ?? endMs ?? stay.fromMs, endMs ?? Infinity);
    for (let atMs = stay.fromMs; atMs < toMs; atMs += SAMPLE_MS) {
      degrees += placeTempC(places, stay.placeId, atMs);
      samples += 1;
    }
  }
  return samples === 0 ? null : degrees / samples;
}
