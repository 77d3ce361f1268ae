import { FORTY_BALLS } from '../../tests/fixtures/baking';
import {
  chmodSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import type { Entry } from '@/core/journal';
import {
  addEntries,
  addPlace,
  addPlaceSetting,
  journalVersion,
  listBackups,
  listBatch,
  listEntries,
  listFlours,
  listMethods,
  listLearningResets,
  listPlaces,
  MigrationError,
  NotFoundError,
  oneBake,
  openShop,
  openShopInMemory,
  savePlace,
} from '.';

const entry = (id: string): Entry => ({
  id,
  atMs: 1,
  recordedMs: 1,
  tense: 'done',
  batch: 'batch-1',
  by: 'Jo',
  bakeId: null,
  fulfils: null,
  body: { kind: 'move', lotId: 'P', placeId: 'bench' },
});
const folder = () => mkdtempSync(path.join(tmpdir(), 'olvik data '));

test('entries come back as they were written, in the order of writing', () => {
  const db = openShopInMemory();
  addEntries(db, [entry('a'), entry('b')]);
  expect(listEntries(db)).toEqual([entry('a'), entry('b')]);
  expect(listBatch(db, 'batch-1')).toHaveLength(2);
  expect(journalVersion(db)).toBe(2);
});

test('a batch is written whole or not at all', () => {
  const db = openShopInMemory();
  addEntries(db, [entry('a')]);
  expect(() => addEntries(db, [entry('b'), entry('a')])).toThrow();
  expect(listEntries(db)).toHaveLength(1);
});

test('the journal is only ever added to', () => {
  const db = openShopInMemory();
  addEntries(db, [entry('a')]);
  expect(() => db.exec("UPDATE journal SET by = 'x'")).toThrow('only ever added to');
  expect(() => db.exec('DELETE FROM journal')).toThrow('only ever added to');
});

test('an unknown body is refused before it is stored', () => {
  const db = openShopInMemory();
  expect(() => addEntries(db, [{ ...entry('a'), body: { kind: 'explode' } as never }])).toThrow();
  expect(listEntries(db)).toEqual([]);
});

test('places keep every temperature they were set to', () => {
  const db = openShopInMemory();
  addPlace(db, { id: 'p', name: 'Bench', capacityL: 10, insulation: 1 }, 21);
  addPlaceSetting(db, { placeId: 'p', fromMs: 500, tempC: 25 });
  expect(listPlaces(db)[0]?.settings).toMatchObject([
    { fromMs: 0, tempC: 21 },
    { fromMs: 500, tempC: 25 },
  ]);
  expect(() => savePlace(db, { id: 'q', name: 'x', capacityL: 1, insulation: 1 })).toThrow(
    NotFoundError,
  );
  expect(() => oneBake(db, 'none')).toThrow(NotFoundError);
});

test('a database from a newer Olvik is left as it is', () => {
  const where = folder();
  const file = path.join(where, 'olvik.sqlite');
  const newer = new Database(file);
  newer.pragma('user_version = 999');
  newer.close();
  expect(() => openShop(where)).toThrow(/schema 999/);
  const again = new Database(file);
  expect(again.pragma('user_version', { simple: true })).toBe(999);
  again.close();
  rmSync(where, { recursive: true });
});

test('a file that is no database, and a folder that is none, get a sentence', () => {
  const where = folder();
  writeFileSync(
    path.join(where, 'olvik.sqlite'),
    'flour and water, no pages of a database in here'.repeat(40),
  );
  expect(() => openShop(where)).toThrow(MigrationError);
  const file = path.join(where, 'file');
  writeFileSync(file, '');
  chmodSync(file, 0o444);
  expect(() => openShop(path.join(file, 'inside'))).toThrow(/can not be written/);
  rmSync(where, { recursive: true });
});

describe('a database of a day on which a migration that had gone out was still written on', () => {
  const sqlOf = (version: number) =>
    readdirSync('src/data/migrations')
      .filter((name) => Number(name.slice(0, 3)) <= version)
      .sort()
      .map((name) => readFileSync(`src/data/migrations/${name}`, 'utf8'))
      .join('\n');
  const stored = (version: number, change: (db: Database.Database) => void) => {
    const where = folder();
    const old = new Database(path.join(where, 'olvik.sqlite'));
    old.exec(sqlOf(version));
    old.pragma(`user_version = ${version}`);
    old.exec("INSERT INTO place (id, name, capacity_l) VALUES ('bench', 'Bench', 20)");
    change(old);
    old.close();
    return where;
  };

  test.each([
    ['places that did not follow the weather yet', 8, 'ALTER TABLE place DROP COLUMN follows'],
    ['a journal without its days', 9, 'DROP INDEX journal_day'],
    ['the same, brought up since then', 15, 'DROP INDEX journal_day'],
  ])('%s: it opens with all it holds', (_, version, sql) => {
    const db = openShop(stored(version, (old) => old.exec(sql)));
    expect(listPlaces(db)).toMatchObject([{ id: 'bench', capacityL: 20, follows: 0 }]);
    const plan = db.prepare("SELECT name FROM sqlite_master WHERE name = 'journal_day'").get();
    expect(plan).toBeDefined();
    db.close();
  });

  test('before it is brought up a copy of it as it is stands among the back-ups, and only then', () => {
    const where = stored(15, () => undefined);
    openShop(where).close();
    const kept = listBackups(where);
    expect(kept).toHaveLength(1);
    const file = path.join(where, 'backups', kept[0]!.name);
    const copy = new Database(file, { readonly: true });
    expect(copy.pragma('user_version', { simple: true })).toBe(15);
    expect(copy.prepare('SELECT count(*) FROM place').pluck().get()).toBe(1);
    copy.close();
    expect(statSync(file).mode & 0o777).toBe(0o600);
    openShop(where).close();
    expect(listBackups(where)).toHaveLength(1);
  });

  test('where no copy can be kept it is not brought up, and told so', () => {
    const where = stored(15, () => undefined);
    writeFileSync(path.join(where, 'backups'), 'no folder');
    expect(() => openShop(where)).toThrow(
      /no copy of the shop could be kept first.*Nothing was changed/s,
    );
    const again = new Database(path.join(where, 'olvik.sqlite'));
    expect(again.pragma('user_version', { simple: true })).toBe(15);
    again.close();
  });

  test('one that nobody wrote is refused by what it lacks, and left as it is', () => {
    const where = stored(9, (old) => old.exec('ALTER TABLE place DROP COLUMN insulation'));
    expect(() => openShop(where)).toThrow(/lacks place\.insulation.*bin\/restore/s);
    const again = new Database(path.join(where, 'olvik.sqlite'));
    expect(again.pragma('user_version', { simple: true })).toBe(9);
    again.close();
  });
});

const OLD_FORMULA = { ...FORTY_BALLS, flourId: 'f' };

test('a shop written with the first schema opens with all it holds', () => {
  const where = folder();
  const old = new Database(path.join(where, 'olvik.sqlite'));
  old.exec(readFileSync('src/data/migrations/001-shop-and-journal.sql', 'utf8'));
  old.pragma('user_version = 1');
  old.exec(`INSERT INTO place (id, name, capacity_l) VALUES ('bench', 'Bench', 20);
    INSERT INTO place_setting (place_id, from_ms, temp_c) VALUES ('bench', 0, 21);
    INSERT INTO flour (id, name, strength_w, wholegrain_share) VALUES ('f', 'Flour', 280, 0);
    INSERT INTO bake (id, name, created_ms, ready_from_ms, ready_to_ms, formula, poolish_place_id,
      dough_place_id) VALUES ('b', 'Friday', 1, 2, 3, '${JSON.stringify(OLD_FORMULA)}', 'bench', 'bench')`);
  const { body, ...rest } = entry('a');
  old
    .prepare(
      `INSERT INTO journal (id, at_ms, recorded_ms, tense, kind, batch, by, bake_id, fulfils, body)
       VALUES (@id, @atMs, @recordedMs, @tense, @kind, @batch, @by, @bakeId, @fulfils, @body)`,
    )
    .run({ ...rest, kind: body.kind, body: JSON.stringify(body) });
  old.close();
  const db = openShop(where);
  expect(db.pragma('user_version', { simple: true })).toBe(22);
  expect(listEntries(db)).toEqual([entry('a')]);
  expect(listPlaces(db)).toEqual([
    {
      id: 'bench',
      name: 'Bench',
      capacityL: 20,
      insulation: 1,
      follows: 0,
      settings: [{ fromMs: 0, tempC: 21, daily: null }],
    },
  ]);
  // What was baked by a formula is a version of a method that says the same.
  const [method] = listMethods(db);
  expect(oneBake(db, 'b').methodVersionId).toBe(method?.id);
  expect(method?.method).toMatchObject({
    name: 'Friday',
    dough: { hydration: OLD_FORMULA.hydration, flours: [{ flourId: 'f', share: 1 }] },
    bulk: [{ placeId: 'bench' }],
  });
  expect(listFlours(db)).toEqual([
    {
      id: 'f',
      name: 'Flour',
      strengthW: 280,
      proteinShare: null,
      wholegrainShare: 0,
      ashShare: null,
      absorption: null,
      allergens: ['wheat'],
      retiredMs: null,
    },
  ]);
  expect(listLearningResets(db).size).toBe(0);
  db.close();
  rmSync(where, { recursive: true });
});
