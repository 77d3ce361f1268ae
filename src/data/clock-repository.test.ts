import { maybeOneDemoClock, openShopInMemory, saveDemoClock } from '.';

test('a baker’s own shop has no clock of its own; the demo’s is the last one set', () => {
  const db = openShopInMemory();
  expect(maybeOneDemoClock(db)).toBeNull();
  saveDemoClock(db, { realMs: 10, demoMs: 20, rate: 1 });
  saveDemoClock(db, { realMs: 11, demoMs: 80, rate: 60 });
  expect(maybeOneDemoClock(db)).toEqual({ realMs: 11, demoMs: 80, rate: 60 });
});
