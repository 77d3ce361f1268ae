import type { ShopState } from '@/shop/state';
import { type Place } from '@/shop/kept/shop';
import { setTempC, type PlaceReading } from '@/core/forecast';
import { MS_PER_MINUTE } from '@/core/units';
import { listPlaces, listProbes, oneShop, type ProbeRow } from '@/data';
import type { Probe } from '@/devices/probe';
import { simulatedProbe } from '@/devices/simulated-probe';
import type { ShopContext } from '../context';
import { logProbeSeries, PROBE_STEP_MS } from './readings';
import { remembering } from '../remembering';

/** How a probe stands: it reads, it says nothing, or it has said the same for too long to be true. */
export interface ProbeState {
  readonly placeId: string;
  readonly fault: ProbeRow['fault'];
  readonly says: 'reads' | 'lost' | 'frozen';
  /** Last reading that counts; null before the first. */
  readonly last: PlaceReading | null;
}

/** A probe that has not been heard for so long is lost. */
const LOST_MS = 35 * MS_PER_MINUTE;
/** So many equal readings in a row are no weather: the probe is frozen. */
const FROZEN_COUNT = 6;

/** How each simulated place truly is, by the name of its place: shared by every demo. */
const NATURE: Readonly<Record<string, { overC: number; swingC: number; doorC: number }>> = {
  proofer: { overC: 0.4, swingC: 0.2, doorC: -1.5 },
  bench: { overC: 0.5, swingC: 1.2, doorC: 0 },
  cellar: { overC: -0.3, swingC: 0.3, doorC: 0 },
  fridge: { overC: 1.2, swingC: 0.2, doorC: 1.2 },
  freezer: { overC: 0.5, swingC: 0.1, doorC: 1 },
};
const PLAIN = { overC: 0, swingC: 0.5, doorC: 0 };

function probeOf(row: ProbeRow, place: Place, timeZone: string): Probe {
  const asSet = { ...place, timeZone };
  return simulatedProbe({
    placeId: place.id,
    setC: (atMs) => setTempC(asSet, atMs),
    ...(NATURE[place.id] ?? PLAIN),
    trouble: { fault: row.fault, fromMs: row.faultFromMs },
  });
}

const lastAsked = remembering<Map<string, { atMs: number; tail: number[] }>>('probes asked');

/**
 * Asks every probe of the shop and keeps a reading each ten minutes of the shop’s clock, those it slept through
 * included. A probe that says nothing or only repeats itself writes nothing: its place falls back to what it is set to.
 * @param backMs how far back a probe that was never asked is asked
 * @returns readings written
 */
export function askProbes(context: ShopContext, backMs = PROBE_STEP_MS): number {
  const { db } = context;
  const rows = listProbes(db);
  if (rows.length === 0) return 0;
  const { nowMs } = context.clock();
  const { timeZone } = oneShop(db);
  const places = new Map(listPlaces(db).map((place) => [place.id, place]));
  const asked = lastAsked.get(context) ?? new Map<string, { atMs: number; tail: number[] }>();
  lastAsked.set(context, asked);
  let written = 0;
  for (const row of rows) {
    const place = places.get(row.placeId);
    if (place === undefined) continue;
    const known = asked.get(row.placeId) ?? { atMs: nowMs - backMs, tail: [] };
    const series = heard(probeOf(row, place, timeZone), known, nowMs);
    asked.set(row.placeId, known);
    if (series.length === 0) continue;
    const outcome = logProbeSeries(context, { placeId: row.placeId, readings: series });
    if (outcome.ok) written += outcome.value.kept;
  }
  return written;
}

/** Steps caught up at once, at most: a day. */
const MOST_STEPS = 144;

/** Readings since a probe was last asked, without those of a frozen one. */
function heard(
  probe: Probe,
  known: { atMs: number; tail: number[] },
  nowMs: number,
): PlaceReading[] {
  const readings: PlaceReading[] = [];
  known.atMs = Math.max(known.atMs, nowMs - MOST_STEPS * PROBE_STEP_MS);
  while (known.atMs + PROBE_STEP_MS <= nowMs) {
    known.atMs += PROBE_STEP_MS;
    const answer = probe.ask(known.atMs);
    if (answer.kind === 'lost') continue;
    known.tail = [...known.tail, answer.tempC].slice(-FROZEN_COUNT);
    const frozen =
      known.tail.length === FROZEN_COUNT && known.tail.every((one) => one === answer.tempC);
    if (!frozen) readings.push({ atMs: known.atMs, tempC: answer.tempC });
  }
  return readings;
}

/** How the probes of the shop stand now. */
export function probeStates(context: ShopContext, state: ShopState): ProbeState[] {
  return listProbes(context.db).map(({ placeId, fault }) => {
    const last = state.placeMap.get(placeId)?.readings?.at(-1) ?? null;
    const silent = last === null || state.nowMs - last.atMs > LOST_MS;
    const tail = lastAsked.get(context)?.get(placeId)?.tail ?? [];
    const frozen = tail.length === FROZEN_COUNT && tail.every((one) => one === tail[0]);
    return { placeId, fault, last, says: frozen ? 'frozen' : silent ? 'lost' : 'reads' };
  });
}
