import { wallTime } from '@/core/units';
import { zonedTicks } from './zoned-ticks';

const H = 3_600_000;
const clock = (atMs: number, zone: string) => {
  const { hour, minute } = wallTime(atMs, zone);
  return `${hour}:${minute}`;
};

describe('marks of a chart', () => {
  const fromMs = Date.parse('2026-11-27T05:10:00Z');

  test.each(['Asia/Kolkata', 'America/New_York', 'Australia/Lord_Howe', 'UTC'])(
    'stand on round hours of the shop’s clock in %s, whatever the browser’s zone',
    (zone) => {
      const ticks = zonedTicks({ fromMs, toMs: fromMs + 20 * H }, 8, zone);
      expect(ticks.length).toBeGreaterThan(4);
      expect(ticks.length).toBeLessThanOrEqual(9);
      for (const tick of ticks) {
        expect(clock(tick, zone)).toMatch(/^\d+:0$/);
        expect(wallTime(tick, zone).hour % 3).toBe(0);
      }
    },
  );

  test('go on through the night in which the clocks change', () => {
    const zone = 'Europe/Oslo';
    const eve = Date.parse('2026-10-24T18:00:00Z');
    const ticks = zonedTicks({ fromMs: eve, toMs: eve + 16 * H }, 20, zone);
    expect(ticks.map((one) => wallTime(one, zone).hour).slice(0, 6)).toEqual([
      20, 21, 22, 23, 0, 1,
    ]);
    expect(new Set(ticks).size).toBe(ticks.length);
  });

  test('are days where hours would be too many', () => {
    const ticks = zonedTicks({ fromMs, toMs: fromMs + 9 * 24 * H }, 6, 'Europe/Oslo');
    expect(ticks.every((one) => wallTime(one, 'Europe/Oslo').hour === 0)).toBe(true);
    expect(ticks.length).toBeGreaterThan(2);
  });
});
