import { type OutdoorAir } from '@/shop/kept/air';
import { fileWeather, WeatherFileError } from '@/devices/file-weather';
import { simulatedWeather } from '@/devices/simulated-weather';
import type { Weather } from '@/devices/weather';
import { MS_PER_HOUR } from '@/core/units';

const BACK_H = 72;
const AHEAD_H = 240;

/**
 * The air around now: from the file that OLVIK_WEATHER names, else from the weather that ships. A file that can not be
 * read is told, and no air is made up in its place.
 */
export function outdoorAir(nowMs: number): OutdoorAir {
  const hour = Math.floor(nowMs / MS_PER_HOUR) * MS_PER_HOUR;
  const span = [hour - BACK_H * MS_PER_HOUR, hour + AHEAD_H * MS_PER_HOUR] as const;
  try {
    return { hours: weather().hours(...span), problem: null };
  } catch (error) {
    if (error instanceof WeatherFileError) return { hours: [], problem: error.message };
    throw error;
  }
}

function weather(): Weather {
  const file = process.env['OLVIK_WEATHER'];
  return file === undefined || file === '' ? simulatedWeather() : fileWeather(file);
}
