import { databaseVersion, openShopInMemory, savePin } from '.';

test('every write makes another version, reading makes none', () => {
  const db = openShopInMemory();
  const first = databaseVersion(db);
  expect(databaseVersion(db)).toBe(first);
  savePin(db, 'step-1', true);
  const second = databaseVersion(db);
  expect(second).not.toBe(first);
  expect(databaseVersion(db)).toBe(second);
});
