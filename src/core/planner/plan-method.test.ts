import {
  at,
  methodOf,
  place,
  PLACES,
  planned,
  request,
  ZONE,
} from '../../../tests/fixtures/method-plans';
import { FLOURS } from '../../../tests/fixtures/doughs';
import { startingMethods, methodSchema, type Method } from '../methods';
import { massOf } from '../composition';
import { hoursBetween, MS_PER_MINUTE } from '../units';
import { blendOf, enduranceOf } from '../flour';
import { forecastActs } from './forecast-acts';
import type { Refreshment } from './refreshments';
import { hoursAtShare, isWorking, planMethod, wearOf, type MethodRequest } from '.';

test('a dozen and more starting methods, each a method, each with its own name and its line', () => {
  expect(startingMethods().length).toBeGreaterThanOrEqual(12);
  expect(new Set(startingMethods().map((one) => one.method.name)).size).toBe(
    startingMethods().length,
  );
  for (const one of startingMethods()) {
    expect(methodSchema.safeParse(one.method).error).toBeUndefined();
    expect(one.method.says.length).toBeGreaterThan(10);
  }
});

describe.each(startingMethods().map((one) => one.id))('%s', (id) => {
  const plan = planned(id);

  test('is planned in order, its leavens ripe at the mix', () => {
    const atMs = plan.steps.map((step) => step.atMs);
    expect([...atMs].sort((a, b) => a - b)).toEqual(atMs);
    expect(plan.mixAtMs).toBeLessThan(plan.ballAtMs);
    for (const leaven of plan.leavens) {
      if (leaven.atMs === null) continue;
      expect(leaven.atMs).toBeLessThan(plan.mixAtMs);
      const { opensMs, closesMs } = leaven.forecast.window;
      expect(opensMs).not.toBeNull();
      // Plans stand on whole minutes.
      expect(opensMs!).toBeLessThan(plan.mixAtMs + 60_000);
      expect(closesMs ?? Infinity).toBeGreaterThanOrEqual(plan.mixAtMs);
    }
  });

  test('has its balls open when the service starts', () => {
    expect(plan.remarks.filter((one) => one.kind === 'balls late')).toEqual([]);
  });

  test('weighs what its columns say, and what is weighed is divided', () => {
    const mix = plan.steps.find(
      (step) => step.act.kind === 'make' && step.act.lotKind === 'dough',
    )!;
    if (mix.act.kind !== 'make') throw new Error('no mix');
    const weighed =
      mix.act.ingredients.reduce((sum, line) => sum + line.massG, 0) +
      mix.act.portions.reduce((sum, line) => sum + line.massG, 0);
    expect(weighed).toBeCloseTo(plan.columns.wholeG, 4);
    const divided = plan.steps.reduce(
      (sum, { act }) => sum + (act.kind === 'divide' ? act.count * act.ballG : 0),
      0,
    );
    expect(divided).toBeLessThanOrEqual(weighed);
    expect(divided).toBeGreaterThan(weighed * 0.97);
    expect(massOf(plan.dough.story.lot.composition)).toBeCloseTo(weighed, 3);
  });
});

test('a leaven with a best is best within minutes of the mix, built while somebody works', () => {
  for (const id of ['poolish-day', 'biga-cellar', 'levain-liquid', 'sponge']) {
    const [leaven] = planned(id).leavens;
    const plan = planned(id);
    const bestMs = leaven!.forecast.window.bestMs ?? leaven!.forecast.window.opensMs!;
    expect(Math.abs(bestMs - plan.mixAtMs) / MS_PER_MINUTE).toBeLessThan(16);
    expect(isWorking(leaven!.atMs!, request(methodOf(id)).workingHours, ZONE)).toBe(true);
  }
});

test('an hour held is kept and the dose follows; another seed follows another hour', () => {
  const mixAtMs = at('2026-11-27T12:00');
  const early = planned('poolish-day', {
    held: { mixAtMs, leavenAtMs: { poolish: at('2026-11-27T03:00') } },
  });
  const late = planned('poolish-day', {
    held: { mixAtMs, leavenAtMs: { poolish: at('2026-11-27T06:00') } },
  });
  expect(early.mixAtMs).toBe(mixAtMs);
  expect(late.leavens[0]!.raisedBy!).toBeGreaterThan(1.5 * early.leavens[0]!.raisedBy!);
  const levain = (hour: string) =>
    planned('levain-liquid', { held: { mixAtMs, leavenAtMs: { levain: at(hour) } } }).leavens[0]!;
  expect(levain('2026-11-27T07:00').raisedBy!).toBeGreaterThan(
    levain('2026-11-27T04:00').raisedBy!,
  );
});

