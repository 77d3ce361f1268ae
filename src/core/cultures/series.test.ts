import { isWorking } from '@/core/planner';
import { MS_PER_HOUR } from '@/core/units';
import { T0 } from '../../../tests/fixtures/baking';
import { feedOf, jarWith, LIQUID, SHOP } from '../../../tests/fixtures/jars';
import { findSeries } from './series';
import type { SeriesQuestion } from './series-schedules';

const DAY = { fromMinute: 6 * 60, untilMinute: 22 * 60 };

function question(feeds: 1 | 2 | 3 | 4, hours: number, jarG = 100): SeriesQuestion {
  return {
    ...feedOf(jarWith(jarG, LIQUID), LIQUID, 24),
    nowMs: T0,
    readyMs: T0 + hours * MS_PER_HOUR,
    stepG: 1,
    fineStepG: 0.1,
    totalG: 900,
    feeds,
    workingHours: DAY,
    timeZone: 'UTC',
    lotIds: ['A', 'B', 'C', 'D'],
  };
}

test.each([1, 2, 3, 4] as const)(
  '%s feeds in a row: each taken near its best, by day, nothing left over but for traces',
  (feeds) => {
    const asked = question(feeds, { 1: 14, 2: 14, 3: 35, 4: 44 }[feeds], 200);
    const found = findSeries(asked, SHOP);
    if (found.kind !== 'series') throw new Error(found.because);
    expect(found.feeds).toHaveLength(feeds);
    // As it is weighed: a gram of a small mother is minutes.
    expect(Math.abs(found.missedH)).toBeLessThan(0.3);
    for (const feed of found.feeds) {
      expect(isWorking(feed.atMs, DAY, 'UTC')).toBe(true);
      expect(Math.abs(feed.takenPastBestH ?? 0)).toBeLessThan(0.75);
    }
    let overG = 0;
    found.feeds.slice(1).forEach((feed, index) => {
      const madeG = found.feeds[index]?.amounts.totalG ?? 0;
      expect(feed.amounts.motherG).toBeLessThanOrEqual(madeG + 1e-6);
      overG += madeG - feed.amounts.motherG;
    });
    // Nothing is over, but where less mother could not be weighed.
    expect(overG).toBeCloseTo(found.overG, 0);
    if (found.fromJarG > 4) expect(overG).toBeLessThan(1);
    expect(found.feeds.at(-1)?.amounts.totalG).toBeCloseTo(900, 6);
    expect(found.feeds[0]?.amounts.motherG).toBeCloseTo(found.fromJarG, 6);
  },
);

test('more feeds need less of the old jar', () => {
  const fromJar = (feeds: 1 | 2 | 3) => {
    const found = findSeries(question(feeds, 30, 1000), SHOP);
    if (found.kind !== 'series') throw new Error(found.because);
    return found.fromJarG;
  };
  expect(fromJar(3)).toBeLessThan(fromJar(2));
});

test('three feeds in five hours start too late', () => {
  expect(findSeries(question(3, 5), SHOP)).toMatchObject({
    kind: 'no series',
    because: 'too late to start',
    earliestMs: T0 + 9 * MS_PER_HOUR,
  });
});

test('a spoonful for one feed is too short', () => {
  expect(findSeries(question(1, 9, 5), SHOP)).toMatchObject({ because: 'jar too short' });
});

test('a small wish makes no traces of mother: what is too much then is said', () => {
  const found = findSeries({ ...question(3, 35, 200), totalG: 30 }, SHOP);
  if (found.kind !== 'series') throw new Error(found.because);
  for (const feed of found.feeds) expect(feed.amounts.motherG).toBeGreaterThanOrEqual(4);
  const made = found.feeds.slice(0, -1).reduce((sum, feed) => sum + feed.amounts.totalG, 0);
  const taken = found.feeds.slice(1).reduce((sum, feed) => sum + feed.amounts.motherG, 0);
  const last = (found.feeds.at(-1)?.amounts.totalG ?? 0) - 30;
  expect(found.overG).toBeGreaterThan(0);
  expect(Math.abs(made - taken + last - found.overG)).toBeLessThan(3);
});
