import fc from 'fast-check';
import { at, demandFor } from '../../../../tests/fixtures/planning';
import { pizzasPerHour } from './demand';
import { canBeSplit, inDoughs } from './split';

const evening = demandFor('2026-11-27T18:00', [], { balls: 60 });
const long = { ...evening, readyToMs: at('2026-11-27T22:00') };

test('an even service is cut in the middle, a busy one where half of its pizzas are baked', () => {
  const [first, second] = inDoughs(long, 2);
  expect([first?.readyToMs, second?.readyFromMs]).toEqual([
    at('2026-11-27T20:00'),
    at('2026-11-27T20:00'),
  ]);
  expect([first?.balls, second?.balls]).toEqual([30, 30]);
  const shaped = inDoughs({ ...long, perHour: [6, 10, 30, 14] }, 2);
  expect(shaped.map((one) => one.perHour)).toEqual([
    [6, 10],
    [30, 14],
  ]);
  expect(shaped.map((one) => one.balls)).toEqual([16, 44]);
});

test('a service that is too short stays one dough, and says that it can not be cut', () => {
  const half = { ...evening, readyToMs: evening.readyFromMs + 30 * 60_000 };
  expect(inDoughs(half, 3)).toEqual([
    { readyFromMs: half.readyFromMs, readyToMs: half.readyToMs, balls: 60, perHour: null },
  ]);
  expect(canBeSplit(half, 2)).toBe(false);
  expect(canBeSplit(long, 2)).toBe(true);
});

test('parts follow each other without a gap and come to all pizzas, whatever the shape', () => {
  const pizzas = fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 10 });
  fc.assert(
    fc.property(pizzas, fc.integer({ min: 1, max: 4 }), fc.boolean(), (perHour, doughs, even) => {
      const balls = perHour.reduce((sum, one) => sum + one, 0);
      const readyToMs = evening.readyFromMs + perHour.length * 3_600_000;
      const service = { ...evening, readyToMs, balls, perHour: even ? null : perHour };
      const parts = inDoughs(service, doughs);
      expect(parts.length).toBeLessThanOrEqual(doughs);
      expect(parts[0]?.readyFromMs).toBe(service.readyFromMs);
      expect(parts.at(-1)?.readyToMs).toBe(readyToMs);
      parts.slice(1).forEach((one, i) => expect(one.readyFromMs).toBe(parts[i]?.readyToMs));
      expect(parts.reduce((sum, one) => sum + one.balls, 0)).toBe(balls);
      for (const part of parts) {
        expect(part.readyToMs).toBeGreaterThan(part.readyFromMs);
        if (even) continue;
        expect(pizzasPerHour(part).reduce((sum, one) => sum + one, 0)).toBe(part.balls);
      }
    }),
  );
});
