import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { demoShop } from '../../../tests/demo-shop';
import { freshBatch, value } from '../../../tests/fixtures/services';
import { openSack } from '../shop/flour-lots';
import { storeReadings } from '../records/import-readings';
import { loadShop } from '../shop/load-shop';
import { coldLogs } from '@/shop/sheets/cold-log';
import { sheetsView } from './sheets';
import { sheetsPdf } from './sheets-pdf';

const { context } = demoShop();

test('a warm fridge is an excursion with its hours, days without a reading are a gap', () => {
  const rows = ['09:00,4.2', '09:30,7.5', '10:00,8.25', '10:30,4.5', '14:00,6'].map(
    (row) => `2026-11-24 ${row}`,
  );
  value(
    storeReadings(context, {
      text: `at,t\n${rows.join('\n')}`,
      batch: freshBatch(),
      placeId: 'fridge',
      time: 'at',
      temperature: 't',
      unit: 'C',
      order: 'day first',
      timeZone: 'Europe/Oslo',
    }),
  );
  const fridge = coldLogs(loadShop(context), 14, 0).find((one) => one.placeId === 'fridge')!;
  const at = (text: string) => Date.parse(`2026-11-24T${text}:00+01:00`);
  expect(fridge.excursions).toContainEqual({ fromMs: at('09:30'), toMs: at('10:00'), mostC: 8.25 });
  expect(fridge.excursions).toContainEqual({ fromMs: at('14:00'), toMs: at('14:00'), mostC: 6 });
  expect(fridge.gaps.length).toBeGreaterThan(0);
  for (const gap of fridge.gaps) expect(gap.toMs - gap.fromMs).toBeGreaterThan(24 * 3_600_000);
  expect(fridge.days).toHaveLength(14);
});

test('what was before a shop began is no gap: its first day, or that of its first reading, begins the log', () => {
  const state = loadShop(context);
  const began = (hoursAgo: number | null, readings: typeof state.folded.readings = []) =>
    coldLogs(
      { ...state, folded: { ...state.folded, readings } },
      14,
      hoursAgo === null ? null : state.nowMs - hoursAgo * 3_600_000,
    )[0]!;
  expect(began(null)).toMatchObject({ gaps: [], days: [{ readings: 0 }] });
  expect(began(3).days).toHaveLength(1);
  expect(began(20).gaps).toEqual([]);
  const fromMs = state.nowMs - 30 * 3_600_000;
  expect(began(30)).toMatchObject({ gaps: [{ fromMs, toMs: state.nowMs }] });
  expect(began(30).days).toHaveLength(2);
  const brought = { entryId: 'r', placeId: 'fridge', atMs: fromMs, tempC: 4 };
  expect(began(1, [brought] as never).gaps).toEqual([{ fromMs, toMs: state.nowMs }]);
  expect(began(5000).days).toHaveLength(14);
});

test('warm places are no cold stores; the freezer has its own limit', () => {
  const logs = coldLogs(loadShop(context), 3, 0);
  expect(logs.map((one) => one.placeId)).not.toContain('bench');
  expect(logs.find((one) => one.placeId === 'freezer')!.limitC).toBe(-15);
});

test('a sack is followed into its lots, what came of them, and where it was baked', () => {
  const { traces } = sheetsView(context);
  const used = traces.find((trace) => trace.bakes.length > 0)!;
  const direct = used.lots.filter((lot) => lot.flourG > 0);
  const later = used.lots.filter((lot) => lot.flourG === 0);
  expect(direct.length).toBeGreaterThan(0);
  for (const lot of later) expect(lot.from.length).toBeGreaterThan(0);
  expect(used.bakes.every((bake) => bake.balls > 0)).toBe(true);
  const { id } = value(openSack(context, { flourId: used.sack.flourId, code: 'NEW-1' }));
  const fresh = sheetsView(context).traces.find((trace) => trace.sack.id === id)!;
  expect(fresh.lots).toEqual([]);
  expect(
    sheetsView(context).traces.find((one) => one.sack.id === used.sack.id)!.untilMs,
  ).not.toBeNull();
});

test('every dough in sight carries its allergens', () => {
  const { allergens, codesFirst } = sheetsView(context);
  expect(allergens.length).toBeGreaterThan(2);
  for (const row of allergens) expect(row.allergens).toContain('wheat');
  expect(codesFirst).toContain('food-safety plan');
});

test('the text of the PDF is read back', async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-sheets-'));
  const file = path.join(folder, 'sheets.pdf');
  writeFileSync(file, await sheetsPdf(sheetsView(context)));
  const text = execFileSync(process.execPath, [path.resolve('tests/pdf-text.mjs'), file], {
    encoding: 'utf8',
  });
  rmSync(folder, { recursive: true });
  const words = text.replace(/\s+/g, ' ');
  expect(words).toContain('Cold store: Fridge, at most 5°');
  expect(words).toContain('Too warm: 2026-11-24 09:30');
  expect(words).toContain('Allergens');
});
