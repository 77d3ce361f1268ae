import { MS_PER_HOUR } from '../units';
import { T0 } from '../../../tests/fixtures/baking';
import { feedOf, jarWith, LIQUID, SHOP } from '../../../tests/fixtures/jars';
import { HEALTH, slowerThanItself } from './health';
import { peaksByRoom } from './peaks';
import { youngSchedule } from './young';

const paces = (...of: number[]) =>
  of.map((pace, index) => ({ atMs: T0 + index * 24 * MS_PER_HOUR, pace }));

test('a culture slower than itself is noticed, one that was never fast is not', () => {
  const notice = slowerThanItself(paces(1.02, 0.98, 1, 1.01, 0.8, 0.78, 0.82));
  expect(notice?.ratio).toBeCloseTo(0.8, 1);
  expect(notice?.sinceMs).toBe(T0 + 4 * 24 * MS_PER_HOUR);
  expect(slowerThanItself(paces(0.8, 0.8, 0.82, 0.79, 0.8, 0.81))).toBeNull();
  expect(slowerThanItself(paces(1, 1, 1, 0.5))).toBeNull();
  // One slow morning between good ones is a cold window.
  expect(slowerThanItself(paces(1, 1, 1, 1, 0.6, 1.02, 0.6))).toBeNull();
});

test('what ends a culture says so, everything says what to do', () => {
  expect(HEALTH.filter((one) => one.ends).map((one) => one.sign)).toEqual(['pink', 'mould']);
  for (const one of HEALTH.filter((of) => of.ends)) expect(one.does).toContain('Throw all of it');
});

test('a new culture has ten days, one after the other', () => {
  const days = youngSchedule(T0);
  expect(days.map((one) => one.day)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
  expect(days[9]?.atMs).toBe(T0 + 9 * 24 * MS_PER_HOUR);
});

test('the warmer the room the sooner the best, up to where it is too warm; a faster one is sooner', () => {
  const question = feedOf(jarWith(500, LIQUID), LIQUID, 22);
  const peaks = peaksByRoom({ question, motherG: 20, totalG: 180 }, SHOP);
  const upTo28 = peaks.filter((one) => one.tempC >= 14 && one.tempC <= 28);
  for (const [index, one] of upTo28.slice(1).entries()) {
    expect(one.hours ?? 99).toBeLessThan(upTo28[index]?.hours ?? 0);
  }
  for (const one of upTo28) {
    expect(one.fastH ?? 99).toBeLessThan(one.hours ?? 0);
    expect(one.slowH ?? 0).toBeGreaterThan(one.hours ?? 99);
  }
});
