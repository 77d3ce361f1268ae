import fc from 'fast-check';
import { PANTRY } from '../../../tests/fixtures/baking';
import type { Pantry } from '../composition';
import { fromLocalText, hoursBetween, MS_PER_MINUTE } from '../units';
import { isWorking, planBake, solveDose, type BakePlan, type PlanRequest } from '.';

const zone = 'Europe/Oslo';
const pantry: Pantry = new Map([...PANTRY, ['oil', { kind: 'oil', id: 'oil', name: 'Oil' }]]);

function request(changes: Partial<PlanRequest> & { roomC?: number } = {}): PlanRequest {
  const { roomC = 21, ...rest } = changes;
  return {
    formula: {
      balls: 40,
      ballG: 250,
      hydration: 0.65,
      saltShare: 0.028,
      oilShare: 0,
      prefermentedShare: 0.3,
      lossShare: 0.015,
      flourId: 'flour',
      yeastType: 'fresh',
    },
    name: 'Friday',
    readyFromMs: fromLocalText('2026-11-27T18:00', zone),
    readyToMs: fromLocalText('2026-11-27T20:00', zone),
    poolishPlaceId: 'bench',
    doughPlaceId: 'bench',
    held: {},
    nowMs: fromLocalText('2026-11-26T12:00', zone),
    places: new Map([
      ['bench', { id: 'bench', name: 'Bench', settings: [{ fromMs: 0, tempC: roomC }] }],
    ]),
    pantry,
    steps: { scaleStepG: 1, fineStepG: 0.1 },
    workingHours: { fromMinute: 360, untilMinute: 1320 },
    timeZone: zone,
    cultureSpeeds: new Map(),
    withBands: false,
    ...rest,
  };
}

const planned = (changes: Partial<PlanRequest> & { roomC?: number } = {}): BakePlan => {
  const plan = planBake(request(changes));
  if (plan.kind !== 'plan') throw new Error(`no plan: ${plan.because}`);
  return plan;
};

describe('forty balls for Friday 18:00 from a poolish at 21 °C', () => {
  const plan = planned();
  const { moments, forecast } = plan;

  test('moments stand in order, the poolish within working hours', () => {
    expect(moments.poolishAtMs).toBeLessThan(moments.mixAtMs);
    expect(moments.mixAtMs).toBeLessThan(moments.ballAtMs);
    expect(moments.ballAtMs).toBeLessThan(moments.readyFromMs);
    expect(isWorking(moments.poolishAtMs, request().workingHours, zone)).toBe(true);
  });

  test('the poolish is best within five minutes of the mix, the balls are open when the service starts', () => {
    expect(
      Math.abs(forecast.poolish.window.bestMs! - moments.mixAtMs) / MS_PER_MINUTE,
    ).toBeLessThan(5);
    expect(forecast.balls.window.opensMs!).toBeLessThan(moments.readyFromMs);
    expect(forecast.balls.window.closesMs!).toBeGreaterThan(moments.readyToMs - 30 * MS_PER_MINUTE);
  });
});

test('the dose found hits the mix: from 12 to 30 °C and 5 to 20 h, where there is one', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 12, max: 30 }),
      fc.double({ min: 5, max: 20, noNaN: true }),
      (roomC, hours) => {
        const one = request({ roomC });
        const mixAtMs = one.readyFromMs;
        const atMs = mixAtMs - hours * 3_600_000;
        const answer = solveDose(one, atMs, mixAtMs);
        if (answer.kind === 'out of range') {
          expect(hours < answer.shortestH || hours > answer.longestH).toBe(true);
          return;
        }
        const finer = planned({
          roomC,
          held: { poolishAtMs: atMs, mixAtMs },
          steps: { scaleStepG: 1, fineStepG: 1e-6 },
          readyFromMs: mixAtMs + 4e6 * 3,
          readyToMs: mixAtMs + 4e6 * 6,
        });
        expect(
          Math.abs(hoursBetween(mixAtMs, finer.forecast.poolish.window.bestMs!)) * 60,
        ).toBeLessThan(3);
      },
    ),
    { numRuns: 12 },
  );
});

