import { UNDESCRIBED } from '../culture-lines/registry';
import { sourceFor } from '@/shop/doughs/facts';
import { foldJournal, stockAfter } from '@/core/journal';
import {
  addEntries,
  saveCulture,
  listBakes,
  listEntries,
  listMethods,
  openShopInMemory,
  retireFlour,
  type Db,
} from '@/data';
import { contextOver, type ShopContext } from '../context';
import { movedSteps } from '@/shop/moves/moved-steps';
import { readMoveFacts } from '../hands/move-facts';
import { ensureShop } from '../shop/new-shop';
import { undoBatch } from '../journal/undo';
import { doughFacts } from './facts';
import { changeFlour, retireOneFlour } from './flours';
import { methodAnswer } from '@/shop/doughs/method-answer';
import { methodRows, restoreVersion, retire, saveMethod, versionsOf } from './methods';
import { takeMethodBake } from './take-method-bake';
import { doughsView } from './view';
import { loadShop } from '../shop/load-shop';

const NOW = Date.parse('2026-11-24T08:00:00+01:00');
let db: Db;
let context: ShopContext;

beforeEach(() => {
  db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = { ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 0, demo: false }) };
});

const row = (id: string) =>
  methodRows(context, loadShop(context)).find((one) => one.id === `start-${id}`)!;
const bake = (id: string, changes: Record<string, unknown> = {}) => ({
  name: 'Friday',
  method: row(id).method,
  versionId: null,
  readyFrom: '2026-11-27T18:00',
  readyTo: '2026-11-27T20:00',
  mixAt: null,
  leavenAt: {},
  ...changes,
});
const value = <T>(outcome: { ok: true; value: T } | { ok: false; refusals: unknown }): T => {
  if (outcome.ok) return outcome.value;
  throw new Error(JSON.stringify(outcome.refusals));
};

/** Balls that wait in the cold come out in two turns for a service of two hours. */
const IN_TWO = ['divide', 'divide', 'move', 'use', 'move', 'use'];

test('starting methods stand on the shop’s own places and flours', () => {
  const view = doughsView(context, null)!;
  expect(view.rows.length).toBeGreaterThanOrEqual(12);
  const ids = new Set(['bench', 'fridge']);
  for (const { method } of view.rows) {
    for (const stay of [...method.bulk, ...method.balls]) expect(ids.has(stay.placeId)).toBe(true);
    for (const part of method.dough.flours) expect(part.flourId).toMatch(/^flour-/);
  }
  expect(doughsView(context, 'nothing')).toBeNull();
});

test('a bake of a method is planned as one act, kept with its version, and taken back as one', () => {
  const { batch, bakeId } = value(takeMethodBake(context, bake('poolish-two-days')));
  const [stored] = listBakes(db);
  expect(stored).toMatchObject({ id: bakeId, name: 'Friday' });
  expect(listMethods(db).map((one) => one.id)).toContain(stored!.methodVersionId);
  const { plan } = foldJournal(listEntries(db));
  expect(plan.map((step) => step.act.kind)).toEqual(['make', 'make', ...IN_TWO]);
  const lots = stockAfter(plan);
  expect(lots.get('P1126-1')).toBeDefined();
  value(undoBatch(context, batch));
  expect(foldJournal(listEntries(db)).plan).toEqual([]);
});

test('the page’s plan is the one that is stored', () => {
  const facts = doughFacts(context, loadShop(context));
  const answer = methodAnswer(bake('biga-cold-boost'), facts);
  if (answer.kind !== 'plan') throw new Error(answer.because);
  value(takeMethodBake(context, bake('biga-cold-boost')));
  const { plan } = foldJournal(listEntries(db));
  expect(plan.map((step) => step.atMs)).toEqual(answer.plan.steps.map((step) => step.atMs));
});

test('the same starting method baked twice is one method; a changed one is another', () => {
  value(takeMethodBake(context, bake('straight')));
  value(
    takeMethodBake(
      context,
      bake('straight', { readyFrom: '2026-11-28T18:00', readyTo: '2026-11-28T20:00' }),
    ),
  );
  expect(listMethods(db)).toHaveLength(1);
  const wetter = row('straight').method;
  const method = { ...wetter, dough: { ...wetter.dough, hydration: 0.64 } };
  value(takeMethodBake(context, bake('straight', { method })));
  expect(listMethods(db)).toHaveLength(2);
});

