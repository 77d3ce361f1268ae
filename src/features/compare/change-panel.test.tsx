/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { compareView, type CompareView } from '@/server/scores/compare-view';
import { done, refused } from '@/shop/outcome';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { buttonSaying, pressable, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { ChangePanel } from './change-panel';
import { changeTitle } from './change-words';

const push = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh: () => undefined }) }));

standsInAPage();
const view = compareView(demoShop().context, ['demo-00274', 'demo-00342']);
const [best, second] = view.changes;

/** What came of taking a change: its version, and the bake that is planned with it, or why none is. */
const taken = (bakeId: string | null) =>
  done({
    ...{ number: 4, methodId: 'm 1', readyFromMs: SIX_MS + 86_400_000 },
    ...{ bakeId, because: bakeId === null ? 'The oven is taken.' : null },
  });

function opened(changed: Partial<CompareView> = {}, answer: unknown = taken('b 9')) {
  const takeChange = jest.fn<Promise<unknown>, [unknown]>(() => Promise.resolve(answer));
  const panel = <ChangePanel view={{ ...view, ...changed }} actions={{ takeChange } as never} />;
  return { ...shown(panel), takeChange };
}

beforeEach(() => push.mockClear());

test('the surest change stands first, the others a tap away, and then it is the first again', async () => {
  const { user } = opened();
  const title = () => screen.getByRole('heading', { level: 2 }).textContent;
  expect(title()).toBe(changeTitle(best!, view));
  const more = buttonSaying(/^\d+ others?$/)!;
  expect(more.textContent).toMatch(new RegExp(`^${view.changes.length - 1} `));
  await user.click(more);
  expect(title()).toBe(changeTitle(second!, view));
  for (let taps = 1; taps < view.changes.length; taps += 1) await user.click(more);
  expect(title()).toBe(changeTitle(best!, view));
});

test('the one that stands there is taken, told with its day, and its plan opened', async () => {
  const { user, takeChange } = opened();
  await user.click(buttonSaying(/^\d+ others?$/)!);
  await user.click(await pressable(/^Put in version/));
  const { key, placeId } = second!;
  expect(takeChange).toHaveBeenCalledWith({ bakeId: view.changed, key, placeId });
  expect(await screen.findByText(/^Version 4 saved and planned for Sat/)).toBeTruthy();
  expect(push).toHaveBeenCalledWith('/plan?service=b%209');
});

test('a version that can not be planned is kept, says why, and leads to its dough', async () => {
  const { user } = opened({}, taken(null));
  await user.click(await pressable(/^Put in version/));
  await screen.findByText('Version 4 saved. It can not be planned yet: The oven is taken.');
  expect(push).toHaveBeenCalledWith('/doughs/m%201');
});

test('why it is not taken is said, and it can be tried again', async () => {
  const { user, takeChange } = opened({}, refused(null, 'This was changed meanwhile.'));
  await user.click(await pressable(/^Put in version/));
  await screen.findByText('This was changed meanwhile.');
  await user.click(await pressable(/^Put in version/));
  await waitFor(() => expect(takeChange).toHaveBeenCalledTimes(2));
  expect(push).not.toHaveBeenCalled();
});

test('a change whose gain is within its doubt says so; without one, or without a score, it says what would help', () => {
  const faint = { ...best!, odds: best!.oddsBefore + 0.05 };
  const { unmount } = opened({ changes: [faint] });
  expect(document.body.textContent).toContain('Not sure yet: the doubt is wider than the gain.');
  expect(buttonSaying(/others?$/)).toBeUndefined();
  unmount();
  const none = opened({ changes: [] });
  expect(document.body.textContent).toContain('No single change');
  none.unmount();
  opened({ changed: null });
  expect(document.body.textContent).toContain('Score the bakes');
});
