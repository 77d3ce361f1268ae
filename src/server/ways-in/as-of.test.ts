import { listEntries, openShopInMemory } from '@/data';
import { command } from '../commands/command';
import { asOf, contextOver } from '../context';
import { ensureShop } from '../shop/new-shop';

const NOW = Date.parse('2026-11-27T06:12:00Z');
const MIN = 60_000;

/** A shop whose clock runs so fast. */
function shop(rate: number) {
  const db = openShopInMemory();
  ensureShop(db, 'UTC');
  return { ...contextOver(db), clock: () => ({ nowMs: NOW, rate, demo: rate !== 1 }) };
}

test('what waited five minutes on a device is written with the hour at which it was done, once', async () => {
  const context = shop(1);
  const reading = { placeId: 'bench', tempC: '21', batch: 'waited-01' };
  const sent = { name: 'logReading', args: [reading], id: 'waited-01' };
  const first = await command(asOf(context, 5 * MIN), sent);
  expect(first).toMatchObject({ ok: true });
  // Sent again a minute later, as after a lost answer.
  expect(await command(asOf(context, 6 * MIN), sent)).toEqual(first);
  expect(listEntries(context.db)).toMatchObject([{ atMs: NOW - 5 * MIN, batch: 'waited-01' }]);
});

test('a demo that runs fast goes back as far as it ran; one that stands still does not', () => {
  expect(asOf(shop(60), MIN).clock().nowMs).toBe(NOW - 60 * MIN);
  expect(asOf(shop(0), MIN).clock().nowMs).toBe(NOW);
  const context = shop(1);
  expect(asOf(context, 0)).toBe(context);
});