test('an edited method never changes what was baked with it; a version can be had back', () => {
  const { method } = row('straight');
  const first = value(saveMethod(context, { methodId: null, method }));
  value(takeMethodBake(context, bake('straight', { method, versionId: first.versionId })));
  const saltier = { ...method, dough: { ...method.dough, saltShare: 0.03 } };
  const second = value(saveMethod(context, { methodId: first.methodId, method: saltier }));
  expect(second).toMatchObject({ number: 2, before: first.versionId });
  expect(listBakes(db)[0]!.methodVersionId).toBe(first.versionId);
  expect(value(restoreVersion(context, first.versionId))).toMatchObject({ number: 3 });
  const versions = versionsOf(context, first.methodId);
  expect(versions.map((one) => one.method.dough.saltShare)).toEqual([0.027, 0.03, 0.027]);
  expect(() => db.exec("UPDATE method_version SET body = '{}'")).toThrow('never changed');
});

test('a retired method leaves the list and comes back; a starting one stays', () => {
  const { methodId } = value(
    saveMethod(context, { methodId: null, method: row('straight').method }),
  );
  value(retire(context, methodId, true));
  expect(listMethods(db)).toEqual([]);
  value(retire(context, methodId, false));
  expect(listMethods(db)).toHaveLength(1);
  expect(retire(context, 'start-straight', true)).toMatchObject({ ok: false });
});

test.each([
  [{ name: '' }, 'Name: a name is needed.'],
  [{ readyFrom: 'soon' }, 'Ready from: “soon” is not a date and time.'],
  [{ readyFrom: '2026-11-24T10:00', readyTo: '2026-11-24T12:00' }, 'Allowed: from 2026-11-2'],
  [{ readyTo: '2026-11-27T17:00' }, 'it lies before Ready from'],
])('a bake with %j is refused in a sentence, nothing stored', (changes, says) => {
  const outcome = takeMethodBake(context, bake('poolish-two-days', changes));
  expect(outcome.ok).toBe(false);
  expect(JSON.stringify(outcome)).toContain(says);
  expect(listBakes(db)).toEqual([]);
});

test('a leaven that the shop has no culture for is refused by name', () => {
  const outcome = takeMethodBake(context, bake('levain-liquid'));
  expect(JSON.stringify(outcome)).toContain('Levain: the shop has no culture for it.');
});

test('a moved mix takes the dough’s later steps along, a moved leaven stays before its mix', () => {
  value(takeMethodBake(context, bake('poolish-two-days')));
  const facts = readMoveFacts(context);
  const step = (kind: string, name: string) =>
    facts.folded.plan.find(
      (one) => one.act.kind === kind && 'name' in one.act && one.act.name.includes(name),
    )!;
  const mix = step('make', 'dough');
  const moved = value(movedSteps(facts, mix, mix.atMs + 1_800_000));
  // The poolish that is not made yet stays where it is and is dosed anew.
  expect(moved.map((one) => one.step.act.kind)).toEqual([
    ...['make', 'divide', 'divide', 'move', 'move', 'make'],
  ]);
  expect(moved.at(-1)!.atMs).toBe(moved.at(-1)!.step.atMs);
  const poolish = step('make', 'Poolish');
  expect(movedSteps(facts, poolish, mix.atMs + 1)).toMatchObject({ ok: false });
  expect(movedSteps(facts, mix, poolish.atMs - 1)).toMatchObject({ ok: false });
  const use = facts.folded.plan.find((one) => one.act.kind === 'use')!;
  expect(movedSteps(facts, use, use.atMs + 1)).toMatchObject({ ok: false });
});

