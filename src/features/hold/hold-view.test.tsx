/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { listBakes } from '@/data';
import { holdView, type HoldView } from '@/server/hold/question';
import { refused } from '@/shop/outcome';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { shown } from '../../../tests/fixtures/shown';
import { Hold } from './hold';

const pushed = jest.fn();
jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: () => undefined, push: (to: string) => pushed(to) }),
}));

standsInAPage();
jest.setTimeout(60_000);
const { context } = demoShop();
const nowMs = context.clock().nowMs;

/** The bake of the demo’s evening, with its dough still to be mixed. */
const view: HoldView = (() => {
  const bake = listBakes(context.db)
    .filter((one) => one.readyFromMs > nowMs)
    .map((one) => holdView(context, one.id))
    .find((one) => one !== null);
  if (bake === undefined || bake === null) throw new Error('The demo has no bake to hold.');
  return bake;
})();

async function opened(take = jest.fn().mockResolvedValue({ ok: true, value: { batch: 'b' } })) {
  const undo = jest.fn().mockResolvedValue({ ok: true, value: { batch: 'b' } });
  const page = shown(<Hold view={view} actions={{ take, undo }} />);
  await waitFor(() => expect(moves().length).toBeGreaterThan(1), { timeout: 40_000 });
  await waitFor(() => expect(screen.queryByRole('progressbar')).toBeNull(), { timeout: 40_000 });
  return { ...page, take, undo };
}
const moves = () => screen.queryAllByTestId('hold-move');

beforeEach(() => pushed.mockClear());

test('how it stands and what can be done, best first; what is taken can be undone', async () => {
  const { user, take, undo } = await opened();
  expect(screen.getByTestId('stands').textContent).toMatch(/^\d+\s%$/);
  expect(screen.getByTestId('hold-head').textContent).toMatch(/\d+ moves, run through to/);
  await user.click(moves()[0]!);
  await waitFor(() => expect(take).toHaveBeenCalledTimes(1));
  const [asked] = take.mock.calls[0];
  expect(asked).toMatchObject({ bakeId: view.bake.id, batch: expect.any(String) });
  expect(asked.changes.length).toBeGreaterThan(0);
  expect(pushed).toHaveBeenCalledWith('/');
  await user.click(await screen.findByRole('button', { name: 'Undo' }));
  await waitFor(() => expect(undo).toHaveBeenCalledWith(asked.batch));
});

test('while moves are still found each row keeps its place, and there is room for those to come', async () => {
  const page = shown(<Hold view={view} actions={{ take: jest.fn(), undo: jest.fn() }} />);
  await waitFor(() => expect(moves()).toHaveLength(1), { timeout: 40_000 });
  const [first] = moves();
  const foot = screen.getByTestId('leave-it');
  const above = () => {
    const rows = foot.parentElement!.parentElement!.children;
    return [...rows].indexOf(foot.parentElement!);
  };
  const before = above();
  await waitFor(() => expect(screen.queryByRole('progressbar')).toBeNull(), { timeout: 40_000 });
  expect(moves().length).toBe(3);
  expect(moves()[0]).toBe(first);
  expect(above()).toBe(before);
  page.unmount();
});

test('left as it is, no move is offered until they are asked for again', async () => {
  const { user, take } = await opened();
  const offered = moves().length;
  await user.click(screen.getByTestId('leave-it'));
  expect(moves()).toHaveLength(0);
  expect(screen.getByText(/asked again when the odds fall by five points/)).toBeTruthy();
  await user.click(screen.getByTestId('leave-it'));
  expect(moves()).toHaveLength(offered);
  expect(take).not.toHaveBeenCalled();
});

test('a move that can no longer be is refused in a sentence, and the others stay', async () => {
  const sentence = 'Bench: 42 l are more than the 30 l it holds.';
  const { user } = await opened(jest.fn().mockResolvedValue(refused('placeId', sentence)));
  const offered = moves().length;
  await user.click(moves()[0]!);
  expect(await screen.findByText(sentence)).toBeTruthy();
  expect(moves()).toHaveLength(offered);
  expect(pushed).not.toHaveBeenCalled();
});
