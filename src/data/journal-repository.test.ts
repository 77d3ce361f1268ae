import { entryOf } from '../../tests/fixtures/entries';
import { POOLISH } from '../../tests/fixtures/baking';
import type { Entry } from '@/core/journal';
import { startingMethods } from '@/core/methods';
import { addBake, addEntries, addMethodVersion, addPlace, openShopInMemory } from '.';
import {
  eachReading,
  isLotNamed,
  listBatch,
  listEntries,
  listEntriesIn,
  listReadings,
  listStrikes,
  maybeFirstSeqFrom,
  maybeFirstWrittenMs,
  maybeSeqAt,
  maybeSeqOf,
  maybeSeqsOf,
} from './journal-repository';
import { journalVersion, maybeShelf, saveShelf } from './journal-shelf';

type Body = Entry['body'];
const note = (text: string): Body => ({ kind: 'note', text });
const reading = (tempC: number): Body => ({ kind: 'reading', placeId: 'fridge', tempC });

/** An entry written an hour after what it tells of. */
const entry = (id: string, atMs: number, body: Body = note(id), more: Partial<Entry> = {}): Entry =>
  entryOf(id, atMs, body, { recordedMs: atMs + 3_600_000, ...more });

function journal(...entries: Entry[]) {
  const db = openShopInMemory();
  addEntries(db, entries);
  return db;
}
const ids = (entries: readonly Entry[]) => entries.map((one) => one.id);

test('an empty journal has no first entry, no reading and no number', () => {
  const db = journal();
  expect(maybeFirstWrittenMs(db)).toBeNull();
  expect(maybeFirstSeqFrom(db, 0)).toBeNull();
  expect(maybeSeqOf(db, 'a')).toBeNull();
  expect(maybeSeqsOf(db, { bakeId: 'b' })).toBeNull();
  expect(journalVersion(db)).toBe(0);
  expect([...eachReading(db)]).toEqual([]);
});

test('when the shop wrote first is by the order of writing, not by what was told of', () => {
  const db = journal(entry('told of later', 50), entry('told of sooner', 10));
  expect(maybeFirstWrittenMs(db)).toBe(50 + 3_600_000);
});

test('a stretch is read in the order of writing, without the temperatures and no longer than wanted', () => {
  const db = journal(entry('a', 30), entry('r', 5, reading(4)), entry('b', 10), entry('c', 20));
  const all = { fromSeq: 1, beforeSeq: 99 };
  expect(ids(listEntries(db))).toEqual(['a', 'r', 'b', 'c']);
  expect(ids(listEntriesIn(db, all))).toEqual(['a', 'b', 'c']);
  expect(ids(listEntriesIn(db, all, 2))).toEqual(['a', 'b']);
  expect(ids(listEntriesIn(db, { fromSeq: 3, beforeSeq: 4 }))).toEqual(['b']);
  expect(maybeSeqAt(db, all, 1)).toBe(3);
  expect(maybeSeqAt(db, all, 3)).toBeNull();
  expect(maybeFirstSeqFrom(db, 3_600_000 + 15)).toBe(1);
  expect(journalVersion(db)).toBe(4);
});

test('temperatures come in order of time, by when they were measured and from which entry on', () => {
  const db = journal(
    entry('late', 30, reading(6)),
    entry('soon', 10, reading(4)),
    entry('n', 20),
    entry('same', 10, reading(5)),
  );
  const found = (of: Parameters<typeof listReadings>[1]) =>
    listReadings(db, of).map((one) => [one.entryId, one.tempC]);
  expect(found({ fromMs: 0 })).toEqual([
    ['soon', 4],
    ['same', 5],
    ['late', 6],
  ]);
  expect(found({ fromMs: 10, toMs: 30 })).toHaveLength(2);
  expect(found({ fromMs: 0, fromSeq: 3 })).toEqual([['same', 5]]);
  expect([...eachReading(db)].map((one) => one.entryId)).toEqual(['soon', 'same', 'late']);
});

test('what takes back is listed by itself; what was written together is read together', () => {
  const db = journal(
    entry('a', 10, note('a'), { batch: 'both' }),
    entry('b', 11, note('b'), { batch: 'both' }),
    entry('back', 12, { kind: 'strike', strikes: 'a' }),
  );
  expect(ids(listBatch(db, 'both'))).toEqual(['a', 'b']);
  expect(listBatch(db, 'none')).toEqual([]);
  expect(ids(listStrikes(db, 99))).toEqual(['back']);
  expect(listStrikes(db, 3)).toEqual([]);
});

test('the first and the last entry of a bake and of a lot', () => {
  const made = (lotId: string) => entry(`made ${lotId}`, 5, { ...POOLISH, lotId });
  const about = (id: string, lotId: string, bakeId: string | null) =>
    entry(id, 10, { kind: 'note', lotId, text: id }, { bakeId });
  const db = journal();
  addPlace(db, { id: 'bench', name: 'Bench', capacityL: 30, insulation: 1 }, 21);
  addMethodVersion(db, {
    id: 'version',
    methodId: 'method',
    createdMs: 1,
    method: startingMethods()[0]!.method,
  });
  addBake(db, {
    id: 'bake',
    name: 'Friday',
    createdMs: 1,
    readyFromMs: 1000,
    readyToMs: 2000,
    methodVersionId: 'version',
    demandId: null,
    demandDate: null,
  });
  addEntries(db, [made('L1'), made('L2'), about('a', 'L1', 'bake'), about('b', 'L2', null)]);
  addEntries(db, [about('c', 'L1', 'bake')]);
  expect(maybeSeqsOf(db, { bakeId: 'bake' })).toEqual({ firstSeq: 3, lastSeq: 5 });
  expect(maybeSeqsOf(db, { lotId: 'L1' })).toEqual({ firstSeq: 1, lastSeq: 5 });
  expect(maybeSeqsOf(db, { lotId: 'L2' })).toEqual({ firstSeq: 2, lastSeq: 4 });
  expect(maybeSeqsOf(db, { lotId: 'L3' })).toBeNull();
  expect(['L1', 'L2', 'L3'].map((lotId) => isLotNamed(db, lotId))).toEqual([true, true, false]);
});

test('what the entries before a number still say is found from that number on', () => {
  const db = journal();
  expect(maybeShelf(db, 9)).toBeNull();
  saveShelf(db, 4, 'four');
  saveShelf(db, 8, 'eight');
  saveShelf(db, 4, 'four anew');
  expect(maybeShelf(db, 3)).toBeNull();
  expect(maybeShelf(db, 7)).toEqual({ beforeSeq: 4, carried: 'four anew' });
  expect(maybeShelf(db, 8)).toEqual({ beforeSeq: 8, carried: 'eight' });
});
