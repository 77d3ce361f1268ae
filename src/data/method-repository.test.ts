import { startingMethods } from '@/core/methods';
import {
  addMethodVersion,
  listMethods,
  listMethodVersions,
  NotFoundError,
  oneMethodVersion,
  openShopInMemory,
  retireMethod,
} from '.';

const { method } = startingMethods()[0]!;
const version = (id: string, methodId: string, createdMs: number) => ({
  id,
  methodId,
  createdMs,
  method,
});

test('versions of a method are numbered as they are kept, and the newest is the method', () => {
  const db = openShopInMemory();
  expect(addMethodVersion(db, version('a1', 'a', 1))).toBe(1);
  expect(addMethodVersion(db, version('b1', 'b', 2))).toBe(1);
  expect(
    addMethodVersion(db, { ...version('a2', 'a', 3), method: { ...method, name: 'Anew' } }),
  ).toBe(2);
  expect(listMethods(db).map((one) => [one.id, one.number])).toEqual([
    ['a2', 2],
    ['b1', 1],
  ]);
  expect(listMethodVersions(db, 'a').map((one) => one.method.name)).toEqual(['Anew', method.name]);
});

test('a version comes back as it was kept; one that nobody kept is an error', () => {
  const db = openShopInMemory();
  addMethodVersion(db, version('a1', 'a', 1));
  expect(oneMethodVersion(db, 'a1').method).toEqual(method);
  expect(() => oneMethodVersion(db, 'a9')).toThrow(NotFoundError);
});

test('a retired method is listed no more, its versions stay for the bakes of the past', () => {
  const db = openShopInMemory();
  addMethodVersion(db, version('a1', 'a', 1));
  retireMethod(db, 'a', 50);
  expect(listMethods(db)).toEqual([]);
  expect(oneMethodVersion(db, 'a1').number).toBe(1);
  retireMethod(db, 'a', null);
  expect(listMethods(db)).toHaveLength(1);
  expect(() => retireMethod(db, 'z', 1)).toThrow(NotFoundError);
});

test('what is no method is refused before it is stored, and nothing of it stays', () => {
  const db = openShopInMemory();
  const broken = { ...version('a1', 'a', 1), method: { ...method, dough: null } as never };
  expect(() => addMethodVersion(db, broken)).toThrow();
  expect(listMethods(db)).toEqual([]);
  expect(db.prepare('SELECT count(*) AS n FROM method').get()).toEqual({ n: 0 });
});
