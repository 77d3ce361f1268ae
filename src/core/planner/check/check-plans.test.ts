import { asTaken, at, demandFor, planningShop } from '../../../../tests/fixtures/planning';
import { isAct } from '../../journal';
import { assignHands, proposalsOf } from '../week';
import { checkPlans, type CheckedPlan } from './check-plans';
import type { CheckedShop } from './check-room';

const planning = planningShop();
const demand = demandFor('2026-11-27T18:00', ['poolish-day']);
const found = proposalsOf(demand, demand.methods[0]!, planning);
if (found.kind !== 'proposals') throw new Error('no plan');
const proposal = found.proposals.find((one) => one.broken.length === 0)!;
const { hands } = assignHands(proposal.needs.hands, planning.kitchen);
const PLAN: CheckedPlan = {
  demand,
  steps: proposal.plan.steps,
  assumed: [],
  hands,
  mixesByMachine: true,
  mix: proposal.plan.method.mix,
};
const SHOP: CheckedShop = { ...planning.base, kitchen: planning.kitchen, fineStepG: 0.1 };

const isMix = (step: CheckedPlan['steps'][number]) =>
  isAct(step.act, 'make') && step.act.lotKind === 'dough';
const isPoolish = (step: CheckedPlan['steps'][number]) =>
  isAct(step.act, 'make') && step.act.lotKind === 'poolish';
const isBalling = (step: CheckedPlan['steps'][number]) => isAct(step.act, 'divide');
const shifted = (which: (step: CheckedPlan['steps'][number]) => boolean, byH: number) => ({
  ...PLAN,
  steps: PLAN.steps.map((step) =>
    which(step) ? { ...step, atMs: step.atMs + byH * 3_600_000 } : step,
  ),
});
const kitchen = (changes: Partial<CheckedShop['kitchen']>): CheckedShop => ({
  ...SHOP,
  kitchen: { ...SHOP.kitchen, ...changes },
});

test('a plan that breaks nothing passes', () => {
  expect(checkPlans([PLAN], SHOP)).toEqual([]);
});

const oven = planning.kitchen.ovens[0]!;
test.each<[string, CheckedPlan, CheckedShop, RegExp]>([
  ['a step in the past', PLAN, { ...SHOP, nowMs: at('2026-11-27T17:00') }, /past/],
  ['a step that nobody does', { ...PLAN, hands: PLAN.hands.slice(1) }, SHOP, /nobody does the/],
  ['a mix before its leaven is made', shifted(isMix, -12), SHOP, /stock: Lot/],
  ['a leaven mixed before it is ripe', shifted(isPoolish, 4), SHOP, /not ripe/],
  [
    'balls for fewer than wanted',
    { ...PLAN, demand: { ...demand, balls: 31 } },
    SHOP,
    /30 balls for 31/,
  ],
  [
    'a service that goes on longer than its balls',
    { ...PLAN, demand: { ...demand, readyToMs: demand.readyToMs + 7_200_000 } },
    SHOP,
    /no balls/,
  ],
  [
    'a place over full',
    PLAN,
    kitchen({ rooms: [{ placeId: 'bench', name: 'bench', litres: 2 }] }),
    /bench is over full/,
  ],
  ['too few boxes', PLAN, kitchen({ boxedBalls: 12 }), /30 balls in boxes for 12/],
  ['an oven that is too slow', PLAN, kitchen({ ovens: [{ ...oven, bakeMin: 40 }] }), /oven bakes/],
  [
    'an oven lit late',
    PLAN,
    kitchen({ ovens: [{ ...oven, heatMin: oven.heatMin + 60 }] }),
    /not lit in time/,
  ],
  [
    'hands that have gone home',
    PLAN,
    kitchen({ hours: { fromMinute: 360, untilMinute: 900 } }),
    /is not in for/,
  ],
  [
    'a closing day',
    PLAN,
    kitchen({ hours: { fromMinute: 0, untilMinute: 1439, closed: { weekdays: [5], dates: [] } } }),
    /is not in for/,
  ],
  [
    'balls before the dough is out of the bowl',
    shifted(isBalling, -1.2),
    SHOP,
    /still in the bowl/,
  ],
  [
    'more batches than there was time for',
    PLAN,
    kitchen({ mixers: [{ name: 'small', leastKg: 0.1, mostKg: 1, count: 1 }] }),
    /still in the bowl|hands end before/,
  ],
  ['yeast that can not be weighed', PLAN, { ...SHOP, fineStepG: 100 }, /can not be weighed/],
])('%s is found', (_, plan, shop, sentence) => {
  expect(checkPlans([plan], shop).join('\n')).toMatch(sentence);
});

test('two plans by the same hands, or in the same mixer, are found', () => {
  const alone = { ...PLAN, hands: PLAN.hands.map((one) => ({ ...one, who: 'Jo' })) };
  const said = checkPlans([alone, alone], SHOP).join('\n');
  expect(said).toMatch(/Jo does .* at once/);
  expect(said).toMatch(/two doughs in one mixer/);
});

const alone = planningShop({ kitchen: { people: ['Jo'] } });
const pausedDemand = demandFor('2026-11-27T12:00', ['poolish-two-days'], {
  readyToMs: at('2026-11-27T21:00'),
  balls: 40,
  perHour: [8, 8, 4, 0, 0, 4, 6, 6, 4],
});

test('one pair of hands serves in waves: boxes are moved beside the service, nothing else is', () => {
  const asked = proposalsOf(pausedDemand, pausedDemand.methods[0]!, alone);
  if (asked.kind !== 'proposals') throw new Error('no plan');
  const taken = asked.proposals.find((one) => one.broken.length === 0)!;
  expect(taken.plan.waves?.length).toBeGreaterThan(1);
  const [plan] = asTaken([taken], alone) as [CheckedPlan];
  const shop = { ...SHOP, ...alone.base, kitchen: alone.kitchen };
  expect(checkPlans([plan], shop)).toEqual([]);
  const beside = plan.steps.filter(
    ({ atMs, act }) => isAct(act, 'move') && atMs > pausedDemand.readyFromMs,
  );
  expect(beside.length).toBeGreaterThan(0);
  const besideMs = beside[0]!.atMs;
  const ball = plan.steps.find(({ act }) => isAct(act, 'divide'))!;
  const moment = plan.hands.find((one) => one.fromMs === ball.atMs)!;
  const late = {
    ...plan,
    steps: plan.steps.map((step) => (step === ball ? { ...step, atMs: besideMs } : step)),
    hands: plan.hands.map((one) =>
      one === moment ? { ...one, fromMs: besideMs, toMs: besideMs + 60_000 } : one,
    ),
  };
  expect(checkPlans([late], shop).join('\n')).toMatch(/Jo does .* at once/);
});
