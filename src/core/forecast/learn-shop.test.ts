import { BALL, doneAtHour, MIX, PANTRY, PLACES, POOLISH, T0 } from '../../../tests/fixtures/baking';
import type { Act, Reading } from '../journal';
import { doughTemperatureC } from '../thermal';
import {
  learnLoss,
  learnMixerHeat,
  learnOffset,
  LOSS_PRIOR,
  MIXER_PRIOR,
  mixParts,
} from './learn-shop';
import { tellStories } from './stories';

const H = 3_600_000;
const DAY_H = 24;

describe('offset of a place', () => {
  const reading = (day: number, tempC: number, placeId = 'fridge'): Reading => ({
    entryId: `${day} ${tempC}`,
    atMs: T0 + day * DAY_H * H,
    placeId,
    tempC,
  });
  const learn = (readings: readonly Reading[]) =>
    learnOffset(PLACES, 'fridge', readings, T0 + 30 * DAY_H * H);

  test('a fridge that is 1.5 °C warmer than set is known after a week of mornings', () => {
    const mornings = [0, 1, 2, 3, 4, 5, 6].map((day) => reading(day, 5.5 + (day % 2 ? 0.4 : -0.4)));
    const { mean, variance, lessons } = learn(mornings);
    expect(Math.abs(mean - 1.5)).toBeLessThan(0.2);
    expect(Math.sqrt(variance)).toBeLessThan(0.4);
    expect(lessons).toHaveLength(7);
  });
  test('a day’s readings count as one, another place’s not at all', () => {
    const dense = Array.from({ length: 100 }, (_, i) => ({
      ...reading(0, 7),
      atMs: T0 + i * 60_000,
    }));
    const { mean, lessons } = learn([...dense, reading(1, 25, 'bench')]);
    expect(lessons).toHaveLength(1);
    expect(mean).toBeGreaterThan(2);
    expect(mean).toBeLessThan(3);
  });
  test('a thermometer left in the sun does not wreck it', () => {
    const mornings = [0, 1, 2, 3, 4].map((day) => reading(day, 5));
    expect(Math.abs(learn([...mornings, reading(5, 38)]).mean - 1)).toBeLessThan(0.8);
  });
  test('a room is followed through the seasons, and unsure again after a winter without a thermometer', () => {
    const swingC = (week: number) => 2 * Math.sin((2 * Math.PI * week) / 52);
    const upTo = (weeks: number) =>
      Array.from({ length: weeks }, (_, week) => reading(7 * week, 21 + swingC(week), 'bench'));
    const at = (readings: readonly Reading[], week: number, place = 'bench') =>
      learnOffset(PLACES, place, readings, T0 + week * 7 * DAY_H * H);
    const setC = PLACES.get('bench')!.settings[0]!.tempC;
    for (const week of [13, 26, 39, 52]) {
      const { mean } = at(upTo(week), week);
      expect(Math.abs(mean - (21 - setC + swingC(week - 1)))).toBeLessThan(0.7);
    }
    const [fresh, old] = [at(upTo(13), 13), at(upTo(13), 39)];
    expect(Math.sqrt(old.variance)).toBeGreaterThan(1.2);
    expect(Math.sqrt(fresh.variance)).toBeLessThan(0.5);
    // A fridge keeps what it was set to.
    const cold = upTo(13).map((one) => ({ ...one, placeId: 'fridge', tempC: 5 }));
    expect(Math.sqrt(at(cold, 39, 'fridge').variance)).toBeLessThan(0.8);
  });
  test('a place that the shop does not have is refused', () => {
    expect(() => learnOffset(PLACES, 'attic', [], T0)).toThrow('"attic"');
  });
});

/** Doughs mixed on some days by a mixer that warms by so much. */
function mixes(days: readonly number[], truthC: number, change: Partial<typeof MIX> = {}) {
  return days.flatMap((day) => {
    const poolish = { ...POOLISH, lotId: `P${day}` };
    const mix = { ...MIX, lotId: `D${day}`, portions: [{ lotId: `P${day}`, massG: 2004.5 }] };
    const acts = [doneAtHour(day * DAY_H, poolish)];
    const { byLot } = tellStories(acts);
    const atMs = T0 + (day * DAY_H + 12) * H;
    const shop = { places: PLACES, pantry: PANTRY };
    const { parts, waterG } = mixParts(mix, atMs, byLot, shop);
    const startC = doughTemperatureC(parts, { waterG, waterC: 16 }, truthC);
    const done: Act = { ...mix, startC, waterC: 16, mixedBy: 'mixer', ...change };
    return [...acts, doneAtHour(day * DAY_H + 12, done)];
  });
}
const asked = (done: ReturnType<typeof mixes>) => ({
  done,
  places: PLACES,
  pantry: PANTRY,
  nowMs: T0 + 20 * DAY_H * H,
  mixerFromMs: -Infinity,
  lossFromMs: -Infinity,
});

describe('heat of the mixer', () => {
  test('is found from the water and the dough that were measured', () => {
    const { mean, lessons } = learnMixerHeat(asked(mixes([0, 1, 2, 3, 4, 5], 5)));
    expect(mean).toBeCloseTo(5, 0);
    expect(lessons).toHaveLength(6);
    expect(lessons[0]!.bookError).toBeCloseTo(2, 6);
    expect(lessons.at(-1)!.learnedError).toBeLessThan(0.5);
  });
  test('doughs mixed by hand, and water that was not measured, teach nothing', () => {
    expect(learnMixerHeat(asked(mixes([0, 1], 5, { mixedBy: 'hand' }))).mean).toBe(
      MIXER_PRIOR.mean,
    );
    const blind = asked(mixes([0], 5)).done.map((one) => {
      if (one.act.kind !== 'make') return one;
      const act = { ...one.act };
      delete act.waterC;
      return { ...one, act };
    });
    expect(learnMixerHeat(asked(blind)).lessons).toEqual([]);
  });
  test('after a reset only later doughs count', () => {
    const done = mixes([0, 1, 2], 6);
    const fresh = { ...asked(done), mixerFromMs: T0 + 40 * H };
    expect(learnMixerHeat(fresh).lessons).toHaveLength(1);
  });
});

describe('what stays in the bowl', () => {
  const balled = (ballG: number) => [
    doneAtHour(0, POOLISH),
    doneAtHour(12, MIX),
    doneAtHour(13, { ...BALL, ballG }),
  ];
  const doughG = 2300 + 1150 + 90 + 2004.5;
  test('is what the balls leave of the dough', () => {
    const { lessons, mean } = learnLoss(asked(balled(268)));
    expect(lessons[0]!.value).toBeCloseTo(1 - (20 * 268) / doughG, 9);
    expect(mean).toBeGreaterThan(LOSS_PRIOR.mean);
  });
  test('dough set aside for tomorrow is no loss', () => {
    expect(learnLoss(asked(balled(200))).lessons).toEqual([]);
  });
});
