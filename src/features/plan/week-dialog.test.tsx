/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { buttonSaying, pressable, shown } from '../../../tests/fixtures/shown';
import { standsInAPage } from '../../../tests/fixtures/page';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { stateDemand } from '@/server/plan/demands';
import { planView } from '@/server/plan/view';
import { ensureShop } from '@/server/shop/new-shop';
import { done, refused, type Outcome } from '@/shop/outcome';
import { WeekDialog } from './week-dialog';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));
standsInAPage();
jest.setTimeout(60_000);

const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const nowMs = Date.parse('2026-11-27T08:00:00+01:00');
const context: ShopContext = {
  ...contextOver(db),
  clock: () => ({ nowMs, rate: 0, demo: false }),
};
for (const [name, day] of [
  ['Sunday', '2026-11-29'],
  ['Monday', '2026-11-30'],
]) {
  stateDemand(context, {
    ...{ id: null, name, balls: '20' },
    ...{ readyFrom: `${day}T18:00`, readyTo: `${day}T20:00` },
    methods: ['start-straight'],
  });
}
const view = planView(context);
const NO = refused(null, 'The oven is taken.');

/** The dialog over both services; what is taken is numbered. */
function opened() {
  let taken = 0;
  const actions = {
    take: jest.fn<Promise<Outcome<{ bakeId: string; batch: string }>>, [{ demandId: string }]>(
      () => {
        taken += 1;
        return Promise.resolve(done({ bakeId: `bake-${taken}`, batch: `batch-${taken}` }));
      },
    ),
    undo: jest.fn((batch: string) => Promise.resolve(done({ batch }))),
  };
  const onTaken = jest.fn();
  const dialog = (
    <WeekDialog
      view={view}
      services={view.services}
      actions={actions as never}
      onClose={() => undefined}
      onTaken={onTaken}
    />
  );
  return { ...shown(dialog), actions, onTaken };
}

test('what would be taken for each stands there; all are taken, told, and taken back with one tap, the last first', async () => {
  const { user, actions, onTaken, askedAnew } = opened();
  expect(buttonSaying(/^Take \d of 2$/)?.disabled).toBe(true);
  await user.click(await pressable(/^Take 2 of 2$/));
  await waitFor(() => expect(onTaken).toHaveBeenCalledTimes(1));
  expect(actions.take.mock.calls.map(([form]) => form.demandId)).toEqual(
    view.services.map((one) => one.demandId),
  );
  expect(await screen.findByText('2 plans taken.')).toBeTruthy();
  expect(askedAnew).toHaveBeenCalled();
  await user.click(screen.getByRole('button', { name: 'Undo', hidden: true }));
  await waitFor(() =>
    expect(actions.undo.mock.calls.map(([batch]) => batch)).toEqual(['batch-2', 'batch-1']),
  );
});

test('the one that is refused is named; those before it stand, and can be taken back', async () => {
  const { user, actions } = opened();
  actions.take
    .mockResolvedValueOnce(done({ bakeId: 'bake', batch: 'only' }))
    .mockResolvedValueOnce(NO);
  await user.click(await pressable(/^Take 2 of 2$/));
  expect(
    await screen.findByText('1 plan taken. Not the next: Monday: The oven is taken.'),
  ).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Undo', hidden: true }));
  await waitFor(() => expect(actions.undo.mock.calls).toEqual([['only']]));
});

test('where not even the first is taken, that is said and the plans stand there still', async () => {
  const { user, actions, onTaken } = opened();
  actions.take.mockResolvedValueOnce(NO);
  await user.click(await pressable(/^Take 2 of 2$/));
  expect(await screen.findByText('Sunday: The oven is taken.')).toBeTruthy();
  expect(actions.take).toHaveBeenCalledTimes(1);
  expect(onTaken).not.toHaveBeenCalled();
  expect(await pressable(/^Take 2 of 2$/)).toBeTruthy();
});
