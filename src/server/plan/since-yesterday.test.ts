import { openShopInMemory } from '@/data';
import { FRIDAY_FORM, value } from '../../../tests/fixtures/services';
import { takeBake } from '../bakes/new-bake';
import { contextOver } from '../context';
import { undoBatch } from '../journal/undo';
import { ensureShop } from '../shop/new-shop';
import { planView } from './view';

/** A shop at a noon with a bake just taken into its plan, and hours that go by. */
function planned() {
  let hours = 0;
  const noonMs = Date.parse('2026-11-26T12:00:00+01:00');
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const clock = () => ({ nowMs: noonMs + hours * 3_600_000, rate: 0, demo: false });
  const context = { ...contextOver(db), clock };
  const { batch } = value(takeBake(context, FRIDAY_FORM));
  return {
    wait: (more: number) => (hours += more),
    takeBack: () => undoBatch(context, batch),
    changes: () => planView(context).changes.map((one) => one.says),
  };
}

test('a plan that was taken stands there; taken back again within the day, nothing changed', () => {
  const { changes, takeBack } = planned();
  expect(changes()).toEqual([expect.stringMatching(/: planned$/)]);
  takeBack();
  expect(changes()).toEqual([]);
});

test('a plan that stood since yesterday and is taken back is a change', () => {
  const { changes, takeBack, wait } = planned();
  wait(25);
  expect(changes()).toEqual([]);
  takeBack();
  expect(changes()).toEqual([expect.stringMatching(/: withdrawn$/)]);
});
