import fc from 'fast-check';
import type { Method } from '../../methods';
import { asTaken, at, demandFor, planningShop } from '../../../../tests/fixtures/planning';
import { checkPlans } from '../check/check-plans';
import {
  alternativesOf,
  chooseBest,
  fits,
  inDoughs,
  planWeek,
  proposalsOf,
  withOdds,
  type Alternatives,
  type Needs,
  type Option,
  type PlanningShop,
  type Proposal,
} from '.';
import { UNMET_POINTS } from './choose';

/** The last word of a search. */
function last<T>(steps: Generator<T, T>): T {
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
}

const check = (proposals: readonly Proposal[], shop: PlanningShop) =>
  checkPlans(asTaken(proposals, shop), {
    ...shop.base,
    kitchen: shop.kitchen,
    fineStepG: shop.base.steps.fineStepG,
  });

const WAYS = [
  'straight',
  'poolish-day',
  'sponge',
  'biga-cold-boost',
  'wholegrain-poolish',
] as const;

test('plans of random shops and demands break no rule that an independent checker knows', () => {
  let taken = 0;
  fc.assert(
    fc.property(
      fc.constantFrom(...WAYS),
      fc.record({
        balls: fc.integer({ min: 6, max: 90 }),
        hour: fc.integer({ min: 11, max: 20 }),
        serviceH: fc.integer({ min: 1, max: 4 }),
        benchC: fc.integer({ min: 17, max: 27 }),
        fridgeL: fc.integer({ min: 4, max: 50 }),
        untilH: fc.integer({ min: 20, max: 24 }),
        people: fc.constantFrom(['Jo'], ['Jo', 'Maren']),
      }),
      (way, one) => {
        const shop = planningShop({
          benchC: one.benchC,
          kitchen: {
            people: one.people,
            hours: { fromMinute: 360, untilMinute: one.untilH * 60 - 1 },
            rooms: [
              { placeId: 'bench', name: 'bench', litres: 40 },
              { placeId: 'fridge', name: 'fridge', litres: one.fridgeL },
            ],
          },
        });
        const from = `2026-11-27T${one.hour}:00`;
        const readyToMs = at(from) + one.serviceH * 3_600_000;
        const demand = demandFor(from, [way], { balls: one.balls, readyToMs });
        const found = proposalsOf(demand, demand.methods[0]!, shop);
        const best =
          found.kind === 'proposals' && found.proposals.find((each) => each.broken.length === 0);
        if (!best) return;
        taken += 1;
        expect(check([best], shop)).toEqual([]);
      },
    ),
    { numRuns: 16, seed: 20261127 },
  );
  expect(taken).toBeGreaterThan(5);
});

describe('a week of three services on one bench', () => {
  const shop = planningShop();
  const demands = ['2026-11-26T12:00', '2026-11-26T18:00', '2026-11-27T18:00'].map((from) =>
    demandFor(from, ['straight', 'poolish-day']),
  );
  const week = last(planWeek(demands, shop));

  test('every service has a plan, nobody is needed twice at once, nothing is over full', () => {
    const chosen = week.chosen.filter((one): one is Proposal => one !== null);
    expect(chosen).toHaveLength(3);
    expect(check(chosen, shop)).toEqual([]);
  });

  test('no choice is better than its bound, and the same question has the same answer', () => {
    expect(week.points).toBeGreaterThanOrEqual(week.bound - 1e-9);
    const again = last(planWeek(demands, shop));
    expect(again.chosen.map((one) => one?.plan.mixAtMs)).toEqual(
      week.chosen.map((one) => one?.plan.mixAtMs),
    );
  });
});

test('the best choice equals brute force over the same options', () => {
  const { kitchen, background } = planningShop({ kitchen: { people: ['Jo'], boxedBalls: null } });
  const hour = (h: number) => at('2026-11-27T06:00') + h * 3_600_000;
  const needs = (id: string, h: number, litres: number): Needs => ({
    hands: [{ what: id, fromMs: hour(h), toMs: hour(h + 1), demandId: id, who: null }],
    places: [
      { placeId: 'fridge', what: id, fromMs: hour(h), toMs: hour(h + 4), litres, demandId: id },
    ],
    things: [],
    cultures: [],
  });
  fc.assert(
    fc.property(
      fc.array(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 5, max: 30 })), {
          minLength: 1,
          maxLength: 4,
        }),
        { minLength: 1, maxLength: 4 },
      ),
      (rows) => {
        const options = rows.map((row, d) =>
          row.map(([h, litres], i): Option => ({
            points: (h * 7 + litres * 3 + i) % 50,
            needs: needs(`demand ${d}`, h, litres),
          })),
        );
        const every = options.reduce<(Option | null)[][]>(
          (all, one) => all.flatMap((chosen) => [...one, null].map((each) => [...chosen, each])),
          [[]],
        );
        const brute = Math.min(
          ...every
            .filter((chosen) => fits(chosen, { kitchen, background }))
            .map((chosen) => chosen.reduce((sum, one) => sum + (one?.points ?? UNMET_POINTS), 0)),
        );
        const choice = chooseBest(options, { kitchen, background });
        expect(choice.points).toBe(brute);
        expect(choice.proved).toBe(true);
        expect(choice.bound).toBeLessThanOrEqual(choice.points);
      },
    ),
    { numRuns: 200 },
  );
});

