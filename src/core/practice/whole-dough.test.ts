import fc from 'fast-check';
import { at, planningShop, startingMethod } from '../../../tests/fixtures/planning';
import { planMethod, type BakeStep } from '../planner';
import { requestFor } from '../planner/week';
import {
  afterDeed,
  doughMoments,
  lotsAt,
  massSight,
  nextMoment,
  placeAt,
  runDough,
  stepsAfter,
  type Deed,
  type Moment,
} from '.';

const shop = planningShop({ nowMs: at('2026-11-24T08:00') });
const READY_MS = at('2026-11-26T18:00');

function planOf(key: string): readonly BakeStep[] {
  const method = { key, method: startingMethod(key, shop), versionId: null };
  const demand = {
    id: 'd',
    name: 'Practice',
    readyFromMs: READY_MS,
    readyToMs: at('2026-11-26T20:00'),
    balls: 20,
    perHour: null,
    methods: [method],
  };
  const plan = planMethod(requestFor(demand, method, shop));
  if (plan.kind !== 'plan') throw new Error(plan.because);
  return plan.run;
}

const TWO_DAYS = planOf('poolish-two-days');
/** Balls that need their hours on the bench. */
const SLOW = planOf('levain-stiff');
const run = (steps: readonly BakeStep[]) => runDough(shop.base, steps);
const momentOf = (steps: readonly BakeStep[], kind: Moment['kind']) =>
  doughMoments(steps).find((one) => one.kind === kind)!;
const shift = (kind: Moment['kind'], byH: number, steps = TWO_DAYS): Deed => {
  const { atMs } = momentOf(steps, kind);
  return { kind: 'shift', atMs, fromMs: atMs, toMs: atMs + byH * 3_600_000 };
};
const opens = (steps: readonly BakeStep[]) => run(steps).balls.map((one) => one.opens);

test('left to its plan a dough is mixed ripe, and its balls are right through the service', () => {
  expect(doughMoments(TWO_DAYS).map((one) => one.kind)).toEqual([
    'build',
    'mix',
    'ball',
    'move',
    'bake',
  ]);
  const { leavens, balls, glutenLeft } = run(TWO_DAYS);
  expect(leavens.map((one) => one.was)).toEqual(['ripe']);
  expect(Math.abs(leavens[0]!.offBestMin!)).toBeLessThan(30);
  expect(balls).toHaveLength(4);
  expect(balls.every((one) => one.opens === 'right')).toBe(true);
  expect(glutenLeft).toBeGreaterThan(0.7);
});

test('a mix put off takes the balling along, but not the way out of the cold or the service', () => {
  const late = afterDeed(TWO_DAYS, shift('mix', 2))!;
  const apart = (kind: Moment['kind']) =>
    (momentOf(late, kind).atMs - momentOf(TWO_DAYS, kind).atMs) / 3_600_000;
  expect(['build', 'mix', 'ball', 'move', 'bake'].map((kind) => apart(kind as 'mix'))).toEqual([
    0, 2, 2, 0, 0,
  ]);
});

test('a leaven mixed hours too early is not ripe, and one left standing is late', () => {
  const early = run(afterDeed(TWO_DAYS, shift('mix', -6))!).leavens[0]!;
  const late = run(afterDeed(TWO_DAYS, shift('mix', 9))!).leavens[0]!;
  expect([early.was, late.was]).toEqual(['not yet', 'late']);
  expect(early.offBestMin!).toBeLessThan(late.offBestMin!);
});

test('balls left on the bench overnight are slack; balls that come out late spring back', () => {
  const ballMs = momentOf(TWO_DAYS, 'ball').atMs;
  const warm = afterDeed(TWO_DAYS, { kind: 'move', atMs: ballMs + 60_000, placeId: 'bench' })!;
  expect(opens(warm)).toContain('slack');
  const cold = afterDeed(SLOW, shift('move', 2.4, SLOW))!;
  expect(opens(cold)[0]).toBe('springs back');
});

test('a service may begin earlier or later, as long as it was; what was planned on the way to it is left out', () => {
  const soon = afterDeed(SLOW, shift('bake', -3, SLOW))!;
  const bake = momentOf(soon, 'bake').steps[0]!;
  expect(bake.act).toMatchObject({ untilMs: bake.atMs + 2 * 3_600_000 });
  expect(doughMoments(soon).map((one) => one.kind)).not.toContain('move');
  expect(opens(soon)[0]).toBe('springs back');
});

test('what is carried elsewhere is what stands then, and it stands there from then on', () => {
  const mixMs = momentOf(TWO_DAYS, 'mix').atMs;
  const before = lotsAt(TWO_DAYS, mixMs - 1);
  const after = lotsAt(TWO_DAYS, mixMs + 1);
  expect([before.length, after.length]).toEqual([1, 1]);
  expect(before).not.toEqual(after);
  const deed: Deed = { kind: 'move', atMs: mixMs - 4 * 3_600_000, placeId: 'fridge' };
  const [poolish] = run(afterDeed(TWO_DAYS, deed)!).masses;
  expect(placeAt(poolish!, deed.atMs - 1)).toBe('bench');
  expect(placeAt(poolish!, deed.atMs + 1)).toBe('fridge');
  const [asPlanned] = run(TWO_DAYS).masses;
  expect(massSight(poolish!, mixMs).rise).toBeLessThan(massSight(asPlanned!, mixMs).rise);
});

test('balls that would be made when they are wanted already are refused, and change nothing', () => {
  const late = shift('mix', 48);
  expect(afterDeed(TWO_DAYS, late)).toBeNull();
  expect(stepsAfter(TWO_DAYS, [late])).toEqual(TWO_DAYS);
  expect(afterDeed(TWO_DAYS, { ...shift('mix', 1), fromMs: 5 } as Deed)).toBeNull();
});

test('whatever is done, every dough stays a dough that can be run, with all its balls', () => {
  const doughs = ['straight', 'biga-cold', 'levain-liquid', 'one-dough-three'].map(planOf);
  const places = [...shop.base.places.keys()];
  const deed = fc.record({
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    byMin: fc.integer({ min: -300, max: 300 }),
    placeId: fc.option(fc.constantFrom(...places)),
  });
  fc.assert(
    fc.property(
      fc.constantFrom(...doughs),
      fc.array(deed, { minLength: 1, maxLength: 4 }),
      (plan, deeds) => {
        const firstMs = plan[0]!.atMs;
        let steps = [...plan];
        for (const { share, byMin, placeId } of deeds) {
          const atMs = Math.round(firstMs + share * (READY_MS - firstMs));
          const next = nextMoment(steps, atMs);
          const toMs = Math.max(atMs, (next?.atMs ?? atMs) + byMin * 60_000);
          const one: Deed | null =
            placeId !== null
              ? { kind: 'move', atMs, placeId }
              : next === null
                ? null
                : { kind: 'shift', atMs, fromMs: next.atMs, toMs };
          steps = one === null ? steps : (afterDeed(steps, one) ?? steps);
        }
        const counted = (of: readonly BakeStep[]) =>
          of.reduce((sum, { act }) => sum + (act.kind === 'use' ? act.count : 0), 0);
        expect(counted(steps)).toBe(counted(plan));
        const { masses, balls } = run(steps);
        expect(masses.length).toBe(run(plan).masses.length);
        expect(balls.length).toBeGreaterThan(0);
        for (const mass of masses) expect(massSight(mass, mass.toMs).rise).toBeGreaterThan(0.5);
      },
    ),
    { numRuns: 40 },
  );
});
