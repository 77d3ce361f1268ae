import { massOf } from '@/core/composition';
import { foldJournal, stockAfter, type Entry } from '@/core/journal';
import { listEntries, openShopInMemory, saveEquipment, type Db } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { methodRows } from '../doughs/methods';
import { takeMethodBake } from '../doughs/take-method-bake';
import { ensureShop } from '../shop/new-shop';
import { loadShop } from '../shop/load-shop';
import { undoBatch } from '../journal/undo';
import { takenWater } from '../doughs/taken-water';
import { markCard } from './commands';
import { finishCard } from './finish-card';
import { mixSheet } from '@/shop/mix/sheet-content';
import { mixSheetPdf } from './sheet-pdf';
import { mixView } from './view';

const START = Date.parse('2026-11-27T08:00:00+01:00');
let db: Db;
let context: ShopContext;
let nowMs: number;
let stepId: string;
let n = 0;

beforeEach(() => {
  db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  nowMs = START;
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  saveEquipment(db, {
    id: 'm',
    kind: 'mixer',
    name: 'Davit',
    count: 1,
    least: 1,
    most: 12,
    heatMin: 0,
    bakeMin: 0,
  });
  const straight = methodRows(context, loadShop(context)).find(
    (one) => one.id === 'start-straight',
  )!;
  const taken = takeMethodBake(context, {
    name: 'Friday',
    method: straight.method,
    versionId: null,
    readyFrom: '2026-11-27T18:00',
    readyTo: '2026-11-27T20:00',
    mixAt: null,
    leavenAt: {},
  });
  if (!taken.ok) throw new Error(JSON.stringify(taken));
  stepId = foldJournal(listEntries(db)).plan.find((step) => step.act.kind === 'make')!.stepId;
});

const mark = (what: unknown, batchNumber = 1) =>
  markCard(context, { stepId, batchNumber, markId: `mark-id-${(n += 1)}`, what });
const view = (batchNumber = 1) => mixView(context, stepId, batchNumber)!;
const finish = (batchNumber = 1) =>
  finishCard(context, { stepId, batchNumber, batch: `batch-id-${(n += 1)}`, by: null });

/** Weighs every line as it is wanted, but for those left out. */
function weighAll(without: readonly string[] = [], batchNumber = 1) {
  for (const { item, wantedG } of view(batchNumber).card.lines) {
    if (item.kind !== 'weigh' || without.includes(item.id)) continue;
    nowMs += 60_000;
    const done = mark({ kind: 'weigh', itemId: item.id, massG: wantedG, by: 'scale' }, batchNumber);
    expect(done.ok).toBe(true);
  }
}

test('a card becomes a dough in the Log with what was really weighed, added and measured', () => {
  weighAll();
  mark({ kind: 'felt', ingredientId: 'water', massG: 40 });
  nowMs += 600_000;
  expect(mark({ kind: 'out', tempC: 25.5, doughG: 10_080 })).toMatchObject({ ok: true });
  expect(finish()).toMatchObject({ ok: true, value: { written: true } });
  const { done, plan } = foldJournal(listEntries(db));
  expect(done.map((one) => one.act.kind)).toContain('add');
  expect(plan.some((step) => step.stepId === stepId)).toBe(false);
  const dough = [...stockAfter(done).values()].find((lot) => lot.kind === 'dough')!;
  const weighed = view().card.lines.reduce((sum, line) => sum + (line.weighedG ?? 0), 0);
  expect(massOf(dough.composition)).toBeCloseTo(weighed + 40, 6);
  const [water] = takenWater(context, loadShop(context));
  expect(water!.takenHydration).toBeGreaterThan(water!.plannedHydration);
});

test('the salt can not be forgotten: nothing leaves the bowl before it is answered', () => {
  weighAll(['salt']);
  expect(mark({ kind: 'out', tempC: 24 })).toMatchObject({ ok: false });
  expect(finish()).toMatchObject({ ok: false });
  mark({ kind: 'salt', answer: 'left out' });
  expect(mark({ kind: 'out', tempC: 24 })).toMatchObject({ ok: true });
  expect(finish()).toMatchObject({ ok: true });
});

test('a finished card is taken back in the Log and is open again', () => {
  weighAll();
  mark({ kind: 'out', tempC: 24 });
  const finished = finish();
  if (!finished.ok) throw new Error('finished');
  expect(view().written).toBe(finished.value.batch);
  expect(mark({ kind: 'look', tempC: 24 })).toMatchObject({ ok: false });
  expect(undoBatch(context, finished.value.batch).ok).toBe(true);
  expect(view().written).toBeNull();
  expect(finish()).toMatchObject({ ok: true, value: { written: true } });
});

test('the dough that was weighed is divided: the counts stay, the weight uses it up', () => {
  weighAll();
  mark({ kind: 'out', tempC: 24, doughG: 9800 });
  finish();
  expect(view().divides).toMatchObject([
    {
      count: 40,
      plannedG: 250,
      weightG: 245,
      asPlanned: { count: 39, remainderG: 50, remainder: 'carry-over' },
    },
  ]);
});

