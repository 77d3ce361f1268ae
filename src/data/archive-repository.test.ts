import { demoShop } from '../../tests/demo-shop';
import { TABLE_NAMES, type ArchiveTable } from '@/formats/archive/tables';
import type { ArchiveRow } from '@/formats/archive/archive';
import { eachArchiveRow, fillFromArchive, isEmptyShop, openShopInMemory, type Db } from '.';

const rowsOf = (db: Db) =>
  Object.fromEntries(
    TABLE_NAMES.map((table) => [table, [...eachArchiveRow(db, table)]]),
  ) as unknown as Record<ArchiveTable, ArchiveRow[]>;
const seen = () => undefined;

test('a new shop is empty; one in which something was written is not', () => {
  expect(isEmptyShop(openShopInMemory())).toBe(true);
  expect(isEmptyShop(demoShop().db)).toBe(false);
});

test('every row of a shop comes out, and put into an empty one comes out the same', () => {
  const rows = rowsOf(demoShop().db);
  expect(rows.journal.length).toBeGreaterThan(50);
  // What is kept as JSON comes out as what it means.
  expect(rows.journal[0]?.['body']).toMatchObject({ kind: expect.any(String) as string });
  const other = openShopInMemory();
  const told: string[] = [];
  fillFromArchive(other, rows, (table, index) => told.push(`${table} ${index}`));
  expect(rowsOf(other)).toEqual(rows);
  expect(told).toHaveLength(Object.values(rows).flat().length);
});

test('a row that breaks a rule of the tables changes nothing, and is the last that was told', () => {
  const rows = rowsOf(demoShop().db);
  const other = openShopInMemory();
  const before = rowsOf(other);
  const [first] = rows.journal;
  const told: string[] = [];
  expect(() =>
    fillFromArchive(other, { ...rows, journal: [first!, { ...first!, seq: 2 }] }, (table, index) =>
      told.push(`${table} ${index}`),
    ),
  ).toThrow(/UNIQUE/);
  expect(told.at(-1)).toBe('journal 1');
  expect(rowsOf(other)).toEqual(before);
});

test('what names something that is not there is refused as a whole', () => {
  const rows = rowsOf(demoShop().db);
  const other = openShopInMemory();
  const before = rowsOf(other);
  expect(() => fillFromArchive(other, { ...rows, bake: [] }, seen)).toThrow(
    /names something that is not there|FOREIGN KEY/,
  );
  expect(rowsOf(other)).toEqual(before);
});
