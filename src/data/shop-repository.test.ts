import type { Shop } from '@/shop/kept/shop';
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

const SHOP: Shop = {
  name: 'Slip Four',
  timeZone: 'Europe/Oslo',
  massUnit: 'g',
  tempUnit: 'C',
  lengthUnit: 'cm',
  scaleStepG: 1,
  fineStepG: 0.1,
  workFromMinute: 360,
  workUntilMinute: 1320,
  yeastType: 'fresh',
  people: ['Jo', 'Maren'],
  tapC: 9,
  mixedBy: 'mixer',
  waste: 'with discard',
};

test('an empty folder has no shop; a shop comes back with its wish, sure dough where none was said', () => {
  const db = openShopInMemory();
  expect(maybeOneShop(db)).toBeNull();
  expect(() => oneShop(db)).toThrow(NotFoundError);
  saveShop(db, SHOP);
  expect(oneShop(db)).toEqual({ ...SHOP, wish: 'sure dough' });
  const other = {
    ...SHOP,
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
  expect(() => saveShop(db, { ...SHOP, lengthUnit: 'ell' as 'cm' })).toThrow(/CHECK/);
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
