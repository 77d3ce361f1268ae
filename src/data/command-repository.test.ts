import { addCommand, dropCommandsBefore, maybeOneCommand, openShopInMemory } from '.';

const DONE = { id: 'command-1', name: 'doStep', atMs: 100, answer: '{"ok":true}' };

test('what a command answered is found by its id, and none is kept twice', () => {
  const db = openShopInMemory();
  expect(maybeOneCommand(db, DONE.id)).toBeNull();
  addCommand(db, DONE);
  expect(maybeOneCommand(db, DONE.id)).toEqual(DONE);
  expect(() => addCommand(db, { ...DONE, answer: '{"ok":false}' })).toThrow();
  expect(maybeOneCommand(db, DONE.id)!.answer).toBe(DONE.answer);
});

test('answers older than an instant are dropped, one of that instant stays', () => {
  const db = openShopInMemory();
  addCommand(db, DONE);
  addCommand(db, { ...DONE, id: 'command-2', atMs: 200 });
  dropCommandsBefore(db, 200);
  expect(maybeOneCommand(db, 'command-1')).toBeNull();
  expect(maybeOneCommand(db, 'command-2')).not.toBeNull();
});
