import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { entryOf } from '../../../tests/fixtures/entries';
import { daysOfWork } from '../../../tests/fixtures/ten-years';
import { isUsedUp, stockAfter, type Entry } from '@/core/journal';
import { addEntries, listReadings, openShop, openShopInMemory, type Db } from '@/data';
import { archiveText } from '../archive/write-archive';
import { contextOver, type ShopContext } from '../context';
import { exportTable } from '../exports/tables';
import { foldedJournal, journalEntries, wholeJournal } from './journal-memory';
import { ensureShop } from '../shop/new-shop';
import { bakePage } from '../scores/bake-page';
import { compareView } from '../scores/compare-view';
import { lineageOf } from '../lots/lineage';
import { undoBatch } from './undo';

const DAY = 86_400_000;
const DAYS = 420;
const T0 = Date.parse('2026-11-27T05:10:00Z');

let nowMs = T0;
const at = (db: Db): ShopContext => ({
  ...contextOver(db),
  clock: () => ({ nowMs, rate: 0, demo: false }),
});

let db: Db;
let context: ShopContext;
beforeAll(() => {
  db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  daysOfWork(db, T0, DAYS, { probes: 1 });
  context = at(db);
});
beforeEach(() => {
  nowMs = T0;
});

const standing = (done: ReturnType<typeof foldedJournal>['done']) =>
  [...stockAfter(done).values()]
    .filter((lot) => !isUsedUp(lot))
    .map((lot) => [lot.id, lot.placeId, lot.balls])
    .sort();
const written = (id: string, body: Entry['body'], atMs = T0): Entry =>
  entryOf(id, atMs, body, { recordedMs: T0 });

test('half a year is at hand with every entry; what stands is what stands by the whole journal', () => {
  const whole = wholeJournal(context);
  const { done, readings } = foldedJournal(context);
  expect(done.length).toBeLessThan(whole.done.length * 0.6);
  expect(standing(done)).toEqual(standing(whole.done));
  expect(readings[0]!.atMs).toBeGreaterThan(T0 - 46 * DAY);
  expect(listReadings(db, { fromMs: 0 }).length).toBeGreaterThan(readings.length * 5);
});

test('what is kept of the years before is the same when it is read again', () => {
  const again = at(db);
  expect(db.prepare('SELECT count(*) FROM journal_shelf').pluck().get()).toBeGreaterThan(0);
  expect(foldedJournal(again).done).toEqual(foldedJournal(context).done);
  db.prepare('UPDATE journal_shelf SET carried = ?').run('{"damaged');
  expect(foldedJournal(at(db)).done).toEqual(foldedJournal(context).done);
});

test('a bake of more than a year ago has its page, its family and its place beside others', () => {
  const old = bakePage(context, 'bake-20-1')!;
  expect(old).toMatchObject({ state: 'baked', balls: 22, name: 'Quay 20' });
  expect(old.rows.length).toBeGreaterThan(8);
  const both = compareView(context, ['bake-20-1', `bake-${DAYS - 2}-1`]);
  expect(both.bakes.map((one) => one.bakeId)).toEqual(['bake-20-1', `bake-${DAYS - 2}-1`]);
  expect(lineageOf(context, 'B20-1')!.back.map((one) => one.lotId)).toEqual(
    expect.arrayContaining(['D20-1', 'P20-1']),
  );
  expect(lineageOf(context, 'P20-1')!.forward.map((one) => one.lotId)).toEqual(['D20-1', 'B20-1']);
  expect(lineageOf(context, 'never made')).toBeNull();
});

test('a culture’s line goes back past what is at hand, as far as is shown, and says where it is cut', () => {
  const line = lineageOf(context, `Reed-${DAYS}`)!;
  expect(line.back.map((one) => one.lotId).slice(0, 2)).toEqual([
    `Reed-${DAYS - 1}`,
    `Reed-${DAYS - 2}`,
  ]);
  expect([line.back.length, line.forward.length, line.cut]).toEqual([200, 200, true]);
  const young = lineageOf(context, 'Reed-3')!;
  expect(young.back.map((one) => one.lotId)).toEqual(['Reed-2', 'Reed-1', 'Reed-0']);
  expect(young.back[0]).toMatchObject({ massG: 20, kind: 'starter', name: 'Reed' });
});

test('what leaves the shop is all of it', () => {
  const looks = [...exportTable(context, 'looks')!.rows];
  expect(looks).toHaveLength(DAYS * (2 + 6));
  const readings = [...exportTable(context, 'readings')!.rows];
  expect(readings).toHaveLength(DAYS * 96);
});

test('taking back what was written a year ago changes what was made of it since, or is refused', () => {
  const entries = journalEntries(context).length;
  const made = undoBatch(context, 'b-d3-1');
  expect(made.ok).toBe(false);
  const look = undoBatch(context, 'b-d3-3');
  const before = wholeJournal(context).done.length;
  expect(look.ok).toBe(true);
  expect(foldedJournal(context).done.length).toBeLessThanOrEqual(before);
  expect(journalEntries(context)).toHaveLength(entries + 1);
  expect(standing(foldedJournal(context).done)).toEqual(standing(wholeJournal(context).done));
});

test('the cut moves on with the days, and a word about a lot that is long gone changes nothing', () => {
  const before = foldedJournal(context).done.length;
  addEntries(db, [written('late-look', { kind: 'look', lotId: 'P3-1', signs: { rise: 2 } })]);
  expect(foldedJournal(context).done).toHaveLength(before);
  nowMs = T0 + 60 * DAY;
  expect(foldedJournal(context).done.length).toBeLessThan(before);
  expect(standing(foldedJournal(context).done)).toEqual(standing(wholeJournal(context).done));
});

test('while the archive is being read others write, and it stays the shop that it was', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-snap-'));
  const shop = openShop(folder);
  ensureShop(shop, 'Europe/Oslo');
  addEntries(shop, [written('first', { kind: 'note', text: 'written before' })]);
  const text = archiveText({ db: shop });
  let read = String(text.next().value);
  addEntries(shop, [written('second', { kind: 'note', text: 'written meanwhile' })]);
  for (const part of text) read += part;
  expect(read).toContain('written before');
  expect(read).not.toContain('written meanwhile');
  expect([...archiveText({ db: shop })].join('')).toContain('written meanwhile');
  shop.close();
  rmSync(folder, { recursive: true });
});
