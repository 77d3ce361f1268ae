import { startingMethods } from '@/core/methods';
import {
  addBake,
  addMethodVersion,
  addPlace,
  listBakeNames,
  listBakes,
  maybeOneBake,
  NotFoundError,
  oneBake,
  openShopInMemory,
} from '.';

const BAKE = {
  id: 'bake-1',
  name: 'Friday',
  createdMs: 1,
  readyFromMs: 1000,
  readyToMs: 2000,
  methodVersionId: 'version-1',
  demandId: null,
  demandDate: null,
};

/** A shop with a place: what earlier days kept of a bake names one. */
function shopWith(...bakes: (typeof BAKE)[]) {
  const db = openShopInMemory();
  addPlace(db, { id: 'bench', name: 'Bench', capacityL: 30, insulation: 1 }, 21);
  addMethodVersion(db, {
    id: 'version-1',
    methodId: 'method-1',
    createdMs: 1,
    method: startingMethods()[0]!.method,
  });
  for (const bake of bakes) addBake(db, bake);
  return db;
}

test('bakes come back as they were written, the earliest service first', () => {
  const later = { ...BAKE, id: 'bake-2', readyFromMs: 5000, readyToMs: 6000 };
  const db = shopWith(later, BAKE);
  expect(listBakes(db)).toEqual([BAKE, later]);
  expect(oneBake(db, 'bake-2')).toEqual(later);
});

test('those whose service ended before an instant are left out, one that ends then is there', () => {
  const db = shopWith(BAKE);
  expect(listBakes(db, 2000)).toHaveLength(1);
  expect(listBakes(db, 2001)).toHaveLength(0);
});

test('names of bakes that are there, of however many are asked for', () => {
  const db = shopWith(BAKE, { ...BAKE, id: 'bake-2', name: 'It’s "noon"' });
  expect(listBakeNames(db, ['bake-2', 'nobody', 'bake-1'])).toEqual(
    new Map([
      ['bake-1', 'Friday'],
      ['bake-2', 'It’s "noon"'],
    ]),
  );
  expect(listBakeNames(db, [])).toEqual(new Map());
});

test('one that nobody planned is none, or an error where it has to be there', () => {
  const db = shopWith();
  expect(maybeOneBake(db, 'bake-1')).toBeNull();
  expect(() => oneBake(db, 'bake-1')).toThrow(NotFoundError);
});