test('a flour is added, changed and retired; wrong figures are named', () => {
  const form = {
    id: null,
    name: 'Dusk flour',
    strengthW: '',
    proteinPct: '13',
    ashPct: '0.55',
    wholegrainPct: '0',
    absorptionPct: '',
    allergens: 'wheat, Soya ',
  };
  const { id } = value(changeFlour(context, form));
  const flour = () => doughFacts(context, loadShop(context)).flours.find((one) => one.id === id)!;
  expect(flour()).toMatchObject({
    proteinShare: 0.13,
    ashShare: expect.closeTo(0.0055, 9),
    allergens: ['wheat', 'soya'],
  });
  expect(changeFlour(context, { ...form, name: 'Other', proteinPct: '70' })).toMatchObject({
    refusals: [
      { field: 'proteinPct', sentence: 'Protein: 70 % is not possible. Allowed: 5 to 25 %.' },
    ],
  });
  expect(changeFlour(context, form)).toMatchObject({ ok: false });
  value(retireOneFlour(context, { id, retired: true }));
  expect(flour().retiredMs).toBe(NOW);
  retireFlour(db, 'flour-00', NOW);
  expect(retireOneFlour(context, { id: 'flour-strong', retired: true })).toMatchObject({
    refusals: [{ sentence: 'Flour: the last one stays. Add another first.' }],
  });
});

/** A liquid starter of 400 g, fed this morning, of which 40 g are kept. */
function withStarter(): void {
  saveCulture(db, {
    ...UNDESCRIBED,
    id: 'wick',
    name: 'Wick',
    kind: 'liquid starter',
    hydration: 1,
    saltShare: 0,
    flours: [{ flourId: 'flour-strong', share: 1 }],
    keepG: 40,
    placeId: 'bench',
    vesselMl: 1500,
  });
  addEntries(db, [
    {
      id: 'fed',
      atMs: NOW - 3_600_000,
      recordedMs: NOW,
      tense: 'done',
      batch: 'fed-batch',
      by: null,
      bakeId: null,
      fulfils: null,
      body: {
        kind: 'make',
        lotId: 'S1',
        lotKind: 'starter',
        name: 'Wick',
        cultureId: 'wick',
        ingredients: [
          { ingredientId: 'flour-strong', massG: 200 },
          { ingredientId: 'water', massG: 200 },
        ],
        portions: [],
        placeId: 'bench',
        startC: 21,
        gasKept: 0,
      },
    },
  ]);
}

test('refreshments are planned in a row from the mother to the levain, each from the one before', () => {
  withStarter();
  const { method } = row('levain-liquid');
  const refreshed = { ...method, refreshments: { count: 2, everyH: 6 } };
  value(takeMethodBake(context, bake('levain-liquid', { method: refreshed })));
  const makes = foldJournal(listEntries(db)).plan.flatMap(({ act }) =>
    act.kind === 'make' ? [act] : [],
  );
  expect(makes.map((act) => act.name)).toEqual([
    'Refreshment 1',
    'Refreshment 2',
    'Levain',
    'Friday dough',
  ]);
  const from = makes.map((act) => act.portions[0]!.lotId);
  expect(from).toEqual(['S1', makes[0]!.lotId, makes[1]!.lotId, makes[2]!.lotId]);
  expect(() =>
    stockAfter([...foldJournal(listEntries(db)).done, ...foldJournal(listEntries(db)).plan]),
  ).not.toThrow();
});

test('a stiff levain is seeded from the stiff starter, whatever stands before it', () => {
  const source = (name: string, own: boolean, thereG: number) => ({
    kind: 'stiff levain' as const,
    own,
    cultureId: name,
    name,
    lotId: name,
    thereG,
  });
  const leaven = row('levain-stiff').method.dough.leavens[0]!;
  const both = [source('liquid', false, 500), source('stiff', true, 300)];
  expect(sourceFor(leaven, both)?.name).toBe('stiff');
  expect(sourceFor(leaven, [source('liquid', false, 500), source('stiff', true, 0)])?.name).toBe(
    'liquid',
  );
  expect(sourceFor(leaven, [])).toBeNull();
});

test('more seed than may be taken of the jar is refused with the grams', () => {
  withStarter();
  const { method } = row('levain-liquid');
  const target = {
    by: 'products',
    products: [{ name: 'Balls', count: 600, weightG: 250, keepsH: 14 }],
  };
  const outcome = takeMethodBake(context, bake('levain-liquid', { method: { ...method, target } }));
  expect(JSON.stringify(outcome)).toMatch(/g of Wick are wanted, 360 g may be taken/);
});
