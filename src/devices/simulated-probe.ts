import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import type { Probe, ProbeAnswer } from './probe';

/** What a simulated probe suffers from, and since when. */
export interface ProbeTrouble {
  readonly fault: 'none' | 'door open' | 'failing' | 'lost' | 'frozen';
  readonly fromMs: number;
}

/** A simulated place with its probe. */
export interface SimulatedPlace {
  readonly placeId: string;
  /** What the place is set to at an instant, °C. */
  readonly setC: (atMs: number) => number;
  /** How much warmer than set it truly is on the mean, °C. */
  readonly overC: number;
  /** Half of its swing over the day, °C: warmest in the middle of the afternoon, by UTC. */
  readonly swingC: number;
  /** How much each opening of its door lets in, °C; 0 for a place without a door. */
  readonly doorC: number;
  readonly trouble: ProbeTrouble;
}

const NOISE_C = 0.15;
const WARMEST_HOUR = 14;
/** Warmth that an opened door lets in is gone by e in so long. */
const DOOR_FADES_H = 0.3;
/** Share of the quarters of a working hour in which a door is opened. */
const DOOR_SHARE = 0.3;
const DOOR_HOURS = [5, 21] as const;
/** A place that fails comes to the room’s temperature by e in so long. */
const FAILS_IN_H = 5;
const OPEN_IN_H = 1.5;
const KITCHEN_C = 22;

/** A probe in a simulated place: repeatable, the same instant has the same reading. */
export function simulatedProbe(place: SimulatedPlace): Probe {
  return { placeId: place.placeId, ask: (atMs) => answer(place, atMs) };
}

function answer(place: SimulatedPlace, atMs: number): ProbeAnswer {
  const { fault, fromMs } = place.trouble;
  const since = atMs >= fromMs;
  if (fault === 'lost' && since) return { kind: 'lost' };
  const readAtMs = fault === 'frozen' && since ? fromMs : atMs;
  return { kind: 'reading', tempC: Math.round(trueC(place, readAtMs) * 10) / 10 };
}

function trueC(place: SimulatedPlace, atMs: number): number {
  const hour = (atMs / MS_PER_HOUR) % 24;
  const day = place.swingC * Math.cos(((hour - WARMEST_HOUR) / 12) * Math.PI);
  const usualC = place.setC(atMs) + place.overC + day + doorsC(place, atMs) + noiseC(place, atMs);
  const { fault, fromMs } = place.trouble;
  if ((fault !== 'failing' && fault !== 'door open') || atMs < fromMs) return usualC;
  const lagH = fault === 'failing' ? FAILS_IN_H : OPEN_IN_H;
  const gone = 1 - Math.exp(-(atMs - fromMs) / MS_PER_HOUR / lagH);
  return usualC + gone * (KITCHEN_C - usualC) * (fault === 'failing' ? 1 : 0.5);
}

/** What the openings of the last hours still add, °C. */
function doorsC({ doorC, placeId }: SimulatedPlace, atMs: number): number {
  if (doorC === 0) return 0;
  const quarter = Math.floor(atMs / (15 * MS_PER_MINUTE));
  let sum = 0;
  for (let i = 0; i < 8; i += 1) {
    const openedMs = (quarter - i) * 15 * MS_PER_MINUTE;
    const hour = (openedMs / MS_PER_HOUR) % 24;
    const working = hour >= DOOR_HOURS[0] && hour < DOOR_HOURS[1];
    if (!working || chance(placeId, quarter - i) > DOOR_SHARE) continue;
    sum += doorC * Math.exp(-(atMs - openedMs) / MS_PER_HOUR / DOOR_FADES_H);
  }
  return sum;
}

function noiseC({ placeId }: SimulatedPlace, atMs: number): number {
  return NOISE_C * (2 * chance(`${placeId} noise`, Math.floor(atMs / MS_PER_MINUTE)) - 1);
}

/** A number in 0–1 that only the name and the count decide. */
function chance(name: string, count: number): number {
  let hash = 2166136261 ^ count;
  for (const letter of name) hash = Math.imul(hash ^ letter.charCodeAt(0), 16777619);
  hash = Math.imul(hash ^ (hash >>> 15), 2246822507);
  hash = Math.imul(hash ^ (hash >>> 13), 3266489909);
  return ((hash ^ (hash >>> 16)) >>> 0) / 4294967296;
}
