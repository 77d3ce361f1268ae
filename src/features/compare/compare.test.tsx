/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { compareView } from '@/server/scores/compare-view';
import { Compare } from './compare';

const replace = jest.fn();
jest.mock('next/navigation', () => ({
  useRouter: () => ({ replace, push: () => undefined, refresh: () => undefined }),
}));

standsInAPage();
jest.setTimeout(30_000);
const { context } = demoShop();
const PAIR = ['demo-00274', 'demo-00342'];
const actions = { takeChange: jest.fn(() => Promise.reject(new Error('nobody took it'))) };
const opened = (ids: readonly string[]) =>
  shown(<Compare view={compareView(context, [...ids])} actions={actions as never} />);

beforeEach(() => replace.mockClear());

test('two bakes beside each other: what differed, how they turned out, each can be left out', async () => {
  const { user } = opened(PAIR);
  expect(screen.getAllByRole('region').length).toBeGreaterThan(1);
  expect(document.body.textContent).toMatch(/pizzas/);
  await user.click(screen.getAllByRole('button', { name: /^Leave .* out$/ })[0]!);
  expect(replace).toHaveBeenCalledWith('/compare?bake=demo-00342');
});

test('aligned at the mix or at the bake, the button says the other', async () => {
  const { user } = opened(PAIR);
  await user.click(await pressable(/^Align at the bake$/));
  expect(await pressable(/^Align at the mix$/)).toBeDefined();
});

test('a third is laid beside them from a list that holds none that is there already', async () => {
  opened(PAIR);
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Add one' }));
  const options = await screen.findAllByRole('option');
  expect(options.length).toBeGreaterThan(1);
  fireEvent.click(options[0]!);
  const [address] = replace.mock.lastCall as [string];
  const asked = new URLSearchParams(address.split('?')[1]).getAll('bake');
  expect(asked.slice(0, 2)).toEqual(PAIR);
  expect(new Set(asked).size).toBe(3);
});

test('with one, or none, it says what to choose; a bake that there is not is as none', () => {
  const { unmount } = opened(PAIR.slice(0, 1));
  expect(screen.getAllByRole('combobox', { name: 'Lay beside it' }).length).toBeGreaterThan(0);
  unmount();
  opened(['nothing-of-that-name']);
  expect(document.body.textContent).toContain('choose two bakes');
});
