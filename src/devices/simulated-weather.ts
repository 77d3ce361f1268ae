import { MS_PER_HOUR } from '@/core/units';
import type { OutdoorPoint, Weather } from './weather';

/** A mild coast: mean of the year, half of the swing over the year and over a day, warm spells, °C. Made up. */
const CLIMATE = { meanC: 9, yearC: 11, dayC: 5, spellC: 6 } as const;
const DAY_MS = 24 * MS_PER_HOUR;
const YEAR_DAYS = 365.25;
/** The warmest day of the year, and the warmest hour of a day by UTC. */
const WARMEST_DAY = 200;
const WARMEST_HOUR = 14;
/** Warm and cool spells last about so many days. */
const SPELL_DAYS = 6;

/** Weather that ships with Olvik: the same instant has the same air, every year’s spells are its own. */
export function simulatedWeather(): Weather {
  return { hours };
}

function hours(fromMs: number, toMs: number): OutdoorPoint[] {
  const points: OutdoorPoint[] = [];
  const first = Math.floor(fromMs / MS_PER_HOUR) * MS_PER_HOUR;
  for (let atMs = first; atMs <= toMs + MS_PER_HOUR; atMs += MS_PER_HOUR) {
    points.push({ atMs, tempC: Math.round(outdoorC(atMs) * 10) / 10 });
  }
  return points;
}

function outdoorC(atMs: number): number {
  const day = atMs / DAY_MS;
  const wave = (phase: number) => Math.cos(2 * Math.PI * phase);
  const year = CLIMATE.yearC * wave((day - WARMEST_DAY) / YEAR_DAYS);
  const hour = CLIMATE.dayC * wave(day - WARMEST_HOUR / 24);
  const spell = CLIMATE.spellC * wave(day / SPELL_DAYS + Math.sin(day / 17));
  return CLIMATE.meanC + year + hour + spell;
}
