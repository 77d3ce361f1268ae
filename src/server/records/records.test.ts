import Papa from 'papaparse';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import fc from 'fast-check';
import { demoShop } from '../../../tests/demo-shop';
import { freshBatch, sentences, value } from '../../../tests/fixtures/services';
import { listEntries, openShop, restoreBackup } from '@/data';
import { contextOver } from '../context';
import { KEPT_NEWEST, keepBackup, passedBackups } from '../backups/backups';
import { csvText } from '../exports/csv';
import { EXPORT_NAMES, exportTable } from '../exports/tables';
import { foldedJournal } from '../journal/journal-memory';
import { ensureShop } from '../shop/new-shop';
import { logNote } from '../scores/score';
import { undoBatch } from '../journal/undo';
import { previewReadings, storeReadings } from './import-readings';

const { context, startMs } = demoShop();

describe('tables as CSV', () => {
  test.each(EXPORT_NAMES)('%s is read back by an independent parser, cell by cell', (name) => {
    const table = exportTable(context, name)!;
    const rows = [...table.rows].map((row) =>
      row.map((cell) => (cell === null ? '' : String(cell))),
    );
    const text = [...csvText({ head: table.head, rows })].join('');
    const back = Papa.parse<string[]>(text, { skipEmptyLines: true });
    expect(back.errors).toEqual([]);
    expect(back.data[0]).toEqual([...table.head]);
    const harmless = (cell: string) => (/^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);
    expect(back.data.slice(1)).toEqual(rows.map((row) => row.map(harmless)));
  });
  test('the demo has something in each of them', () => {
    for (const name of EXPORT_NAMES) {
      expect([name, [...exportTable(context, name)!.rows].length > 0]).toEqual([name, true]);
    }
    expect(exportTable(context, 'shop; DROP TABLE journal')).toBeNull();
  });
});

describe('a logger’s file', () => {
  const columns = {
    time: 'Time',
    temperature: 'Temp',
    unit: 'C',
    order: 'day first',
    timeZone: 'Europe/Oslo',
  };
  const form = (text: string, more: object = {}) => ({
    text,
    batch: freshBatch(),
    placeId: 'cellar',
    ...columns,
    ...more,
  });
  const FILE = 'Time,Temp\n2026-11-20 10:00,15.5\n2026-11-20 11:00,16.25\n';
  test('is looked at, stored, not stored twice, and taken back as one', () => {
    const before = foldedJournal(context).readings.length;
    const look = value(previewReadings(context, form(FILE)));
    expect(look).toMatchObject({ rows: 2, known: 0, leastC: 15.5, mostC: 16.25 });
    expect(foldedJournal(context).readings).toHaveLength(before);
    const { batch, stored } = value(storeReadings(context, form(FILE)));
    expect(stored).toBe(2);
    const there = foldedJournal(context).readings.filter((one) => one.placeId === 'cellar');
    expect(there.some((one) => one.atMs === Date.parse('2026-11-20T09:00:00Z'))).toBe(true);
    expect(sentences(storeReadings(context, form(FILE)))[0]).toContain('already');
    value(undoBatch(context, batch));
    expect(foldedJournal(context).readings).toHaveLength(before);
  });
  test.each([
    [
      'semicolons and commas',
      'Time;Temp\n20.11.2026 10:00;15,5\n',
      {},
      [15.5, '2026-11-20T09:00:00Z'],
    ],
    [
      'Fahrenheit',
      'Time,Temp\n2026-11-20T10:00:00Z,59\n',
      { unit: 'F' },
      [15, '2026-11-20T10:00:00Z'],
    ],
    [
      'the month first',
      'Time,Temp\n11/20/2026 10:00,15\n',
      { order: 'month first' },
      [15, '2026-11-20T09:00:00Z'],
    ],
    ['seconds since 1970', 'Time\tTemp\n1795168800\t15\n', {}, [15, '2026-11-20T10:00:00Z']],
    ['an offset', 'Time,Temp\n2026-11-20 10:00 +0500,15\n', {}, [15, '2026-11-20T05:00:00Z']],
    [
      'a byte order mark',
      '\uFEFFTime,Temp\n2026-11-20 10:00,15\n',
      {},
      [15, '2026-11-20T09:00:00Z'],
    ],
  ] as [string, string, object, [number, string]][])(
    '%s are read',
    (_, text, more, [tempC, at]) => {
      const { first } = value(previewReadings(context, form(text, more)));
      expect(first[0]!.atMs).toBe(Date.parse(at));
      expect(first[0]!.tempC).toBeCloseTo(tempC, 9);
    },
  );
  test.each([
    [
      'a bad time',
      'Time,Temp\n2026-11-20 10:00,15\n2026-02-31 10:00,15\n',
      'row 3: “2026-02-31 10:00”',
    ],
    ['a bad temperature', 'Time,Temp\n2026-11-20 10:00,warm\n', 'row 2: “warm”'],
    ['one too hot', 'Time,Temp\n2026-11-20 10:00,200\n', 'row 2: “200”'],
    ['the future', 'Time,Temp\n2027-11-20 10:00,15\n', 'row 2: it lies in the future'],
    ['a row too long', 'Time,Temp\n2026-11-20 10:00,15,9\n', 'no table'],
    ['other columns', 'When,Heat\n2026-11-20 10:00,15\n', 'no column “Time”'],
  ])('%s is named with its row, and nothing is stored', (_, text, says) => {
    const before = listEntries(context.db).length;
    expect(sentences(storeReadings(context, form(text)))[0]).toContain(says);
    expect(listEntries(context.db)).toHaveLength(before);
  });
  test('damaged files are refused in a sentence or read, never half', () => {
    const before = listEntries(context.db).length;
    fc.assert(
      fc.property(
        fc.nat({ max: FILE.length }),
        fc.string({ maxLength: 3, unit: 'binary' }),
        fc.nat({ max: 4 }),
        (at, put, cut) => {
          const text = FILE.slice(0, at) + put + FILE.slice(at + cut);
          const outcome = previewReadings(context, form(text === '' ? ' ' : text));
          if (!outcome.ok) expect(sentences(outcome)[0]!.length).toBeGreaterThan(10);
        },
      ),
      { numRuns: 200 },
    );
    expect(listEntries(context.db)).toHaveLength(before);
  });
});

