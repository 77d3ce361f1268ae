/** @jest-environment jsdom */
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { wholeDoughView } from '@/server/practice/whole-dough-view';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { WholeDough } from './whole-dough';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: () => undefined, push: () => undefined }),
}));

standsInAPage();
jest.setTimeout(30_000);
const { context } = demoShop();
const view = wholeDoughView(context);

/** The bench with its dough planned. */
async function opened() {
  const page = shown(<WholeDough view={view} />);
  await screen.findByTestId('do-now', {}, { timeout: 15_000 });
  return page;
}
const next = () => screen.getByTestId('do-now').textContent;
const planned = () => /planned (\S+(?: \S+)*)/.exec(document.body.textContent ?? '')?.[1];
const undo = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Take the last back' });
const turnTo = (share: number) => {
  const slider = screen.getByRole('slider', { name: 'Hours, turned by hand' });
  const [min, max] = [Number(slider.getAttribute('min')), Number(slider.getAttribute('max'))];
  fireEvent.change(slider, { target: { value: min + share * (max - min) } });
};

test('a dough of two days is there at once, at its first step, with how it would turn out', async () => {
  await opened();
  expect(next()).toMatch(/now$/);
  expect(undo().disabled).toBe(true);
  expect(document.body.textContent).toMatch(/Smells/);
});

test('what is put off can be taken back, and what is done makes room for the next', async () => {
  const { user } = await opened();
  const [first, hour] = [next(), planned()];
  await user.click(screen.getByTestId('put-off'));
  await waitFor(() => expect(planned()).not.toBe(hour));
  expect(next()).toBe(first);
  await user.click(undo());
  await waitFor(() => expect(planned()).toBe(hour));
  await act(() => Promise.resolve(turnTo(0.15)));
  expect(next()).toBe(first);
  await user.click(screen.getByTestId('do-now'));
  await waitFor(() => expect(next()).not.toBe(first));
});

test('another place by its key; the same place again is no deed', async () => {
  const { user } = await opened();
  await act(() => Promise.resolve(turnTo(0.1)));
  const places = [...document.querySelectorAll('[aria-label="Where it stands"] button')];
  const other = places.findIndex((one) => one.getAttribute('aria-pressed') !== 'true');
  await user.keyboard(String(other + 1));
  await waitFor(() => expect(places[other]!.getAttribute('aria-pressed')).toBe('true'));
  expect(undo().disabled).toBe(false);
  await user.keyboard('z');
  await waitFor(() => expect(undo().disabled).toBe(true));
});

test('what is to come is hidden until the end, where nothing is left to do', async () => {
  const { user } = await opened();
  await user.click(screen.getByRole('switch', { name: 'Show what is to come' }));
  expect(screen.getByText('How it turned out is told at the end.')).toBeTruthy();
  await act(() => Promise.resolve(turnTo(1)));
  await waitFor(() => expect(screen.getByText('Nothing is left to do.')).toBeTruthy());
  expect(screen.queryByText('How it turned out is told at the end.')).toBeNull();
  expect(await pressable(/^Once more$/)).toBeTruthy();
});

test('warmer rooms are said in the shop’s degrees, and the same dough runs otherwise in them', async () => {
  await opened();
  const told = () => document.body.textContent!.replace(/\d\d:\d\d/g, '');
  const before = told();
  const slider = screen.getByRole('slider', { name: /^Rooms/ });
  fireEvent.change(slider, { target: { value: 6 } });
  expect(slider.getAttribute('aria-valuetext')).toBe('6° warmer');
  await waitFor(() => expect(told()).not.toBe(before), { timeout: 10_000 });
});

test('a shop without a dough says where one is made', () => {
  shown(<WholeDough view={{ ...view, methods: [] }} />);
  expect(screen.getByText(/No dough can be run yet: make a method in Doughs/)).toBeTruthy();
});