test('a longer poolish takes less yeast, a warmer room less', () => {
  const dose = (roomC: number, hours: number) => {
    const one = request({ roomC });
    const answer = solveDose(one, one.readyFromMs - hours * 3_600_000, one.readyFromMs);
    return answer.kind === 'dose' ? answer.freshShare : NaN;
  };
  expect(dose(21, 14)).toBeLessThan(dose(21, 9));
  expect(dose(24, 10)).toBeLessThan(dose(20, 10));
});

test('moments that the baker holds are kept, the dose follows', () => {
  const mixAtMs = fromLocalText('2026-11-27T14:00', zone);
  const held = planned({ held: { mixAtMs } });
  expect(held.moments.mixAtMs).toBe(mixAtMs);
  const earlier = planned({
    held: { mixAtMs, poolishAtMs: fromLocalText('2026-11-26T21:00', zone) },
  });
  expect(earlier.freshShare).toBeLessThan(held.freshShare);
});

test('a yeast that was learned to be slower gets a higher dose', () => {
  const slower = planned({
    cultureSpeeds: new Map([['bakers-yeast', { speed: 0.85, lnSd: 0.05 }]]),
  });
  expect(slower.freshShare).toBeGreaterThan(1.2 * planned().freshShare);
  const off = slower.forecast.poolish.window.bestMs! - slower.moments.mixAtMs;
  expect(Math.abs(off) / MS_PER_MINUTE).toBeLessThan(5);
});

describe('what can not work', () => {
  test('a bake in the past', () => {
    expect(planBake(request({ nowMs: fromLocalText('2026-11-27T19:00', zone) }))).toMatchObject({
      kind: 'infeasible',
      because: 'bake in the past',
    });
  });
  test('too late for a poolish: says the earliest hour, which can then be planned', () => {
    const nowMs = fromLocalText('2026-11-27T14:00', zone);
    const late = planBake(request({ nowMs }));
    if (late.kind !== 'infeasible') throw new Error('should not fit');
    expect(late.because).toBe('too late to start');
    expect(late.earliestReadyMs!).toBeGreaterThan(fromLocalText('2026-11-27T18:00', zone));
    const readyFromMs = late.earliestReadyMs! + 40 * MS_PER_MINUTE;
    expect(planBake(request({ nowMs, readyFromMs, readyToMs: readyFromMs + 7_200_000 })).kind).toBe(
      'plan',
    );
  });
  test.each([-15, 0, 2, 400])(
    'a room at %p °C gets a plan or a reason, never figures that are none',
    (roomC) => {
      let answer;
      try {
        answer = planBake(request({ roomC }));
      } catch (error) {
        expect(String(error)).toContain('is not possible');
        return;
      }
      if (answer.kind === 'plan') expect(Number.isFinite(answer.moments.poolishAtMs)).toBe(true);
      else expect(answer.earliestReadyMs ?? 0).toBeLessThan(Infinity);
    },
  );
  test('moments out of order, and an end before its start', () => {
    const mixAtMs = fromLocalText('2026-11-27T14:00', zone);
    expect(planBake(request({ held: { mixAtMs, poolishAtMs: mixAtMs + 1 } }))).toMatchObject({
      because: 'moments out of order',
    });
    expect(planBake(request({ readyToMs: 0 }))).toMatchObject({ because: 'ends before it starts' });
  });
  test('a service longer than the balls last is planned, with the minutes they are slack', () => {
    const long = planned({ roomC: 26, readyToMs: fromLocalText('2026-11-27T22:30', zone) });
    expect(long.remarks.find((one) => one.kind === 'balls slack')?.minutes).toBeGreaterThan(60);
  });
});
