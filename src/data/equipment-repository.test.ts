import { SPIRAL } from '../../tests/fixtures/slip-four';
import {
  dropEquipment,
  listEquipment,
  listEquipmentThere,
  openShopInMemory,
  saveEquipment,
} from '.';

const DECK = {
  id: 'o',
  kind: 'oven',
  name: 'Deck',
  count: 1,
  least: 0,
  most: 4,
  heatMin: 75,
  bakeMin: 4,
} as const;

test('things come back by kind and name; changed they are the same thing', () => {
  const db = openShopInMemory();
  saveEquipment(db, DECK);
  saveEquipment(db, SPIRAL);
  saveEquipment(db, { ...DECK, most: 6 });
  expect(listEquipment(db)).toEqual([SPIRAL, { ...DECK, most: 6 }]);
});

test('a kind of which there is none just now is known, but not at hand', () => {
  const db = openShopInMemory();
  saveEquipment(db, { ...SPIRAL, count: 0 });
  expect(listEquipment(db)).toHaveLength(1);
  expect(listEquipmentThere(db)).toEqual([]);
});

test('a thing that is taken out is gone; a mixer that takes more at the least than at the most is refused', () => {
  const db = openShopInMemory();
  saveEquipment(db, SPIRAL);
  dropEquipment(db, SPIRAL.id);
  expect(listEquipment(db)).toEqual([]);
  expect(() => saveEquipment(db, { ...SPIRAL, least: 20 })).toThrow();
});
