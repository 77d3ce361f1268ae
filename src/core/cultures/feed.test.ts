import { massOf, totals } from '@/core/composition';
import { forecastShop } from '@/core/forecast';
import type { ActOf } from '@/core/journal';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import { PANTRY, T0 } from '../../../tests/fixtures/baking';
import { feedOf, jarWith, LIQUID, SHOP, STIFF } from '../../../tests/fixtures/jars';
import { feedAmounts } from './amounts';
import { Feeding, ripeMs } from './feed';
import { jarOf } from './jar';

const MINUTES = 60;

describe('amounts', () => {
  test('a liquid mother made stiff, true grams', () => {
    const jar = jarWith(100, LIQUID);
    const amounts = feedAmounts(jar.lot.composition, STIFF, { motherG: 60, totalG: 300 }, PANTRY);
    // 200 g flour and 100 g water in all; the mother brings 30 and 30.
    expect(amounts.flourG).toBeCloseTo(170, 9);
    expect(amounts.waterG).toBeCloseTo(70, 9);
    expect(amounts.seedShare).toBeCloseTo(0.15, 9);
  });

  test('a mother too wet for the wish is refused by name', () => {
    const jar = jarWith(300, LIQUID);
    expect(() =>
      feedAmounts(jar.lot.composition, STIFF, { motherG: 250, totalG: 300 }, PANTRY),
    ).toThrow('bring more water than the feed may hold');
  });
});

describe.each([
  ['liquid', LIQUID],
  ['stiff', STIFF],
] as const)('%s', (_, fed) => {
  const cases = [12, 15, 18, 21, 24, 27, 30].flatMap((tempC) =>
    [3, 4.5, 6, 8, 10, 12, 16, 20, 24].map((hours) => ({ tempC, hours })),
  );
  test.each(cases)(
    '$hours h at $tempC °C is met within five minutes, or its bound is said',
    ({ tempC, hours }) => {
      const feeding = new Feeding(feedOf(jarWith(2000, fed), fed, tempC), SHOP);
      const readyMs = T0 + hours * MS_PER_HOUR;
      const answer = feeding.forHour(readyMs, 500);
      const { earliestMs, latestMs } = answer.feasibleMs;
      if (answer.bound === null) {
        // The same feed by steps half as long as those that are shown.
        const halved = feeding.with(answer.feed.amounts.motherG, 500, {
          withBand: false,
          stepH: 0.025,
        });
        const missed = ((ripeMs(halved.forecast) ?? 0) - readyMs) / MS_PER_HOUR;
        expect(Math.abs(missed) * MINUTES).toBeLessThan(5);
        return;
      }
      if (answer.bound.kind === 'too early') expect(latestMs).toBeLessThan(readyMs);
      else if (answer.bound.kind === 'too late') expect(earliestMs).toBeGreaterThan(readyMs);
      else throw new Error(`not a bound of time: ${answer.bound.kind}`);
    },
  );
});

test('both outcomes are on the grid', () => {
  const met = (tempC: number, hours: number) =>
    new Feeding(feedOf(jarWith(2000, LIQUID), LIQUID, tempC), SHOP).forHour(
      T0 + hours * MS_PER_HOUR,
      500,
    ).bound;
  expect(met(24, 8)).toBeNull();
  expect(met(30, 24)).toMatchObject({ kind: 'too early' });
  expect(met(12, 3)).toMatchObject({ kind: 'too late' });
});

test('a jar too short says so, and what all of it gives', () => {
  const feeding = new Feeding(feedOf(jarWith(20, LIQUID), LIQUID, 22), SHOP);
  const answer = feeding.forHour(T0 + 6 * MS_PER_HOUR, 500);
  expect(answer.bound).toMatchObject({ kind: 'jar too short', thereG: 20 });
  expect(answer.feed.amounts.motherG).toBe(20);
  expect(answer.missedH).toBeGreaterThan(0);
  expect(massOf(answer.feed.forecast.story.lot.composition)).toBeCloseTo(500, 6);
});

test('a draft forecasts what the journal forecasts once it is written', () => {
  const begun = new Feeding(feedOf(jarWith(2000, LIQUID), LIQUID, 22), SHOP).with(20, 200, {
    withBand: false,
  });
  const done = (act: ActOf<'make'>, atMs: number) => ({
    entryId: act.lotId,
    atMs,
    act,
    by: null,
    bakeId: null,
    fulfils: null,
    batch: act.lotId,
  });
  const forecast = (acts: ReturnType<typeof done>[]) =>
    forecastShop({
      folded: { done: acts, plan: [] },
      nowMs: T0,
      visibleFromMs: T0 - MS_PER_HOUR,
      places: SHOP.places,
      pantry: SHOP.pantry,
      withBands: false,
    }).lots;
  const first = done({ ...begun.act, lotId: 'S1', portions: [] }, T0 - 9 * MS_PER_HOUR);
  const mother = forecast([first]).get('S1');
  if (mother === undefined) throw new Error('the mother is on the Tide');
  const jar = jarOf(mother, T0, { speed: 1, lnSd: 0.1 });
  const atMs = T0 + 2 * MS_PER_HOUR;
  const { feed } = new Feeding({ ...feedOf(jar, LIQUID, 22), atMs }, SHOP).forHour(
    T0 + 11 * MS_PER_HOUR,
    400,
  );
  const written = forecast([first, done(feed.act, atMs)]).get('S2');
  expect(totals(written?.story.lot.composition ?? {}, PANTRY).flourG).toBeCloseTo(200, 6);
  const apart = (written?.window.bestMs ?? 0) - (feed.forecast.window.bestMs ?? 0);
  expect(Math.abs(apart) / MS_PER_MINUTE).toBeLessThan(1);
});
