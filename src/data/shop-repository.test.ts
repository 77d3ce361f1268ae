import { SLIP_FOUR } from '../../tests/fixtures/slip-four';
import {
  addPlace,
  addPlaceSetting,
  listPlaces,
  maybeOneShop,
  NotFoundError,
  oneShop,
  openShopInMemory,
  savePlace,
  saveShop,
} from '.';

test('an empty folder has no shop; a shop comes back with its wish, sure dough where none was said', () => {
  const db = openShopInMemory();
  expect(maybeOneShop(db)).toBeNull();
  expect(() => oneShop(db)).toThrow(NotFoundError);
  saveShop(db, SLIP_FOUR);
  expect(oneShop(db)).toEqual({ ...SLIP_FOUR, wish: 'sure dough' });
  const other = {
    ...SLIP_FOUR,
    massUnit: 'oz',
    tempUnit: 'F',
    lengthUnit: 'in',
    people: [],
    wish: 'sleep',
  } as const;
  saveShop(db, other);
  expect(oneShop(db)).toEqual(other);
});

test('units that nobody reads are refused by the schema itself', () => {
  const db = openShopInMemory();
  expect(() => saveShop(db, { ...SLIP_FOUR, lengthUnit: 'ell' as 'cm' })).toThrow(/CHECK/);
});

test('a place keeps every temperature and every curve that it was set to', () => {
  const db = openShopInMemory();
  addPlace(db, { id: 'bench', name: 'Bench', capacityL: 30, insulation: 1, follows: 0.5 }, 21);
  const daily = [{ minute: 360, tempC: 19 }];
  addPlaceSetting(db, { placeId: 'bench', fromMs: 50, tempC: 19, daily });
  savePlace(db, { id: 'bench', name: 'Long bench', capacityL: 40, insulation: 2 });
  expect(listPlaces(db)).toEqual([
    {
      id: 'bench',
      name: 'Long bench',
      capacityL: 40,
      insulation: 2,
      follows: 0,
      settings: [
        { fromMs: 0, tempC: 21, daily: null },
        { fromMs: 50, tempC: 19, daily },
      ],
    },
  ]);
});