test('balls out of the cold leave it early enough, in a cool room and in a warm one', () => {
  const readyMs = at('2026-11-27T18:00');
  for (const tempC of [18, 21, 25]) {
    const bench = place('bench', tempC);
    const places = [...PLACES.filter((one) => one.id !== 'bench'), bench];
    const plan = planned('levain-stiff', { places: new Map(places.map((one) => [one.id, one])) });
    const move = plan.steps
      .filter((step) => step.act.kind === 'move' && step.act.lotId === 'pieces:0')
      .at(-1)!;
    const { opensMs, closesMs } = plan.lots.get('pieces:0')!.window;
    expect(hoursBetween(move.atMs, readyMs)).toBeGreaterThanOrEqual(2);
    expect(opensMs!).toBeLessThan(readyMs + 60_000);
    expect(closesMs!).toBeGreaterThan(readyMs);
  }
});

test('too late, in the past, upside down: said, with the earliest hour', () => {
  const plan = (changes: Partial<MethodRequest>) =>
    planMethod(request(methodOf('poolish-day'), changes));
  const late = plan({ nowMs: at('2026-11-27T13:00') });
  if (late.kind !== 'infeasible') throw new Error('should not fit');
  expect(late.because).toBe('too late to start');
  expect(late.earliestReadyMs!).toBeGreaterThan(at('2026-11-27T18:00'));
  expect(plan({ nowMs: at('2026-11-27T19:00') })).toMatchObject({ because: 'bake in the past' });
  expect(plan({ readyToMs: 0 })).toMatchObject({ because: 'ends before it starts' });
});

test('three products are divided and used each for itself, and one that does not keep is told', () => {
  const plan = planned('one-dough-three');
  const kinds = plan.steps.map((step) => step.act.kind);
  expect(kinds.filter((kind) => kind === 'divide')).toHaveLength(3);
  expect(kinds.filter((kind) => kind === 'use')).toHaveLength(3);
  const method = methodOf('one-dough-three');
  const short: Method = {
    ...method,
    target: { by: 'products', products: [{ name: 'Balls', count: 20, weightG: 250, keepsH: 2 }] },
  };
  const told = planMethod(request(short));
  expect(told.kind === 'plan' && told.remarks).toContainEqual({
    kind: 'keeps too short',
    product: 'Balls',
    keepsH: 2,
  });
});

test('more of a leaven is a faster dough; what has no water left for it is said', () => {
  const one = request(methodOf('poolish-day'));
  const hours = (flourShare: number) =>
    hoursAtShare(one, 'poolish', { kind: 'poolish', flourShare }).opensH!;
  expect(hours(0.1)).toBeGreaterThan(hours(0.25));
  expect(hours(0.25)).toBeGreaterThan(hours(0.5));
  const much = hoursAtShare(one, 'poolish', { kind: 'poolish', flourShare: 0.9 });
  expect(much.opensH).toBeNull();
  expect(much.why).toContain('Water: the leavens bring');
  for (const kind of [
    'biga',
    'sponge',
    'levain',
    'stiff levain',
    'carry-over',
    'starter',
  ] as const) {
    expect(hoursAtShare(one, 'poolish', { kind, flourShare: 0.2 }).opensH).toBeGreaterThan(0.5);
  }
});

test('the wear of a plan’s stages is the fall of gluten in its runs', () => {
  const plan = planned('poolish-day');
  const blend = blendOf(plan.method.dough.flours, FLOURS);
  const service = { fromMs: at('2026-11-27T18:00'), toMs: at('2026-11-27T19:30') };
  const used = wearOf(plan, service, blend);
  expect(used.map((stage) => stage.name)).toEqual(['Poolish', 'bulk', 'balls', 'service']);
  const endurance = enduranceOf(blend, used, { saltShare: 0.027 });
  expect(endurance.usedH).toBeGreaterThan(hoursBetween(plan.mixAtMs, service.toMs));
  expect(endurance.usedH).toBeLessThan(endurance.lastsH / 2);
  const weak = { ...blend, strengthW: 120 };
  expect(enduranceOf(weak, wearOf(plan, service, blend), { saltShare: 0.027 }).lastsH).toBeLessThan(
    endurance.lastsH / 2,
  );
});

