/** @jest-environment jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { newBakeView } from '@/server/bakes/new-bake-view';
import { newShopAt } from '../../../tests/fixtures/new-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { buttonSaying, fieldNamed, pressable, shown } from '../../../tests/fixtures/shown';
import { firstFields } from './fields';
import { NewBake } from './new-bake';

const pushed = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: pushed }) }));

standsInAPage();
jest.setTimeout(60_000);

const nowMs = Date.parse('2026-11-26T12:00:00+01:00');
const view = newBakeView(newShopAt(nowMs));

function opened() {
  const take = jest.fn().mockResolvedValue({ ok: true, value: { bakeId: 'b', batch: 'batch' } });
  const undo = jest.fn().mockResolvedValue({ ok: true, value: { batch: 'batch' } });
  return { ...shown(<NewBake view={view} take={take} undo={undo} />), take, undo };
}

/** The row of an ingredient in the table, as it is read. */
const row = async (name: RegExp) => {
  const table = await screen.findByRole('table', { name: 'Formula' }, { timeout: 20_000 });
  return within(table)
    .getByText(name)
    .closest('tr')!
    .textContent.replace(/[\s\u202f\u00a0]+/g, '');
};

test('a first form is tomorrow evening on the bench, forty balls', () => {
  expect(firstFields(view)).toMatchObject({
    name: 'Friday',
    balls: '40',
    readyFrom: '2026-11-27T18:00',
    readyTo: '2026-11-27T21:00',
    poolishPlaceId: 'bench',
    roomC: '21',
    mixAt: null,
  });
});

test('what is typed is what is planned and taken: grams, hours and act follow it', async () => {
  const { user, take } = opened();
  await pressable(/Take this bake/);
  const before = await row(/Salt/);
  await user.clear(fieldNamed('balls'));
  await user.type(fieldNamed('balls'), '8');
  expect(buttonSaying(/Take this bake/)?.disabled).not.toBe(false);
  const act = await pressable(/Take this bake/);
  expect(await row(/Salt/)).not.toBe(before);
  expect(screen.getByText(/Balls open from/).textContent).toContain('best');
  expect(
    screen.getByText(/poolish ripe .*8 in 10 between .* Dose [\d.]+.% of its flour/),
  ).toBeDefined();
  await user.click(act);
  await waitFor(() => expect(pushed).toHaveBeenCalledWith('/'));
  expect(take).toHaveBeenCalledWith(expect.objectContaining({ balls: '8', ballAt: null }));
});

test('a moment is held by a nudge and let go of again; the others follow', async () => {
  const { user } = opened();
  await pressable(/Take this bake/);
  const hour = () => buttonSaying(/, computed/)?.textContent;
  const poolishBefore = hour();
  await user.click(buttonSaying(/Mix the dough: 15 minutes later/)!);
  await pressable(/Take this bake/);
  const free = [...document.querySelectorAll('button')].filter(
    (one) => one.textContent === 'Use calculated time' && !one.disabled,
  );
  expect(free).toHaveLength(1);
  await user.click(free[0]!);
  await pressable(/Take this bake/);
  expect(hour()).toBe(poolishBefore);
});

test('what can not be is said beside its field or above, and nothing can be taken', async () => {
  const { user } = opened();
  await pressable(/Take this bake/);
  await user.clear(fieldNamed('hydrationPct'));
  await user.type(fieldNamed('hydrationPct'), '20');
  expect(await screen.findByText(/Water: 20 % of flour is not possible/)).toBeDefined();
  expect(buttonSaying(/Take this bake/)).toBeUndefined();
  await user.clear(fieldNamed('hydrationPct'));
  await user.type(fieldNamed('hydrationPct'), '65');
  await pressable(/Take this bake/);
});
