import { searched, taking } from '../../../tests/fixtures/plans';
import { value } from '../../../tests/fixtures/services';
import { foldJournal, isAct } from '@/core/journal';
import { planMethod, type HourOf } from '@/core/planner';
import { requestFor } from '@/core/planner/week';
import { planningShop } from '@/shop/plan/facts';
import type { Ladder } from '@/shop/plan/ladder';
import { listEntries, openShopInMemory } from '@/data';
import { demandOn } from '@/shop/plan/demand-on';
import { heldWith, type HeldHours } from '@/shop/plan/held-with';
import { plansAt } from '@/shop/plan/plan-at';
import { contextOver, type ShopContext } from '../context';
import { settleOdds, oddsOfBake } from '../odds/odds-of-bake';
import { loadShop } from '../shop/load-shop';
import { ensureShop } from '../shop/new-shop';
import { listBakes } from '@/data';
import { stateDemand } from './demands';
import { takePlan } from './take-plan';
import { planView } from './view';

const H = 3_600_000;
const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const context: ShopContext = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
const { id } = value(
  stateDemand(context, {
    ...{ id: null, name: 'Friday', balls: '30', methods: ['start-poolish-day'] },
    ...{ readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T19:30' },
  }),
);
const view = planView(context);
const search = searched(view);
const [found] = search.shown;
const { take } = found!;
const methods = view.methods.filter((one) => one.key === 'start-poolish-day');
const demand = demandOn(view.services[0]!.asked!, methods);
const at = (held: Parameters<typeof plansAt>[0]['holds'][number]['held']) =>
  plansAt({ demand, facts: view.facts, holds: [{ take, held }] })[0]!;
const leavenId = Object.keys(take.leavenAtMs)[0]!;
const leaven: HourOf = { kind: 'leaven', leavenId };
const holding = (held: HeldHours, of: HourOf, atMs: number) => heldWith(held, of, atMs, take);
/** The plan as taking it works it out again. */
function planMethodTaken({ method, mixAtMs, leavenAtMs, refreshments }: Ladder['take']) {
  const of = { key: take.key, versionId: null, method };
  const plan = planMethod({
    ...requestFor(demand, of, planningShop(view.facts)),
    held: { mixAtMs, leavenAtMs },
    solved: { refreshments },
  });
  if (plan.kind === 'infeasible') throw new Error(plan.because);
  return plan;
}
const ballAtMs = () => found!.rungs.find((one) => one.holds?.kind === 'ball')!.atMs;

test('every rung of hands says whose hour it is: the leaven’s, the mix’s, the balls’', () => {
  const held = found!.rungs.map((one) => one.holds);
  const holdable = [{ kind: 'mix' }, leaven, { kind: 'ball' }];
  for (const one of holdable) expect(held).toContainEqual(one);
  expect(held).not.toContain(null);
});

test('balls held later take the mix along; with the mix held too, the bulk is longer', () => {
  const wantedMs = ballAtMs() + H;
  const later = holding({}, { kind: 'ball' }, wantedMs);
  const along = at(later).ladder!;
  const { usual, bulk } = { usual: take.method.bulk, bulk: along.take.method.bulk };
  expect(along.rungs.find((one) => one.holds?.kind === 'ball')!.atMs).toBe(wantedMs);
  expect(along.take.mixAtMs).toBe(take.mixAtMs + H);
  expect(bulk).toHaveLength(usual.length);
  bulk.forEach((one, index) => expect(one.hours).toBeCloseTo(usual[index]!.hours, 9));
  const both = at(holding(later, { kind: 'mix' }, take.mixAtMs)).ladder!;
  expect(both.rungs.find((one) => one.holds?.kind === 'ball')!.atMs).toBe(wantedMs);
  const hours = (stays: typeof bulk) => stays.reduce((sum, one) => sum + one.hours, 0);
  expect(hours(both.take.method.bulk)).toBeCloseTo(hours(usual) + 1, 6);
});

test('the plan with its balls held is taken as it stood', () => {
  const wantedMs = ballAtMs() + H / 2;
  const held = at(holding({}, { kind: 'ball' }, wantedMs)).ladder!;
  const again = planMethodTaken(held.take);
  expect(again.ballAtMs).toBe(wantedMs);
});

test('a mix held an hour later stands there; the rest is found around it, with odds of its own', () => {
  const later = at({ mixAtMs: take.mixAtMs + H }).ladder!;
  expect(later.take.mixAtMs).toBe(take.mixAtMs + H);
  expect(later.rungs.find((one) => one.holds?.kind === 'mix')!.atMs).toBe(take.mixAtMs + H);
  expect(later.odds.service).toBeGreaterThanOrEqual(0);
  expect(later.odds).not.toEqual(found!.odds);
});

test('what is held twice is held together; a leaven after its mix is refused in a sentence', () => {
  const both = holding(
    holding({}, leaven, take.leavenAtMs[leavenId]! - H),
    { kind: 'mix' },
    take.mixAtMs,
  );
  const { ladder } = at(both);
  expect(ladder!.take).toMatchObject({
    mixAtMs: take.mixAtMs,
    leavenAtMs: { [leavenId]: take.leavenAtMs[leavenId]! - H },
  });
  const after = at(holding(both, leaven, take.mixAtMs + H));
  expect(after.ladder).toBeNull();
  expect(after.refused).toMatch(/\.$/);
});

test('the plan with its held hour is taken as it stood, with the same odds', () => {
  const held = at({ mixAtMs: take.mixAtMs - H }).ladder!;
  const form = { ...taking(search, id, '2026-11-27'), ...held.take, anyway: true };
  const { bakeId } = value(takePlan(context, form));
  const mix = foldJournal(listEntries(db)).plan.find(
    ({ act }) => isAct(act, 'make') && act.lotKind === 'dough',
  )!;
  expect(mix.atMs).toBe(take.mixAtMs - H);
  const bake = () => listBakes(db).find((one) => one.id === bakeId)!;
  oddsOfBake(context, loadShop(context), bake());
  settleOdds(context);
  expect(oddsOfBake(context, loadShop(context), bake()).chance).toBeCloseTo(held.odds.service, 6);
});
