/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { useState } from 'react';
import { shown } from '../../../tests/fixtures/shown';
import { startingMethods, type Method } from '@/core/methods';
import { openShopInMemory } from '@/data';
import { contextOver } from '@/server/context';
import { doughFacts } from '@/server/doughs/facts';
import { ensureShop } from '@/server/shop/new-shop';
import { loadShop } from '@/server/shop/load-shop';
import { StagesPanel } from './stages-panel';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const context = contextOver(db);
const facts = doughFacts(context, loadShop(context));
const STRAIGHT = startingMethods().find((one) => one.id === 'straight')!.method;

/** The panel over a method of its own, with the method as it stands. */
function opened() {
  let now: Method = { ...STRAIGHT, bulk: [{ placeId: 'bench', hours: 7, leastH: 4, mostH: 10 }] };
  function Own() {
    const [method, setMethod] = useState(now);
    now = method;
    return <StagesPanel method={method} facts={facts} onChange={setMethod} />;
  }
  const view = shown(<Own />);
  const bulk = () => within(screen.getByRole('region', { name: /^Bulk/ }));
  return { ...view, bulk, bulkNow: () => now.bulk[0], method: () => now };
}

test('hours typed digit by digit widen what they pass, and nothing that is only passed through', async () => {
  const { user, bulk, bulkNow } = opened();
  const hours = bulk().getByLabelText('Hours');
  await user.clear(hours);
  await user.type(hours, '14');
  await user.tab();
  expect(bulkNow()).toEqual({ placeId: 'bench', hours: 14, leastH: 4, mostH: 14 });
});

test('a field left empty changes nothing and shows what stands', async () => {
  const { user, bulk, bulkNow } = opened();
  const hours = bulk().getByLabelText<HTMLInputElement>('Hours');
  await user.clear(hours);
  await user.type(hours, 'soon');
  await user.tab();
  expect(hours.value).toBe('7');
  expect(bulkNow()).toMatchObject({ hours: 7, leastH: 4, mostH: 10 });
});

test.each([
  ['5,5', 5.5],
  ['8.5', 7],
])(
  'fewest hours of %s are kept up to the usual ones; a comma is a decimal point',
  async (text, leastH) => {
    const { user, bulk, bulkNow } = opened();
    const least = bulk().getByLabelText('fewest');
    await user.clear(least);
    await user.type(least, text);
    await user.tab();
    expect(bulkNow()).toEqual({ placeId: 'bench', hours: 7, leastH, mostH: 10 });
  },
);

test('a rest, folds and held-back water are kept as they are typed', async () => {
  const { user, method } = opened();
  const put = async (label: string, text: string) => {
    const field = screen.getByLabelText(label);
    await user.clear(field);
    await user.type(field, text);
    await user.tab();
  };
  await put('Rest before, min', '420');
  await put('Folds', '3');
  await put('Held-back water, %', '5');
  expect(method().mix).toMatchObject({
    autolyse: { minutes: 420 },
    folds: { count: 3 },
    heldBackShare: 0.05,
  });
});

test('the order of adding is moved by its arrows and by keys, and given back to its schools', async () => {
  const { user, method } = opened();
  const order = () => screen.getAllByTestId('addition').map((one) => one.textContent);
  const before = order();
  expect(before.indexOf('Salt')).toBeLessThan(before.length - 1);
  // What the method has nothing of does not stand there.
  expect(before).not.toContain('Leavens');
  await user.click(screen.getByRole('button', { name: 'Salt later' }));
  const after = order();
  expect(after.indexOf('Salt')).toBe(before.indexOf('Salt') + 1);
  expect([...after].sort()).toEqual([...before].sort());
  expect(method().mix.order).toContain('salt');
  await user.click(screen.getByRole('button', { name: 'As its schools have it' }));
  expect(order()).toEqual(before);
  expect(method().mix.order).toBeUndefined();
});
