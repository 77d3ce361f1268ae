import { listCultures, listDemands, listPlaces, oneShop, openShopInMemory } from '@/data';
import { command } from '../commands/command';
import { contextOver, type ShopContext } from '../context';
import { loadShop } from '../shop/load-shop';
import { ensureShop } from '../shop/new-shop';
import { tideView } from '../tide';
import { firstQuestions } from './begin-shop';

const NOW = Date.parse('2026-11-27T09:00:00Z');

function emptyShop(): ShopContext {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  return { ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 0, demo: false }) };
}

const ANSWERS = {
  batch: 'begin-0001',
  roomC: '24.5',
  shop: { massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in', timeZone: 'America/New_York' },
  service: {
    name: 'Evening',
    readyFrom: '2026-11-28T18:00',
    readyTo: '2026-11-28T20:00',
    balls: '8',
  },
  starter: { name: 'Tolk', fedAt: '2026-11-26T20:00', massG: '150' },
};
let sent = 0;
const begin = (context: ShopContext, form: object) =>
  command(context, { name: 'beginShop', args: [form], id: `begin-shop-${(sent += 1)}` });
const asked = (context: ShopContext) => firstQuestions(context, loadShop(context));

test('an empty shop asks how warm its room is; units, zone, starter and service are answered in one', async () => {
  const context = emptyShop();
  expect(asked(context)).toEqual({ roomName: 'Bench', roomC: 21 });
  expect(await begin(context, ANSWERS)).toMatchObject({ ok: true });
  expect(oneShop(context.db)).toMatchObject(ANSWERS.shop);
  const [bench, fridge] = listPlaces(context.db);
  // It was always so warm: a starter that was fed yesterday stood in it.
  expect(bench?.settings).toEqual([expect.objectContaining({ fromMs: 0, tempC: 24.5 })]);
  expect(fridge?.settings.at(-1)?.tempC).toBe(4);
  expect(listCultures(context.db)).toMatchObject([{ name: 'Tolk', kind: 'liquid starter' }]);
  const [demand] = listDemands(context.db);
  // Six in the evening by the clock that was chosen.
  expect(demand).toMatchObject({ balls: 8, readyFromMs: Date.parse('2026-11-28T23:00:00Z') });
  expect(tideView(context).first).toBeNull();
  expect(new Set(tideView(context).strands.map((one) => one.name))).toEqual(new Set(['Tolk']));
});

test('without a starter none is brought in', async () => {
  const context = emptyShop();
  await begin(context, { ...ANSWERS, starter: null });
  expect(listCultures(context.db)).toEqual([]);
  expect(asked(context)).toBeNull();
});

test.each([
  ['a room of 60 °C', { roomC: '60' }, 'roomC', /^Room: 60 °C is not possible\. Allowed: 8 to 45/],
  ['a zone that is not known', { shop: { timeZone: 'Mars/Olympus' } }, 'timeZone', /Mars\/Olympus/],
  [
    'a service in the past',
    { service: { ...ANSWERS.service, readyFrom: '2026-11-20T18:00', readyTo: '2026-11-20T20:00' } },
    'readyFrom',
    /has passed/,
  ],
  ['no pizzas', { service: { ...ANSWERS.service, balls: '0' } }, 'balls', /Pizzas/],
  [
    'a starter without a name',
    { starter: { ...ANSWERS.starter, name: ' ' } },
    'name',
    /a name is needed/,
  ],
])('%s is refused by its field, and nothing of the rest is stored', async (_, odd, field, says) => {
  const context = emptyShop();
  const outcome = await begin(context, { ...ANSWERS, ...odd });
  if (outcome.ok) throw new Error('it was stored');
  expect(outcome.refusals[0]?.field).toBe(field);
  expect(outcome.refusals[0]?.sentence).toMatch(says);
  expect(oneShop(context.db)).toMatchObject({ massUnit: 'g', timeZone: 'Europe/Oslo' });
  expect(listPlaces(context.db)[0]?.settings.at(-1)?.tempC).toBe(21);
  expect([listCultures(context.db), listDemands(context.db)]).toEqual([[], []]);
  expect(asked(context)).not.toBeNull();
});

test('a shop that has begun is not begun again: its past keeps its warmth', async () => {
  const context = emptyShop();
  await begin(context, ANSWERS);
  const again = await begin(context, { ...ANSWERS, roomC: '30', batch: 'begin-0002' });
  expect(again).toMatchObject({ ok: false });
  expect(listPlaces(context.db)[0]?.settings.at(-1)?.tempC).toBe(24.5);
});
