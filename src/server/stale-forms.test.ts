import { freshBatch, sentences, value } from '../../tests/fixtures/services';
import { listEntries, listEquipment, listPlaces, oneShop, openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from './context';
import { changeEquipment } from './shop/equipment';
import { ensureShop } from './shop/new-shop';
import { changeHours } from './shop/hours';
import { logReading } from './shop/readings';
import { changeShop } from './shop/shop';
import { changePlace } from '@/server/shop/place';
import { undoBatch } from './journal/undo';

let context: ShopContext;
beforeEach(() => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const nowMs = Date.parse('2026-11-26T12:00:00Z');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
});

test('saving tap water leaves a person that was added on another device', () => {
  value(changeShop(context, { people: ['Ana'] }));
  value(changeShop(context, { tapC: '9' }));
  expect(oneShop(context.db)).toMatchObject({ people: ['Ana'], tapC: 9, name: 'My bakery' });
});

test('a capacity leaves the temperature that was set meanwhile', () => {
  value(changePlace(context, { id: 'bench', tempC: '26' }));
  value(changePlace(context, { id: 'bench', capacityL: '80' }));
  const bench = listPlaces(context.db).find(({ id }) => id === 'bench');
  expect(bench).toMatchObject({ capacityL: 80 });
  expect(bench?.settings.at(-1)?.tempC).toBe(26);
});

test('a mixer that is out of order counts as none, and its size stays', () => {
  const { id } = value(
    changeEquipment(context, { kind: 'mixer', name: 'Spiral', count: 1, least: 2, most: 12 }),
  );
  value(changeEquipment(context, { id, count: '0' }));
  expect(listEquipment(context.db)).toMatchObject([{ name: 'Spiral', count: 0, most: 12 }]);
});

test('hours that somebody changed meanwhile are not overwritten unseen', () => {
  value(changeShop(context, { people: ['Ana'] }));
  const empty = { presences: [], closed: { weekdays: [], dates: [] } };
  const closed = { presences: [], closed: { weekdays: [1], dates: [] } };
  value(changeHours(context, { ...closed, seen: empty }));
  expect(sentences(changeHours(context, { ...empty, seen: empty }))[0]).toMatch(/another device/);
  value(changeHours(context, { ...empty, seen: closed }));
  expect(
    sentences(
      changeHours(context, { ...closed, closed: { weekdays: [], dates: ['2026-99-99'] } }),
    )[0],
  ).toMatch(/2026-99-99/);
});

test('undo three times at once takes back once', () => {
  const { batch } = value(
    logReading(context, { placeId: 'bench', tempC: 23, batch: freshBatch() }),
  );
  value(undoBatch(context, batch));
  expect(sentences(undoBatch(context, batch))).toEqual(['Undo: this was taken back already.']);
  expect(sentences(undoBatch(context, batch))).toHaveLength(1);
  expect(listEntries(context.db)).toHaveLength(2);
});
