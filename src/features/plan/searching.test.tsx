/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { ensureShop } from '@/server/shop/new-shop';
import { stateDemand } from '@/server/plan/demands';
import { planView } from '@/server/plan/view';
import { demandOn } from '@/shop/plan/demand-on';
import { searchPlans, type PlanSearch } from '@/shop/plan/search';
import { Searching, SearchShare } from './searching';

const nowMs = Date.parse('2026-11-27T08:00:00+01:00');

function searched(readyFrom: string, readyTo: string): PlanSearch {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context: ShopContext = {
    ...contextOver(db),
    clock: () => ({ nowMs, rate: 0, demo: false }),
  };
  const methods = ['start-biga-cold-boost'];
  stateDemand(context, { ...{ id: null, name: 'Noon', balls: '20' }, readyFrom, readyTo, methods });
  const view = planView(context);
  const asked = view.methods.filter((one) => methods.includes(one.key));
  const steps = searchPlans(demandOn(view.services[0]!.asked!, asked), view.facts);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
}
const of = (answer: PlanSearch) => ({ answer, busy: false, share: null, stop: () => undefined });

test('a method that would have to be begun in the past is offered for the hour at which it can, with one tap', async () => {
  const search = searched('2026-11-27T12:00', '2026-11-27T14:00');
  expect(search.shown).toEqual([]);
  const onInstead = jest.fn();
  const { user } = shown(
    <Searching search={of(search)} timeZone="Europe/Oslo" onInstead={onInstead} />,
  );
  expect(screen.getByText(/too soon/)).toBeTruthy();
  await user.click(await pressable(/^Serve from \w{3} \d\d:[03]0/));
  const [{ laterMs, readyFromMs, balls }] = onInstead.mock.calls[0]!;
  expect(laterMs % 1_800_000).toBe(0);
  expect(balls).toBe(20);
  // Asked for then, it can be planned.
  const local = (atMs: number) => new Date(atMs + 3_600_000).toISOString().slice(0, 16);
  const again = searched(local(readyFromMs), local(readyFromMs + 2 * 3_600_000));
  expect(again.shown.length).toBeGreaterThan(0);
  expect(again.refused).toEqual([]);
});

test('where no method makes it, that is said; while it is sought, how far it is', () => {
  const none = { shown: [], refused: [], share: 1 } as unknown as PlanSearch;
  const { rerender } = shown(
    <Searching search={of(none)} timeZone="UTC" onInstead={() => undefined} />,
  );
  expect(screen.getByTestId('why-none').textContent).toMatch(/None of the shop’s methods/);
  const busy = { ...of(none), busy: true, share: 0.4 };
  rerender(<Searching search={busy} timeZone="UTC" onInstead={() => undefined} />);
  expect(screen.getByText('Looking for plans')).toBeTruthy();
  rerender(<SearchShare search={busy} found={2} />);
  expect(screen.getByText('2 found, others to come')).toBeTruthy();
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('40');
});
