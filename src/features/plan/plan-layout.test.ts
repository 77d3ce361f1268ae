import fc from 'fast-check';
import type { WeekService } from '@/server/plan/week-services';
import { ladderClock } from './ladder-clock';
import { laddersAcross } from './side-by-side';
import { archesOf, besideNow } from './week-layout';

const HOUR_MS = 3_600_000;
const instants = fc
  .uniqueArray(fc.integer({ min: 0, max: 60 }), { minLength: 1, maxLength: 8 })
  .map((hours) => hours.sort((a, b) => a - b).map((hour) => hour * HOUR_MS));

test('moments of one plan stay apart, later is never higher, and the bake is at the bottom', () => {
  fc.assert(
    fc.property(fc.array(instants, { minLength: 1, maxLength: 3 }), (ladders) => {
      const endMs = 61 * HOUR_MS;
      const clock = ladderClock(ladders, endMs, 260);
      for (const ladder of ladders) {
        ladder.slice(1).forEach((atMs, i) => {
          expect(clock.y(atMs) - clock.y(ladder[i]!)).toBeGreaterThanOrEqual(20);
        });
      }
      const ys = Array.from({ length: 61 }, (_, hour) => clock.y(hour * HOUR_MS));
      expect(ys).toEqual([...ys].sort((a, b) => a - b));
      expect(clock.y(endMs)).toBeCloseTo(clock.height, 6);
      expect(clock.height).toBeGreaterThanOrEqual(260);
    }),
    { numRuns: 100 },
  );
});

test('a clock without a moment still has its bake', () => {
  const clock = ladderClock([], 5 * HOUR_MS, 200);
  expect(clock.height).toBe(200);
  expect(clock.y(5 * HOUR_MS)).toBe(200);
});

test('arches never cover each other, and words stand only where there is room', () => {
  const service = (hour: number, balls: number): WeekService => ({
    key: `${hour}`,
    bakeId: null,
    demandId: null,
    date: null,
    name: 'Service',
    fromMs: hour * HOUR_MS,
    toMs: (hour + 2) * HOUR_MS,
    balls,
    state: 'open',
    odds: null,
    changed: false,
    asked: null,
  });
  const services = [11, 17, 18, 40, 90].map((hour) => service(hour, hour));
  const arches = archesOf(services, (atMs) => (atMs / HOUR_MS) * 4, 88);
  arches.slice(1).forEach((arch, i) => {
    const before = arches[i]!;
    expect(arch.x - arch.width / 2).toBeGreaterThan(before.x + before.width / 2);
  });
  expect(arches.map((arch) => arch.labelRight)).toEqual([false, false, false, true, true]);
  expect(arches[4]!.width).toBeGreaterThan(arches[0]!.width);
});

test.each([
  [390, 1],
  [700, 2],
  [1022, 3],
  [1900, 3],
])('a width of %i px shows %i ladders', (width, across) => {
  expect(laddersAcross(width)).toBe(across);
});

test('the name of a day is never crossed by the line of now, and moves only for it', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 100, max: 1200, noNaN: true }),
      fc.double({ min: 30, max: 120, noNaN: true }),
      fc.double({ min: 100, max: 1300, noNaN: true }),
      (at, width, nowX) => {
        const begins = besideNow(at, width, nowX);
        expect(begins).toBeGreaterThanOrEqual(at);
        expect(nowX > begins && nowX < begins + width).toBe(false);
        if (nowX < at - 6 || nowX > at + width) expect(begins).toBe(at);
      },
    ),
  );
});
