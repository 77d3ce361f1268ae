import { openShopInMemory, addPlace, type Db } from '@/data';
import { contextOver } from '../context';
import { stockOf } from '../culture-lines/registry';
import { ensureShop } from '../shop/new-shop';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { culturesView } from './view';
import { bringIn } from './bring-in';

const NOW = Date.parse('2026-11-27T09:00:00Z');
let db: Db;
const context = () => ({ ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 1, demo: false }) });
beforeEach(() => {
  db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
});

const DOUGH = {
  batch: 'batch-0001',
  name: 'Left over',
  mixedAt: '2026-11-24T20:00',
  flourId: 'flour-00',
  waterPct: '65',
  saltPct: '2.7',
  freshPct: '0.3',
  roomH: '2',
  roomId: 'bench',
  placeId: 'fridge',
};

const brought = (form: object) => bringIn(context(), { ...DOUGH, ...form });
const lotNow = (id: string) => stockOf(context(), loadShop(context())).get(id)!;

test('leftover dough of three days ago: its grams, its place, a chain of its own that is forecast', () => {
  const outcome = brought({ what: 'dough', massG: '1000' });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  const lot = lotNow(outcome.value.lotId);
  // 1000 g of 100 + 65 + 2.7 + 0.3 parts: 595.2 g of flour.
  expect(lot.composition['flour-00']).toBeCloseTo(595.24, 1);
  expect(lot.composition['water']).toBeCloseTo(386.9, 1);
  expect(lot.composition['salt']).toBeCloseTo(16.07, 1);
  expect(lot.placeId).toBe('fridge');
  const view = culturesView(context(), ['left-over']);
  expect(view.chains.map((one) => one.culture.name)).toEqual(['Left over']);
  expect(view.panel.kind).toBe('chain');
});

test('a second one joins the chain that is chosen', () => {
  brought({ what: 'dough', massG: '1000' });
  const form = { what: 'dough', massG: '400', batch: 'batch-0002', cultureId: 'left-over' };
  const second = brought({ ...form, mixedAt: '2026-11-26T20:00' });
  if (!second.ok) throw new Error(JSON.stringify(second));
  expect(lotNow(second.value.lotId).cultureId).toBe('left-over');
  expect(brought({ ...form, batch: 'batch-0003', cultureId: 'nobody' })).toMatchObject({
    ok: false,
    refusals: [{ field: 'cultureId' }],
  });
});

/** Twelve balls of yesterday afternoon, brought in. */
function twelveBalls() {
  const balls = { what: 'balls', count: '12', ballG: '250', mixedAt: '2026-11-26T16:00' };
  const outcome = brought(balls);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return outcome.value;
}

test('balls in the fridge stand there with their number, and the dough they came of is used up', () => {
  const value = twelveBalls();
  expect(lotNow(value.lotId)).toMatchObject({
    balls: 12,
    ballG: 250,
    placeId: 'fridge',
    madeAtMs: Date.parse('2026-11-26T17:00:00Z'),
  });
  expect(value.path).toBe(`/lots/${value.lotId}`);
});

test('a frozen bag needs a freezer, and can be thawed', () => {
  const bag = { what: 'frozen', massG: '600', flatMm: '25', mixedAt: '2026-11-10T16:00' };
  expect(brought(bag)).toMatchObject({ ok: false, refusals: [{ field: 'placeId' }] });
  addPlace(db, { id: 'freezer', name: 'Freezer', capacityL: 40, insulation: 1 }, -18);
  const outcome = brought({ ...bag, placeId: 'freezer' });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  const view = culturesView(context(), ['frozen', outcome.value.lotId]);
  expect(view.panel.kind).toBe('frozen');
  expect(view.panel.kind === 'frozen' && view.panel.facts.flatMm).toBe(25);
  expect(view.panel.kind === 'frozen' && Math.round(view.panel.facts.massG)).toBe(600);
});

test.each([
  [{ what: 'dough', massG: '10' }, 'Weight: 10 g'],
  [{ what: 'dough', massG: '1000', mixedAt: '2026-11-28T20:00' }, 'Mixed: 2026-11-28 20:00'],
  [{ what: 'dough', massG: '1000', mixedAt: '2026-10-01T20:00' }, 'the last 14 days'],
  [{ what: 'dough', massG: '1000', flourId: 'sand' }, 'Flour: “sand”'],
  [{ what: 'dough', massG: '1000', roomId: 'attic' }, 'Place: “attic”'],
  [{ what: 'dough', massG: '1000', freshPct: '0' }, 'Fresh yeast: 0'],
  [
    { what: 'balls', count: '4', ballG: '250', mixedAt: '2026-11-27T09:00', roomH: '5' },
    'In the room first: 5 h are not over yet',
  ],
  [{ what: 'cheese' }, ''],
])('%j is refused in words, and nothing is stored', (form, says) => {
  const outcome = brought(form);
  expect(outcome.ok).toBe(false);
  expect(JSON.stringify(outcome)).toContain(says);
  expect(loadShop(context()).folded.done).toEqual([]);
});

test('what is brought in is forecast from when it was made', () => {
  const value = twelveBalls();
  const shop = context();
  const standing = forecastState(shop, loadShop(shop)).lots.get(value.lotId)!;
  // Two hours at 21° and a night at 4°: they have begun and are not past.
  expect(standing.window.opensMs).toBeGreaterThan(Date.parse('2026-11-26T18:00:00Z'));
  expect(standing.window.closesMs ?? Infinity).toBeGreaterThan(NOW);
});
