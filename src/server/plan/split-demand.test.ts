import { value } from '../../../tests/fixtures/services';
import { listDemands, openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { ensureShop } from '../shop/new-shop';
import { stateDemand } from './demands';
import { splitDemand } from './split-demand';

const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
const context: ShopContext = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
const asked = (balls: number, perHour: number[] = []) =>
  value(
    stateDemand(context, {
      ...{ id: null, name: 'Friday', balls, perHour, methods: ['start-poolish-day'] },
      ...{ readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T21:00' },
    }),
  ).id;
const rows = () =>
  listDemands(db)
    .map(({ name, balls, perHour }) => ({ name, balls, perHour }))
    .sort((a, b) => a.name.localeCompare(b.name));

beforeEach(() => db.exec('DELETE FROM demand'));

test('so many pizzas become a service of their own, at the same hours, by the same methods', () => {
  const { id, before } = value(splitDemand(context, { demandId: asked(40), balls: '12' }));
  expect(rows()).toEqual([
    { name: 'Friday', balls: 28, perHour: null },
    { name: 'Friday 2', balls: 12, perHour: null },
  ]);
  const part = listDemands(db).find((one) => one.id === id)!;
  expect(part).toMatchObject({
    ...{ readyFromMs: before.readyFromMs, readyToMs: before.readyToMs },
    methods: ['start-poolish-day'],
  });
  expect(value(splitDemand(context, { demandId: id, balls: 2 })).before.name).toBe('Friday 2');
  expect(rows().map((one) => one.name)).toContain('Friday 3');
});

test('pizzas in each hour are shared as they are, and come to the whole', () => {
  value(splitDemand(context, { demandId: asked(30, [8, 14, 8]), balls: 11 }));
  const [rest, part] = rows();
  expect(part!.perHour!.reduce((a, b) => a + b, 0)).toBe(11);
  expect(rest!.perHour!.reduce((a, b) => a + b, 0)).toBe(19);
  expect(part!.perHour![1]).toBeGreaterThan(part!.perHour![0]!);
});

test('all of it, none of it, or of a service that is not there: a sentence, and nothing changes', () => {
  const demandId = asked(30);
  expect(splitDemand(context, { demandId, balls: 30 })).toMatchObject({
    refusals: [{ field: 'balls', sentence: expect.stringContaining('Allowed: 1 to 29.') }],
  });
  expect(splitDemand(context, { demandId, balls: '0' }).ok).toBe(false);
  expect(() => splitDemand(context, { demandId: 'nowhere', balls: 3 })).toThrow(
    'Service "nowhere" is not in this shop.',
  );
  expect(rows()).toEqual([{ name: 'Friday', balls: 30, perHour: null }]);
});
