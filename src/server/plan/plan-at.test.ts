import { searched, taking } from '../../../tests/fixtures/plans';
import { value } from '../../../tests/fixtures/services';
import { foldJournal, isAct } from '@/core/journal';
import { listEntries, openShopInMemory } from '@/data';
import { demandOn } from '@/shop/plan/demand-on';
import { heldWith, plansAt } from '@/shop/plan/plan-at';
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

test('a rung says whose hour it is: the leaven’s, the mix’s, or nobody’s that could be held', () => {
  const held = found!.rungs.map((one) => one.holds);
  expect(held).toContain('mix');
  expect(held).toContainEqual({ leavenId });
  expect(found!.rungs.find((one) => one.title.startsWith('Ball'))!.holds).toBeNull();
});

test('a mix held an hour later stands there; the rest is found around it, with odds of its own', () => {
  const later = at({ mixAtMs: take.mixAtMs + H }).ladder!;
  expect(later.take.mixAtMs).toBe(take.mixAtMs + H);
  expect(later.rungs.find((one) => one.holds === 'mix')!.atMs).toBe(take.mixAtMs + H);
  expect(later.odds.service).toBeGreaterThanOrEqual(0);
  expect(later.odds).not.toEqual(found!.odds);
});

test('what is held twice is held together; a leaven after its mix is refused in a sentence', () => {
  const both = heldWith(
    heldWith({}, { leavenId }, take.leavenAtMs[leavenId]! - H),
    'mix',
    take.mixAtMs,
  );
  const { ladder } = at(both);
  expect(ladder!.take).toMatchObject({
    mixAtMs: take.mixAtMs,
    leavenAtMs: { [leavenId]: take.leavenAtMs[leavenId]! - H },
  });
  const after = at(heldWith(both, { leavenId }, take.mixAtMs + H));
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
