import { demandFor, planningShop } from '../../../../tests/fixtures/planning';
import { isAct } from '../../journal';
import { WISHES, pointsOf } from './cost';
import { atNight } from './costs-of-plan';
import { smallestBlocking } from './knots';
import { countOutturns, oddsOf, type Outturn } from './odds';
import { drawnTruths } from './drawn-truths';
import { proposalsOf } from './propose';
import { oddsQuestion } from './plan-odds';

const shop = planningShop();
const proposal = (hours: number) => {
  const demand = demandFor('2026-11-27T18:00', ['poolish-day']);
  const readyToMs = demand.readyFromMs + hours * 3_600_000;
  const found = proposalsOf({ ...demand, readyToMs }, demand.methods[0]!, shop, 0);
  if (found.kind !== 'proposals') throw new Error('no plan');
  return found.proposals[0]!;
};

test('truths fill every doubt evenly, none is drawn twice, the same number draws the same', () => {
  const truths = drawnTruths(40);
  const speeds = truths.map((one) => one.truth.speedZ).sort((a, b) => a - b);
  expect(speeds[0]).toBeLessThan(-2);
  expect(speeds.reduce((sum, z) => sum + z, 0)).toBeCloseTo(0, 4);
  expect(new Set(speeds).size).toBe(40);
  expect(drawnTruths(40)).toEqual(truths);
});

test('a service is held only where every half hour is, and a leaven counts for itself', () => {
  const half = (...states: Outturn['halfHours']) => states;
  const outturns: Outturn[] = [
    { leavenRipe: true, halfHours: half('ready', 'ready') },
    { leavenRipe: true, halfHours: half('young', 'ready') },
    { leavenRipe: false, halfHours: half('ready', 'ready') },
    { leavenRipe: true, halfHours: half('ready', 'slack') },
  ];
  const whole = { fromMs: 0, toMs: 3_600_000 };
  const service = { readyFromMs: 0, readyToMs: 3_600_000, pieces: [{ lotId: 'B', ...whole }] };
  expect(countOutturns(service, outturns)).toMatchObject({
    leaven: 0.75,
    service: 0.5,
    both: 0.25,
    halfHours: [
      { ready: 0.75, young: 0.25, slack: 0 },
      { ready: 0.75, young: 0, slack: 0.25 },
    ],
  });
});

test('a longer service is never surer than a shorter one by the same plan', () => {
  const long = proposal(3);
  const question = oddsQuestion(long, 24);
  const short = { ...question, readyToMs: question.readyFromMs + 3_600_000 };
  const odds = (asked: typeof question) => oddsOf(asked, long.request).service;
  expect(odds(short)).toBeGreaterThanOrEqual(odds(question));
});

test('a place that is better known makes a leaven at its peak surer, never less sure', () => {
  const plan = proposal(1);
  const question = oddsQuestion(plan, 40);
  const known = [...plan.request.places].map(
    ([id, one]) => [id, { ...one, offsetSdC: 0.05 }] as const,
  );
  const better = oddsOf(question, { ...plan.request, places: new Map(known) });
  expect(better.leaven).toBeGreaterThanOrEqual(oddsOf(question, plan.request).leaven);
});

test('waves come out one after the other, each opens before its turn, all balls are there', () => {
  const waved = proposal(3);
  const waves = waved.plan.waves!;
  expect(waves.length).toBeGreaterThan(1);
  expect(waves.reduce((sum, wave) => sum + wave.count, 0)).toBe(30);
  const outs = waved.plan.steps.filter((step) => isAct(step.act, 'move')).map((step) => step.atMs);
  expect(outs).toEqual([...outs].sort((a, b) => a - b));
  waves.forEach((wave, index) => {
    const { window } = waved.plan.pieces[index]!;
    expect(window.opensMs!).toBeLessThanOrEqual(wave.fromMs);
    expect(window.closesMs!).toBeGreaterThanOrEqual(wave.toMs);
    expect(wave.fromMs % 300_000).toBe(0);
  });
});

test('points grow with everything that costs, and a night weighs most for who wants to sleep', () => {
  const costs = { handsMin: 60, nightMoments: 0, moves: 1, discardG: 0, trips: 4, offPeakMin: 0 };
  const odds = { leaven: 0.9, service: 0.8 };
  for (const weights of Object.values(WISHES)) {
    const points = (changes: Partial<typeof costs>) =>
      pointsOf(odds, { ...costs, ...changes }, weights);
    const plain = points({});
    for (const more of [{ nightMoments: 1 }, { moves: 3 }, { discardG: 200 }, { offPeakMin: 60 }]) {
      expect(points(more)).toBeGreaterThan(plain);
    }
    expect(pointsOf({ ...odds, service: 0.7 }, costs, weights)).toBeGreaterThan(plain);
  }
  const night = (weights: (typeof WISHES)[keyof typeof WISHES]) =>
    pointsOf(odds, { ...costs, nightMoments: 1 }, weights) - pointsOf(odds, costs, weights);
  expect(night(WISHES.sleep)).toBeGreaterThan(night(WISHES['sure dough']));
});

test.each([
  ['2026-11-27T23:00+01:00', true],
  ['2026-11-27T04:59+01:00', true],
  ['2026-11-27T05:00+01:00', false],
  ['2026-11-27T22:59+01:00', false],
])('%s is night: %s', (text, night) => {
  expect(atNight(Date.parse(text), 'Europe/Oslo')).toBe(night);
});

test('the smallest set that blocks every plan is found, the first of its size', () => {
  const sets = (...all: string[][]) => all.map((one) => new Set(one));
  expect(smallestBlocking(['a', 'b', 'c'], sets(['a', 'b'], ['b', 'c']))).toEqual(['b']);
  expect(smallestBlocking(['a', 'b', 'c'], sets(['a'], ['b', 'c']))).toEqual(['a', 'b']);
  expect(smallestBlocking(['a', 'b'], sets(['a'], ['b']))).toEqual(['a', 'b']);
});
