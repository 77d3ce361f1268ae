import { FORTY_BALLS, PANTRY } from '../../../tests/fixtures/baking';
import fc from 'fast-check';
import type { Pantry } from '../composition';
import { poolishMethod } from '../methods';
import { fromLocalText, hoursBetween, MS_PER_MINUTE } from '../units';
import { isWorking, planMethod, planWithBallsAt, type MethodPlan, type MethodRequest } from '.';

const zone = 'Europe/Oslo';
const pantry: Pantry = new Map([...PANTRY, ['oil', { kind: 'oil', id: 'oil', name: 'Oil' }]]);

/** Forty balls from a poolish, as the short form asks for them. */
const METHOD = poolishMethod({
  name: 'Friday',
  formula: { ...FORTY_BALLS, lossShare: 0.015 },
  poolishPlaceId: 'bench',
  doughPlaceId: 'bench',
  mixedBy: 'mixer',
});

function request(changes: Partial<MethodRequest> & { roomC?: number } = {}): MethodRequest {
  const { roomC = 21, ...rest } = changes;
  return {
    method: METHOD,
    name: 'Friday',
    readyFromMs: fromLocalText('2026-11-27T18:00', zone),
    readyToMs: fromLocalText('2026-11-27T20:00', zone),
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
    sources: [],
    withBands: false,
    ...rest,
  };
}

const planned = (changes: Partial<MethodRequest> & { roomC?: number } = {}): MethodPlan => {
  const plan = planMethod(request(changes));
  if (plan.kind !== 'plan') throw new Error(`no plan: ${plan.because}`);
  return plan;
};
const poolishOf = (plan: MethodPlan) => plan.leavens[0]!;
/** Minutes from a plan’s mix to the best of its poolish. */
const bestOffMin = (plan: MethodPlan) =>
  Math.abs(poolishOf(plan).forecast.window.bestMs! - plan.mixAtMs) / MS_PER_MINUTE;

describe('forty balls for Friday 18:00 from a poolish at 21 °C', () => {
  const plan = planned();

  test('moments stand in order, the poolish within working hours', () => {
    expect(poolishOf(plan).atMs!).toBeLessThan(plan.mixAtMs);
    expect(plan.mixAtMs).toBeLessThan(plan.ballAtMs);
    expect(plan.ballAtMs).toBeLessThan(request().readyFromMs);
    expect(isWorking(poolishOf(plan).atMs!, request().workingHours, zone)).toBe(true);
  });

  test('the poolish is best within five minutes of the mix, the balls are open when the service starts', () => {
    const { readyFromMs, readyToMs } = request();
    expect(bestOffMin(plan)).toBeLessThan(5);
    expect(plan.balls.window.opensMs!).toBeLessThan(readyFromMs);
    expect(plan.balls.window.closesMs!).toBeGreaterThan(readyToMs - 30 * MS_PER_MINUTE);
  });
});

/** A plan whose poolish has so many hours to a mix that is held, weighed as fine as can be. */
const heldFor = (roomC: number, hours: number) => {
  const mixAtMs = fromLocalText('2026-11-27T14:00', zone);
  return planned({
    roomC,
    nowMs: mixAtMs - 24 * 3_600_000,
    held: { mixAtMs, leavenAtMs: { poolish: mixAtMs - hours * 3_600_000 } },
    steps: { scaleStepG: 1, fineStepG: 1e-6 },
    readyFromMs: mixAtMs + 12_000_000,
    readyToMs: mixAtMs + 24_000_000,
  });
};

describe('the dose found hits the mix', () => {
  const expectHit = (roomC: number, hours: number) => {
    const plan = heldFor(roomC, hours);
    const dose = poolishOf(plan).raisedBy!;
    const offH = hoursBetween(plan.mixAtMs, poolishOf(plan).forecast.window.bestMs!);
    // At a bound of what is ever dosed it comes as near as it can: the most yeast late, the least early.
    if (dose > 0.0299) expect(offH).toBeGreaterThan(-0.05);
    else if (dose < 0.000101) expect(offH).toBeLessThan(0.05);
    else expect(Math.abs(offH) * 60).toBeLessThan(3);
  };

  test('from 12 to 30 °C and 5 to 20 h, where there is one', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 12, max: 30 }),
        fc.double({ min: 5, max: 20, noNaN: true }),
        expectHit,
      ),
      { numRuns: 12 },
    );
  });

  test.each([
    [12, 9.17],
    [12, 12],
    [13, 9],
    [14, 9],
    [16, 7],
  ])(
    'at %d °C in %d h, where what is dosed first opens in time and is best hours later',
    expectHit,
  );
});

