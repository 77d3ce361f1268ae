import { readFileSync } from 'node:fs';
import path from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { demoShop } from '../../../tests/demo-shop';
import { value } from '../../../tests/fixtures/services';
import { eachArchiveRow, openShopInMemory, type Db } from '@/data';
import { archiveJsonSchema } from '@/formats/archive/archive';
import { TABLE_NAMES, type ArchiveTable } from '@/formats/archive/tables';
import { ensureShop } from '../shop/new-shop';
import { contextOver } from '../context';
import { logNote } from '../scores/score';
import { takeArchive } from './read-archive';
import { archiveText } from './write-archive';

const textOf = (db: Db) => [...archiveText({ db })].join('');
const emptyShop = () => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  return db;
};
const demo = demoShop();
const demoText = textOf(demo.db);

test('the demo shop goes out, in and out again, identical byte for byte', () => {
  const db = emptyShop();
  expect(value(takeArchive(db, demoText)).entries).toBeGreaterThan(400);
  expect(textOf(db)).toBe(demoText);
  for (const table of TABLE_NAMES) {
    const raw = (from: Db) => from.prepare(`SELECT * FROM ${table} ORDER BY rowid`).all();
    const key = (rows: unknown[]) => rows.map((row) => JSON.stringify(row)).sort();
    expect(key(raw(db))).toEqual(key(raw(demo.db)));
  }
});

test('what is derived is there again: the Log finds the same', () => {
  const db = emptyShop();
  value(takeArchive(db, demoText));
  const words = (from: Db) =>
    from
      .prepare(`SELECT rowid FROM journal_words WHERE journal_words MATCH 'grusa' ORDER BY rowid`)
      .all();
  expect(words(db).length).toBeGreaterThan(20);
  expect(words(db)).toEqual(words(demo.db));
});

test('an archive of before practice rounds and several doughs is read as well', () => {
  const old = JSON.parse(demoText) as { tables: Record<string, Record<string, unknown>[]> };
  delete old.tables['practice_round'];
  for (const demand of old.tables['demand']!) delete demand['doughs'];
  const db = emptyShop();
  expect(value(takeArchive(db, JSON.stringify(old))).entries).toBeGreaterThan(400);
  expect([...eachArchiveRow(db, 'practice_round')]).toEqual([]);
  expect([...eachArchiveRow(db, 'demand')].every((row) => row['doughs'] === 1)).toBe(true);
});

test('it keeps to its published schema, by an independent validator', () => {
  const validate = new Ajv2020({ strict: false, allErrors: false }).compile(archiveJsonSchema());
  expect(validate(JSON.parse(demoText))).toBe(true);
  const wrong = JSON.parse(demoText) as { tables: { shop: { name: unknown }[] } };
  wrong.tables.shop[0]!.name = 7;
  expect(validate(wrong)).toBe(false);
});

test('the published schema stands in the documents as it is', () => {
  const file = path.resolve('docs/archive.schema.json');
  expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(archiveJsonSchema())),
  );
});

test('random shops go out, in and out again the same', () => {
  const text = fc
    .string({ minLength: 1, maxLength: 40, unit: 'grapheme' })
    .filter((one) => one.trim() !== '');
  const shops = fc.record({
    notes: fc.array(text, { maxLength: 6 }),
    flours: fc.array(fc.tuple(text, fc.double({ min: 80, max: 420, noNaN: true })), {
      maxLength: 4,
    }),
    tempC: fc.double({ min: -20, max: 40, noNaN: true }),
  });
  fc.assert(
    fc.property(shops, ({ notes, flours, tempC }) => {
      const db = emptyShop();
      const context = contextOver(db);
      notes.forEach((note, i) => logNote(context, { batch: `batch-${i}-of-random`, text: note }));
      flours.forEach(([name, strengthW], i) =>
        db
          .prepare('INSERT INTO flour (id, name, strength_w, wholegrain_share) VALUES (?, ?, ?, 0)')
          .run(`f${i}`, name.slice(0, 60), strengthW),
      );
      db.prepare('INSERT INTO place_setting (place_id, from_ms, temp_c) VALUES (?, ?, ?)').run(
        (db.prepare('SELECT id FROM place').get() as { id: string }).id,
        123,
        tempC,
      );
      const before = textOf(db);
      const back = emptyShop();
      value(takeArchive(back, before));
      expect(textOf(back)).toBe(before);
    }),
    { numRuns: 40 },
  );
});

test('a shop with a journal is not merged with another', () => {
  const before = textOf(demo.db);
  const outcome = takeArchive(demo.db, demoText);
  expect(outcome.ok).toBe(false);
  expect(outcome.ok ? '' : outcome.refusals[0]!.sentence).toContain('not merged');
  expect(textOf(demo.db)).toBe(before);
});

const sentenceOf = (text: string) => {
  const db = emptyShop();
  const before = textOf(db);
  const outcome = takeArchive(db, text);
  expect(textOf(db)).toBe(before);
  return outcome.ok ? null : outcome.refusals[0]!.sentence;
};

describe('a wrong archive', () => {
  type Parsed = { version: number; tables: Record<ArchiveTable, Record<string, unknown>[]> };
  const changed = (change: (archive: Parsed) => void) => {
    const archive = JSON.parse(demoText) as Parsed;
    change(archive);
    return JSON.stringify(archive);
  };
  test.each([
    ['cut off', demoText.slice(0, demoText.length / 2), 'not JSON'],
    ['another format', '{"format":"shopping-list","version":1}', 'not an archive'],
    ['of a later version', changed((one) => (one.version = 99)), 'version 99'],
    [
      'with a wrong cell',
      changed((one) => (one.tables.place[1]!['capacity_l'] = 'big')),
      'place, row 2, capacity_l',
    ],
    [
      'with a rule broken',
      changed((one) => (one.tables.place[0]!['capacity_l'] = -4)),
      'place, row 1: it breaks a rule',
    ],
    [
      'that names a place that is not there',
      changed((one) => (one.tables.culture[0]!['place_id'] = 'attic')),
      'not there',
    ],
    [
      'with an entry of no known kind',
      changed((one) => (one.tables.journal[3]!['body'] = { kind: 'dance' })),
      'journal, row 4, body',
    ],
  ])('%s is refused, and nothing changes', (_, text, says) => {
    expect(sentenceOf(text)).toContain(says);
  });

  test('damaged anywhere, it is refused in a sentence or is the same shop, and never half read', () => {
    const small = textOf(emptyShop());
    fc.assert(
      fc.property(
        fc.nat({ max: small.length - 1 }),
        fc.constantFrom('', '0', '"', '{', ']', 'x', '-', 'null', '1e999', '\u0000'),
        fc.nat({ max: 6 }),
        (at, put, cut) => {
          const sentence = sentenceOfQuick(small.slice(0, at) + put + small.slice(at + cut));
          expect(sentence === null || /Nothing was changed\.$/.test(sentence)).toBe(true);
        },
      ),
      { numRuns: 300 },
    );
  });
});

function sentenceOfQuick(text: string): string | null {
  const db = emptyShop();
  const count = () => [...eachArchiveRow(db, 'place'), ...eachArchiveRow(db, 'flour')].length;
  const before = count();
  const outcome = takeArchive(db, text);
  if (!outcome.ok) expect(count()).toBe(before);
  return outcome.ok ? null : outcome.refusals[0]!.sentence;
}
