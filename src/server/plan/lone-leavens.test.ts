import { searched, taking } from '../../../tests/fixtures/plans';
import { freshBatch, value } from '../../../tests/fixtures/services';
import type { Method } from '@/core/methods';
import { isAct, type ActOf } from '@/core/journal';
import { methodAnswer } from '@/shop/doughs/method-answer';
import { builtForItself, loneFor, takenFrom } from '@/shop/doughs/built-instead';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { doughFacts } from '../doughs/facts';
import { methodRows, saveMethod } from '../doughs/methods';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { ensureShop } from '../shop/new-shop';
import { batchOf, writeEntries } from '../journal/entries';
import { stateDemand } from './demands';
import { takePlan } from './take-plan';
import { planView } from './view';

const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
const BIGA_AT_MS = Date.parse('2026-11-26T21:00:00+01:00');
const BIGA: ActOf<'make'> = {
  kind: 'make',
  lotId: 'P1126-9',
  lotKind: 'biga',
  name: 'Big biga',
  ingredients: [
    { ingredientId: 'flour-00', massG: 4000 },
    { ingredientId: 'water', massG: 2000 },
    { ingredientId: 'yeast-fresh', massG: 14 },
  ],
  portions: [],
  placeId: 'bench',
  startC: 19,
  gasKept: 0,
};

/** A shop in which a biga of six kilograms is planned for Thursday night, and belongs to nothing. */
function shop(): ShopContext {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  const planned = { atMs: BIGA_AT_MS, tense: 'planned', body: BIGA } as const;
  writeEntries(context, batchOf(context, freshBatch(), [planned]));
  return context;
}

const method = methodRows(shop(), loadShop(shop())).find(
  ({ id }) => id === 'start-biga-cellar',
)!.method;
const leavenId = method.dough.leavens[0]!.id;

function taken(context: ShopContext) {
  const facts = doughFacts(context, loadShop(context));
  const [source] = loneFor(method.dough.leavens[0]!, facts.sources);
  return { facts, source: source!, of: takenFrom(method, leavenId, source!) };
}

const saving = (of: Method) => ({ methodId: null, method: { ...of, name: 'From the big biga' } });

test('a planned leaven without a culture can be taken from, with its water, its flours and its grams', () => {
  const context = shop();
  const { facts, source, of } = taken(context);
  expect(source).toMatchObject({ kind: 'biga', fromMs: BIGA_AT_MS, lotId: 'P1126-9' });
  expect(source.thereG).toBeCloseTo(6014, 6);
  const [leaven] = of.dough.leavens;
  expect(leaven).toMatchObject({ hydration: 0.5, flours: [{ flourId: 'flour-00', share: 1 }] });
  expect(of.leavenStays).toEqual({});
  const wish = { name: 'Late', readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T20:00' };
  const answer = methodAnswer({ ...wish, method: of, mixAt: null, leavenAt: {} }, facts);
  if (answer.kind !== 'plan') throw new Error(answer.because);
  expect(answer.plan.steps.filter((step) => isAct(step.act, 'make'))).toHaveLength(1);
  // Built for this dough again, it is as its kind usually is.
  const again = builtForItself(of, leavenId);
  expect(again.dough.leavens[0]!.made.by).toBe('yeast');
  expect(again.leavenStays[leavenId]).toBeDefined();
});

test('a service is planned from it as ripe as it will be, taken, and what is left is less by that', () => {
  const context = shop();
  const { of, source } = taken(context);
  const saved = value(saveMethod(context, saving(of)));
  const { id } = value(
    stateDemand(context, {
      ...{ id: null, name: 'Friday', balls: '20', methods: [saved.methodId] },
      ...{ readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T19:30' },
    }),
  );
  const search = searched(planView(context));
  const [found] = search.shown;
  expect(found!.take.jars[leavenId]).toBe('P1126-9');
  const { bakeId } = value(
    takePlan(context, { ...taking(search, id, '2026-11-27'), anyway: true }),
  );
  const state = loadShop(context);
  const mix = state.folded.plan.find(
    ({ bakeId: one, act }) => one === bakeId && isAct(act, 'make') && act.lotKind === 'dough',
  )!;
  const portions = (mix.act as ActOf<'make'>).portions;
  expect(portions.map((line) => line.lotId)).toEqual(['P1126-9']);
  expect(forecastState(context, state).conflicts).toEqual([]);
  const after = doughFacts(context, state).sources.find((one) => one.lotId === 'P1126-9')!;
  expect(after.thereG).toBeCloseTo(source.thereG - portions[0]!.massG, 6);
});

test('wanted before it is made, or more of it than there is: refused in words, nothing is planned by accident', () => {
  const context = shop();
  const { of } = taken(context);
  const saved = value(saveMethod(context, saving(of)));
  value(
    stateDemand(context, {
      ...{ id: null, name: 'Early', balls: '20', methods: [saved.methodId] },
      ...{ readyFrom: '2026-11-25T18:00', readyTo: '2026-11-25T19:30' },
    }),
  );
  const early = searched(planView(context));
  expect(early.shown.every((one) => one.broken.length > 0)).toBe(true);
  expect([...early.refused, ...early.shown].length).toBeGreaterThan(0);
});