test('balls that are balled again open later', () => {
  const method = methodOf('poolish-day');
  const held = { mixAtMs: at('2026-11-27T12:00') };
  const opens = (reball: boolean) => {
    const plan = planMethod(request({ ...method, reball }, { held }));
    if (plan.kind !== 'plan') throw new Error(plan.because);
    expect(plan.steps.some((step) => step.act.kind === 'work')).toBe(reball);
    return plan.balls.window.opensMs!;
  };
  expect(opens(true)).toBeGreaterThan(opens(false));
});

test('feeds in a row lie where somebody works, and are as ripe when they are taken as ever', () => {
  const levain = methodOf('levain-liquid');
  const method: Method = { ...levain, refreshments: { count: 3, everyH: 10 } };
  const asked = request(method);
  const plan = planMethod(asked);
  if (plan.kind !== 'plan') throw new Error(plan.because);
  const hours = plan.refreshments.map((one) => one.atMs);
  expect(hours).toHaveLength(3);
  const works = (atMs: number) => isWorking(atMs, asked.workingHours, asked.timeZone);
  expect(hours.map(works)).toEqual([true, true, true]);
  const builtMs = plan.leavens[0]!.atMs!;
  const between = [...hours.slice(1), builtMs].map((atMs, i) => hoursBetween(hours[i]!, atMs));
  // Nobody is there for seven hours a night: not all of them are ten hours apart, none further than a feed can be.
  expect(between).not.toEqual([10, 10, 10]);
  expect(Math.max(...between)).toBeLessThanOrEqual(16);
  // The longer the hours, the less mother to its flour.
  const thick = plan.refreshments.map((one) => one.motherG / one.flourG);
  const longest = between.indexOf(Math.max(...between));
  const shortest = between.indexOf(Math.min(...between));
  expect(thick[longest]).toBeLessThan(thick[shortest]!);
});

test('feeds in a row before a levain: each gives what the next takes, and is best when it is taken', () => {
  const levain = methodOf('levain-liquid');
  const method: Method = { ...levain, refreshments: { count: 2, everyH: 6 } };
  const plan = planMethod(request(method));
  if (plan.kind !== 'plan') throw new Error(plan.because);
  const [first, second] = plan.refreshments as [Refreshment, Refreshment];
  const builtMs = plan.leavens[0]!.atMs!;
  // Six hours, or as near to them as somebody works.
  const between = [hoursBetween(first.atMs, second.atMs), hoursBetween(second.atMs, builtMs)];
  for (const hours of between) {
    expect(hours).toBeGreaterThanOrEqual(4);
    expect(hours).toBeLessThanOrEqual(12);
  }
  const totalG = (one: Refreshment) => one.motherG + one.flourG + one.waterG;
  const { seedG } = plan.columns.leavens[0]!;
  expect(totalG(second)).toBeGreaterThanOrEqual(seedG);
  expect(totalG(second)).toBeLessThan(seedG * 1.1);
  expect(totalG(first)).toBeGreaterThanOrEqual(second.motherG);
  // By a run of its own: the second feed, from a ripe mother, is best when the levain is built.
  const make = (lotId: string, ingredients: { ingredientId: string; massG: number }[]) => ({
    kind: 'make' as const,
    lotId,
    lotKind: 'levain' as const,
    name: lotId,
    ingredients,
    portions: [],
    placeId: 'bench',
    startC: 23,
    gasKept: 0,
  });
  const flour = (massG: number) => [
    { ingredientId: second.flourId, massG },
    { ingredientId: 'water', massG },
  ];
  const lots = forecastActs(request(method), [
    { atMs: second.atMs - 60_000, act: make('mother', flour(second.motherG)) },
    {
      atMs: second.atMs,
      act: {
        ...make('fed', flour(second.flourG)),
        portions: [{ lotId: 'mother', massG: second.motherG }],
      },
    },
  ]);
  const bestMs = lots.get('fed')!.window.bestMs!;
  expect(Math.abs(bestMs - builtMs) / MS_PER_MINUTE).toBeLessThan(20);
  expect(planMethod(request(method, { nowMs: first.atMs + 3_600_000 })).kind).toBe('infeasible');
});
