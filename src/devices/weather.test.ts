import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileWeather } from './file-weather';
import { simulatedWeather } from './simulated-weather';

const from = Date.parse('2026-07-17T00:00:00Z');
const DAY_MS = 86_400_000;

describe('the weather that ships', () => {
  const weather = simulatedWeather();
  test('is the same whenever it is asked, hour by hour', () => {
    const once = weather.hours(from, from + DAY_MS);
    expect(weather.hours(from, from + DAY_MS)).toEqual(once);
    expect(once).toHaveLength(26);
    expect(weather.hours(from + DAY_MS / 2, from + DAY_MS)[0]).toEqual(once[12]);
  });
  test('is warmer in July than in January, and in the afternoon than at night', () => {
    const mean = (startMs: number, days: number) => {
      const points = weather.hours(startMs, startMs + days * DAY_MS);
      return points.reduce((sum, one) => sum + one.tempC, 0) / points.length;
    };
    expect(mean(from, 30)).toBeGreaterThan(mean(from - 180 * DAY_MS, 30) + 15);
    const day = weather.hours(from, from + DAY_MS);
    expect(day[14]!.tempC).toBeGreaterThan(day[3]!.tempC);
  });
});

describe('weather from a file', () => {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'olvik weather ')), 'weather.csv');
  const written = (text: string) => {
    writeFileSync(file, text);
    return fileWeather(file);
  };
  test('is read hour by hour, in order, whatever its line ends', () => {
    const weather = written(
      'at,tempC\r\n2026-07-17T15:00+02:00,31.5\r\n2026-07-17T12:00Z,30\r\n\r\n',
    );
    expect(weather.hours(from, from + DAY_MS)).toEqual([
      { atMs: Date.parse('2026-07-17T12:00Z'), tempC: 30 },
      { atMs: Date.parse('2026-07-17T13:00Z'), tempC: 31.5 },
    ]);
    expect(weather.hours(from + DAY_MS, from + 2 * DAY_MS)).toEqual([]);
  });
  test.each([
    [
      'at,tempC\n2026-07-17T12:00Z,hot',
      'Weather, row 2: “hot” is not possible. Allowed: -60 to 60',
    ],
    ['at,tempC\n2026-07-17T12:00Z,20\n17 July,20', 'Weather, row 3: “17 July” is not an instant'],
    ['at,tempC\n2026-07-17T12:00,20', 'Weather, row 2: “2026-07-17T12:00” is not an instant'],
    ['at,tempC\n2026-07-17T12:00Z', 'Weather, row 2: “” is not possible'],
  ])('with a bad row says which: %j', (text, sentence) => {
    expect(() => written(text)).toThrow(sentence);
  });
});