describe('alternatives of one service', () => {
  const shop = planningShop();
  const demand = demandFor('2026-11-27T18:00', ['straight', 'poolish-two-days', 'biga-cold-boost']);
  const steps = alternativesOf(demand, shop);
  const first = steps.next().value as Alternatives;
  const found = last(steps);

  test('the first usable plan comes after the first method', () => {
    expect(first.best).not.toBeNull();
    expect(first.share).toBeLessThan(0.5);
  });

  test('plans differ in kind, each with odds that no half hour undercuts', () => {
    expect(new Set(found.shown.map((one) => one.method.key)).size).toBe(found.shown.length);
    for (const { odds } of found.shown) {
      expect(odds!.service).toBeLessThanOrEqual(Math.min(...odds!.halfHours.map((h) => h.ready)));
      expect(odds!.service).toBeGreaterThan(0);
      expect(odds!.both).toBeLessThanOrEqual(Math.min(odds!.service, odds!.leaven));
    }
  });

  test('the odds of a plan do not depend on when they are asked for', () => {
    const best = found.best!;
    expect(withOdds(best, shop).odds).toEqual(best.odds);
  });
});

test('a starter that the shop keeps stands beside the best of all, however many are better', () => {
  const shop = {
    ...planningShop(),
    sourcesOf: ({ method }: { method: Method }) =>
      method.dough.leavens
        .filter((one) => one.made.by === 'seed')
        .map((one) => ({ leavenId: one.id, lotId: 'jar', cultureId: 'tolk' })),
  };
  const ways = ['straight', 'poolish-day', 'poolish-two-days', 'sponge', 'biga-cold-boost'];
  const demand = demandFor('2026-11-27T18:00', [...ways, 'levain-liquid']);
  const { shown } = last(alternativesOf(demand, shop));
  const kept = shown.findIndex((one) => one.request.sources.length > 0);
  expect(kept).toBeGreaterThanOrEqual(0);
  expect(kept).toBeLessThanOrEqual(1);
});

test('a service on a closing day names the day as what stands in its way', () => {
  const shop = planningShop({
    kitchen: {
      hours: { fromMinute: 360, untilMinute: 1380, closed: { weekdays: [5], dates: [] } },
    },
  });
  const demand = demandFor('2026-11-27T18:00', ['straight']);
  const found = last(alternativesOf(demand, shop));
  expect(found.best).toBeNull();
  expect(found.knot!.conditions.map((one) => one.kind)).toContain('closed');
  expect(found.nearest!.laterMs).toBe(24 * 3_600_000);
});

test('a fridge that is full makes a knot, and freeing it alone is a way out', () => {
  const litres = (what: string, one: number) => ({
    placeId: 'fridge',
    what,
    fromMs: at('2026-11-25T00:00'),
    toMs: at('2026-11-28T00:00'),
    litres: one,
    demandId: what,
  });
  const shop = planningShop({
    background: { hands: [], places: [litres('Spares', 39)], things: [], cultures: [] },
  });
  const demand = demandFor('2026-11-27T18:00', ['poolish-two-days'], { balls: 60 });
  const found = last(alternativesOf(demand, shop));
  const full = found.knot?.conditions.find((one) => one.kind === 'place full');
  expect(full?.others).toContain('Spares');
  expect(full!.wanted!).toBeGreaterThan(full!.there!);
});

test('where one dough would go slack before a long service ends, two doughs for a stretch each are the nearest', () => {
  const small = (placeId: string) => ({ placeId, name: placeId, litres: 0.5 });
  const rooms = [
    { ...small('bench'), litres: 60 },
    small('cellar'),
    small('proofer'),
    small('fridge'),
  ];
  const shop = planningShop({ benchC: 26, kitchen: { rooms } });
  const two = demandFor('2026-11-27T13:00', ['straight'], { balls: 60 });
  const long = { ...two, readyToMs: at('2026-11-27T17:00') };
  const found = last<Alternatives>(alternativesOf(long, shop));
  expect(found.best).toBeNull();
  expect(found.knot?.conditions.map((one) => one.kind)).toContain('balls not ready');
  expect(found.nearest).toMatchObject({ doughs: 2, laterMs: 0, balls: 60 });
  const parts = inDoughs(long, 2).map((part, i) => ({
    ...long,
    ...part,
    id: `dough ${i}`,
    ovenOn: i > 0,
  }));
  const { chosen } = last(planWeek(parts, shop));
  const plans = chosen.filter((one) => one !== null);
  expect(plans).toHaveLength(2);
  expect(check(plans, shop)).toEqual([]);
  expect(plans[1]!.plan.mixAtMs).toBeGreaterThan(plans[0]!.plan.mixAtMs);
});

test('lunch and evening from one dough: waves for each sitting, the pause free and not judged', () => {
  const shop = planningShop();
  const day = demandFor('2026-11-27T12:00', ['biga-cold-boost'], { balls: 40 });
  const perHour = [10, 10, 0, 0, 0, 10, 10];
  const two = { ...day, perHour, readyToMs: at('2026-11-27T19:00') };
  const { best } = last<Alternatives>(alternativesOf(two, shop));
  expect(best).not.toBeNull();
  const { plan, odds, needs } = best!;
  expect(plan.ids.pieceIds.length).toBeGreaterThanOrEqual(2);
  const pause = { fromMs: at('2026-11-27T14:00'), toMs: at('2026-11-27T17:00') };
  const inPause = (one: { fromMs: number; toMs: number }) =>
    one.fromMs < pause.toMs && pause.fromMs < one.toMs;
  expect(plan.waves!.filter(inPause)).toEqual([]);
  expect(plan.waves!.reduce((sum, wave) => sum + wave.count, 0)).toBe(40);
  expect(odds!.halfHours.filter(inPause)).toEqual([]);
  expect(odds!.halfHours).toHaveLength(8);
  expect(odds!.service).toBeGreaterThan(0.1);
  expect(needs.hands.filter((one) => one.what.endsWith('service')).filter(inPause)).toEqual([]);
  expect(check([best!], shop)).toEqual([]);
});
