import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openShopInMemory, saveDemoClock } from '@/data';
import { readClock } from './clock';

const db = openShopInMemory();
afterEach(() => {
  delete process.env['OLVIK_NOW'];
});

test('an injected instant stands still', () => {
  process.env['OLVIK_NOW'] = '2026-11-27T05:10:00Z';
  expect(readClock(db)).toEqual({ nowMs: Date.UTC(2026, 10, 27, 5, 10), rate: 0, demo: false });
});

test('an injected file is read anew each time', () => {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'olvik now ')), 'now');
  writeFileSync(file, '2026-11-27T05:10:00Z\n');
  process.env['OLVIK_NOW'] = `@${file}`;
  expect(readClock(db).nowMs).toBe(Date.UTC(2026, 10, 27, 5, 10));
  writeFileSync(file, '2026-11-27T05:50:00Z\n');
  expect(readClock(db).nowMs).toBe(Date.UTC(2026, 10, 27, 5, 50));
});

test('an instant that is none is refused by name', () => {
  process.env['OLVIK_NOW'] = 'breakfast';
  expect(() => readClock(db)).toThrow('OLVIK_NOW: "breakfast" is not an instant');
});

test('without one it is the machine’s clock, in the demo its own at its rate', () => {
  const before = Date.now();
  expect(readClock(db)).toMatchObject({ rate: 1, demo: false });
  expect(readClock(db).nowMs).toBeGreaterThanOrEqual(before);
  const demo = openShopInMemory();
  const start = Date.UTC(2026, 10, 27, 5, 10);
  saveDemoClock(demo, { realMs: Date.now() - 60_000, demoMs: start, rate: 60 });
  const { nowMs, rate, demo: isDemo } = readClock(demo);
  expect({ rate, isDemo }).toEqual({ rate: 60, isDemo: true });
  expect(nowMs - start).toBeGreaterThanOrEqual(3_600_000);
  expect(nowMs - start).toBeLessThan(2 * 3_600_000);
});
