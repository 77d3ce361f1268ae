import { readFileSync } from 'node:fs';
import type { OutdoorPoint, Weather } from './weather';

/** A file of weather that can not be read: which row, what stands there, what is allowed. */
export class WeatherFileError extends Error {
  override readonly name = 'WeatherFileError';
}

const COLDEST_C = -60;
const WARMEST_C = 60;

/**
 * Weather from a CSV file with a head "at,tempC": an instant with its zone, °C.
 * @throws {WeatherFileError} for the first row that is wrong
 */
export function fileWeather(file: string): Weather {
  const rows = textOf(file).split(/\r?\n/);
  const points = rows
    .map((row, index) => ({ row: row.trim(), number: index + 1 }))
    .slice(1)
    .filter(({ row }) => row !== '')
    .map(({ row, number }) => pointOf(row, number))
    .sort((a, b) => a.atMs - b.atMs);
  return {
    hours: (fromMs, toMs) => points.filter((one) => one.atMs >= fromMs && one.atMs <= toMs),
  };
}

function textOf(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (cause) {
    throw new WeatherFileError('Weather: the file that OLVIK_WEATHER names can not be read.', {
      cause,
    });
  }
}

function pointOf(row: string, number: number): OutdoorPoint {
  const [at = '', temp = ''] = row.split(',').map((cell) => cell.trim());
  const atMs = /(Z|[+-]\d\d:\d\d)$/.test(at) ? Date.parse(at) : NaN;
  const tempC = temp === '' ? NaN : Number(temp);
  if (!Number.isFinite(atMs)) {
    throw new WeatherFileError(
      `Weather, row ${number}: “${at}” is not an instant. Allowed: for example 2026-07-17T14:00Z.`,
    );
  }
  if (!(tempC >= COLDEST_C && tempC <= WARMEST_C)) {
    throw new WeatherFileError(
      `Weather, row ${number}: “${temp}” is not possible. Allowed: ${COLDEST_C} to ${WARMEST_C} °C.`,
    );
  }
  return { atMs, tempC };
}
