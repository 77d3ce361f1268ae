import { POOLISH } from '../../tests/fixtures/baking';
import type { Entry } from '@/core/journal';
import { addEntries, listFoundBatches, listLotNames, openShopInMemory } from '.';

const entry = (id: string, atMs: number, more: Partial<Entry> = {}): Entry => ({
  id,
  atMs,
  recordedMs: atMs,
  tense: 'done',
  batch: `batch-${id}`,
  by: 'Jo',
  bakeId: null,
  fulfils: null,
  body: { kind: 'note', text: `Salt weighed twice, ${id}` },
  ...more,
});

function shop(...entries: Entry[]) {
  const db = openShopInMemory();
  addEntries(db, entries);
  return db;
}
const batches = (...args: Parameters<typeof listFoundBatches>) =>
  listFoundBatches(...args).map((one) => one.batch);

test('the last stands first, and a batch of many entries is found once', () => {
  const db = shop(
    entry('a', 10),
    entry('b', 30, { batch: 'same' }),
    entry('c', 30, { batch: 'same' }),
    entry('d', 20),
  );
  expect(batches(db, { limit: 9 })).toEqual(['same', 'batch-d', 'batch-a']);
  expect(batches(db, { limit: 2 })).toHaveLength(2);
});

test('a word is found by its beginning, whatever its case; all words have to be there', () => {
  const db = shop(
    entry('a', 10),
    entry('b', 20, { body: { kind: 'note', text: 'Oven door sticks' } }),
  );
  expect(batches(db, { words: ['sal'], limit: 9 })).toEqual(['batch-a']);
  expect(batches(db, { words: ['OVEN', 'stick'], limit: 9 })).toEqual(['batch-b']);
  expect(batches(db, { words: ['oven', 'salt'], limit: 9 })).toEqual([]);
});

test('by who, when and what kind; a quote in a word is no way into the search', () => {
  const db = shop(entry('a', 10), entry('b', 20, { by: 'Maren' }));
  expect(batches(db, { by: 'Maren', limit: 9 })).toEqual(['batch-b']);
  expect(batches(db, { fromMs: 10, toMs: 20, limit: 9 })).toEqual(['batch-a']);
  expect(batches(db, { kinds: ['move'], limit: 9 })).toEqual([]);
  expect(batches(db, { words: ['" OR 1=1 --'], limit: 9 })).toEqual([]);
});

test('the next page begins where the last one ended', () => {
  const db = shop(...Array.from({ length: 5 }, (_, i) => entry(`e${i}`, i)));
  const [, second] = listFoundBatches(db, { limit: 2 });
  expect(batches(db, { before: second!, limit: 9 })).toEqual(['batch-e2', 'batch-e1', 'batch-e0']);
});

test('lots are named as they were made; one that nobody made has no name', () => {
  const db = shop(entry('a', 1, { body: POOLISH }));
  expect(listLotNames(db, [POOLISH.lotId, 'P9'])).toEqual(new Map([[POOLISH.lotId, POOLISH.name]]));
});