test('a longer poolish takes less yeast, a warmer room less', () => {
  const dose = (roomC: number, hours: number) => poolishOf(heldFor(roomC, hours)).raisedBy!;
  expect(dose(21, 14)).toBeLessThan(dose(21, 9));
  expect(dose(24, 10)).toBeLessThan(dose(20, 10));
});

test('moments that the baker holds are kept, the dose follows', () => {
  const mixAtMs = fromLocalText('2026-11-27T14:00', zone);
  const held = planned({ held: { mixAtMs } });
  expect(held.mixAtMs).toBe(mixAtMs);
  const leavenAtMs = { poolish: fromLocalText('2026-11-26T21:00', zone) };
  const earlier = planned({ held: { mixAtMs, leavenAtMs } });
  expect(poolishOf(earlier).atMs).toBe(leavenAtMs.poolish);
  expect(poolishOf(earlier).raisedBy!).toBeLessThan(poolishOf(held).raisedBy!);
});

test('balls that are held are made at that hour, the mix stays, the bulk is as long as that leaves it', () => {
  const plan = planned();
  for (const byMin of [-30, 45, 300]) {
    const ballAtMs = plan.ballAtMs + byMin * MS_PER_MINUTE;
    const held = planWithBallsAt(request(), ballAtMs);
    if (held.kind !== 'plan') throw new Error(held.because);
    expect(held.ballAtMs).toBeCloseTo(ballAtMs, -3);
    expect(held.mixAtMs).toBe(plan.mixAtMs);
  }
  expect(planWithBallsAt(request(), plan.mixAtMs)).toMatchObject({
    because: 'a step can not be',
    says: expect.stringMatching(/^Bulk: .*\.$/),
  });
});

test('a yeast that was learned to be slower gets a higher dose', () => {
  const slower = planned({
    cultureSpeeds: new Map([['bakers-yeast', { speed: 0.85, lnSd: 0.05 }]]),
  });
  expect(poolishOf(slower).raisedBy!).toBeGreaterThan(1.2 * poolishOf(planned()).raisedBy!);
  expect(bestOffMin(slower)).toBeLessThan(5);
});

describe('what can not work', () => {
  test('a bake in the past', () => {
    expect(planMethod(request({ nowMs: fromLocalText('2026-11-27T19:00', zone) }))).toMatchObject({
      kind: 'infeasible',
      because: 'bake in the past',
    });
  });
  test('too late for a poolish: says the earliest hour, which can then be planned', () => {
    const nowMs = fromLocalText('2026-11-27T14:00', zone);
    const late = planMethod(request({ nowMs }));
    if (late.kind !== 'infeasible') throw new Error('should not fit');
    expect(late.because).toBe('too late to start');
    expect(late.earliestReadyMs!).toBeGreaterThan(fromLocalText('2026-11-27T18:00', zone));
    const readyFromMs = late.earliestReadyMs! + 40 * MS_PER_MINUTE;
    expect(
      planMethod(request({ nowMs, readyFromMs, readyToMs: readyFromMs + 7_200_000 })).kind,
    ).toBe('plan');
  });
  test.each([-15, 0, 2, 400])(
    'a room at %p °C gets a plan or a reason, never figures that are none',
    (roomC) => {
      let answer;
      try {
        answer = planMethod(request({ roomC }));
      } catch (error) {
        expect(String(error)).toContain('is not possible');
        return;
      }
      if (answer.kind === 'plan') expect(Number.isFinite(answer.mixAtMs)).toBe(true);
      else expect(answer.earliestReadyMs ?? 0).toBeLessThan(Infinity);
    },
  );
  test('moments out of order, and an end before its start', () => {
    const mixAtMs = fromLocalText('2026-11-27T14:00', zone);
    expect(
      planMethod(request({ held: { mixAtMs, leavenAtMs: { poolish: mixAtMs + 1 } } })),
    ).toMatchObject({
      because: 'moments out of order',
    });
    expect(planMethod(request({ readyToMs: 0 }))).toMatchObject({
      because: 'ends before it starts',
    });
  });
  test('a service longer than the balls last is planned, with the minutes they are slack', () => {
    const long = planned({ roomC: 26, readyToMs: fromLocalText('2026-11-27T22:30', zone) });
    expect(long.remarks).toContainEqual({ kind: 'balls slack', minutes: expect.any(Number) });
  });
});