test('water taken ice cold comes from the fridge: for a cold dough less of it is ice, and what it comes to is told', () => {
  const hot = (water: 'ice cold' | 'all at once') => {
    db.exec('UPDATE place_setting SET temp_c = 34; UPDATE shop SET tap_c = 20');
    const { method } = methodRows(context, loadShop(context)).find(
      (one) => one.id === 'start-straight',
    )!;
    const taken = takeMethodBake(context, {
      name: water,
      method: {
        ...method,
        mix: { ...method.mix, by: 'mixer', aimC: 12 },
        schools: { ...method.schools, water },
      },
      versionId: null,
      readyFrom: '2026-11-28T18:00',
      readyTo: '2026-11-28T20:00',
      mixAt: null,
      leavenAt: {},
    });
    if (!taken.ok) throw new Error(JSON.stringify(taken));
    const own = foldJournal(listEntries(db)).plan.find(
      (step) => step.act.kind === 'make' && step.act.name.startsWith(water),
    )!;
    return mixView(context, own.stepId, 1)!.water!;
  };
  const [plain, cold] = [hot('all at once'), hot('ice cold')];
  expect(plain.answer).toMatchObject({ waterC: 20, bound: null });
  expect(plain.iceColdC).toBeNull();
  expect(cold.answer.waterC).toBe(4);
  expect(cold.answer.iceG).toBeLessThan(plain.answer.iceG);
  expect(cold.answer.doughC).toBeCloseTo(plain.answer.doughC, 6);
  expect(cold.iceColdC!).toBeGreaterThan(cold.answer.doughC);
});

test('batches: one waits for the other, then they are one lot', () => {
  saveEquipment(db, {
    id: 'm',
    kind: 'mixer',
    name: 'Davit',
    count: 1,
    least: 1,
    most: 6,
    heatMin: 0,
    bakeMin: 0,
  });
  expect(view().batches).toBe(2);
  expect(mixView(context, stepId, 3)).toBeNull();
  weighAll([], 1);
  mark({ kind: 'out', tempC: 24 }, 1);
  expect(finish(1)).toMatchObject({ value: { written: false, waitsFor: 1 } });
  weighAll([], 2);
  mark({ kind: 'out', tempC: 25 }, 2);
  expect(finish(2)).toMatchObject({ value: { written: true } });
  const made = foldJournal(listEntries(db)).done.filter((one) => one.act.kind === 'make');
  expect(made).toHaveLength(1);
});

test.each([
  [{ kind: 'weigh', itemId: 'moon', massG: 5, by: 'scale' }, '“moon” is not on this card'],
  [{ kind: 'weigh', itemId: 'salt', massG: -5, by: 'scale' }, 'Weighed: −5 g is not possible.'],
  [{ kind: 'felt', ingredientId: 'salt', massG: 5 }, 'only water and flour'],
  [{ kind: 'undo', markId: 'nothing' }, 'this is not on the card'],
  [{ kind: 'look', tempC: 99 }, 'Temperature: 99 °C is not possible.'],
])('%j is refused, nothing stored', (what, says) => {
  expect(JSON.stringify(mark(what))).toContain(says);
  expect(view().marks).toEqual([]);
});

test('a mark sent twice is written once; a card of nothing, or done already, is refused', () => {
  const form = {
    stepId,
    batchNumber: 1,
    markId: 'mark-twice-1',
    what: { kind: 'weigh', itemId: 'salt', massG: 5, by: 'scale' },
    sure: true,
  };
  markCard(context, form);
  markCard(context, form);
  expect(view().marks.filter((one) => one.what.kind === 'weigh')).toHaveLength(1);
  expect(markCard(context, { ...form, stepId: 'none' })).toMatchObject({ ok: false });
  expect(mixView(context, 'none', 1)).toBeNull();
});

test('an amount far from the card is asked about; the head tells what is truly in the bowl', () => {
  const salt = view().items.find((one) => one.id === 'salt');
  const wantedG = salt?.kind === 'weigh' ? salt.massG : 0;
  const share = () => view().sums.saltG / view().sums.flourG;
  const before = share();
  const what = { kind: 'weigh', itemId: 'salt', massG: wantedG * 25, by: 'scale' };
  const form = { stepId, batchNumber: 1, markId: 'mark-far-off', what };
  expect(markCard(context, form)).toMatchObject({
    ok: false,
    refusals: [{ field: 'sure', sentence: expect.stringMatching(/is that right\?/) as string }],
  });
  expect(view().marks).toEqual([]);
  expect(markCard(context, { ...form, sure: true })).toMatchObject({ ok: true });
  expect(share()).toBeGreaterThan(before * 20);
});

test('the sheet says what the card says, on the page and as PDF', async () => {
  const sheet = mixSheet(view());
  expect(sheet.lines.map((line) => line.name)).toContain('Salt');
  expect(sheet.notes.join(' ')).toContain('Contains wheat');
  const pdf = await mixSheetPdf(sheet);
  expect(Buffer.from(pdf).subarray(0, 5).toString()).toBe('%PDF-');
});

test('what happened on a card can only be added to', () => {
  const salt = view().items.find((one) => one.id === 'salt');
  const massG = salt?.kind === 'weigh' ? salt.massG : 0;
  mark({ kind: 'weigh', itemId: 'salt', massG, by: 'scale' });
  expect(() => db.exec('DELETE FROM mix_mark')).toThrow('only ever added to');
  const kinds = listEntries(db).map((entry: Entry) => entry.body.kind);
  expect(kinds).not.toContain('add');
});