describe('back-ups', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik-backups-'));
  afterAll(() => rmSync(folder, { recursive: true }));
  const notes = (of: string) => {
    const db = openShop(of);
    const count = listEntries(db).length;
    db.close();
    return count;
  };
  test('a copy made while in use is restored, and what it replaces is kept', async () => {
    const db = openShop(folder);
    ensureShop(db, 'UTC');
    const own = contextOver(db);
    value(logNote(own, { batch: freshBatch(), text: 'before' }));
    const { backup } = value(await keepBackup(own, Date.UTC(2026, 10, 27, 6)));
    value(logNote(own, { batch: freshBatch(), text: 'after' }));
    db.close();
    expect(notes(folder)).toBe(2);
    const file = path.join(folder, 'backups', backup.name);
    const aside = await restoreBackup(folder, file, Date.UTC(2026, 10, 27, 7));
    expect(notes(folder)).toBe(1);
    const replaced = path.join(folder, 'was');
    mkdirSync(replaced);
    await restoreBackup(replaced, path.join(folder, aside!), Date.UTC(2026, 10, 27, 8));
    expect(notes(replaced)).toBe(2);
  });
  test('what is no shop is not restored, and nothing changes', async () => {
    const file = path.join(folder, 'letter.sqlite');
    writeFileSync(file, 'Dear Maren,');
    const before = readdirSync(folder).sort();
    await expect(restoreBackup(folder, file, 0)).rejects.toThrow('no back-up of a shop');
    await expect(restoreBackup(folder, `${file}-not-there`, 0)).rejects.toThrow(
      'Nothing was changed',
    );
    expect(readdirSync(folder).sort()).toEqual(before);
    expect(notes(folder)).toBe(1);
  });
  test('the newest stay, and the last of each of thirty days', () => {
    const HOUR = 3_600_000;
    const nowMs = Date.UTC(2026, 10, 27, 12);
    const all = Array.from({ length: 24 * 60 }, (_, i) => ({
      name: `${i}`,
      atMs: nowMs - i * HOUR,
      bytes: 1,
    }));
    const passed = new Set(passedBackups(all, nowMs).map((one) => one.name));
    const kept = all.filter((one) => !passed.has(one.name));
    expect(kept.slice(0, KEPT_NEWEST).map((one) => one.name)).toEqual([
      '0',
      '1',
      '2',
      '3',
      '4',
      '5',
      '6',
      '7',
    ]);
    expect(kept.length).toBeLessThanOrEqual(KEPT_NEWEST + 31);
    expect(kept.length).toBeGreaterThanOrEqual(36);
    expect(passedBackups(kept, nowMs)).toEqual([]);
  });
});

test('the demo stands on its Friday while all this is read', () => {
  expect(context.clock().nowMs).toBe(startMs);
});
