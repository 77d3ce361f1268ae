/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { planView } from '@/server/plan/view';
import { done, refused } from '@/shop/outcome';
import { toLocalText } from '@/core/units';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { PlannedService } from './planned-service';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

standsInAPage();
const view = planView(demoShop().context);
const ofBake = (bakeId: string | null) => view.moments.filter((one) => one.bakeId === bakeId);
const service = view.services.find((one) => ofBake(one.bakeId).some((at) => at.glyph === 'mix'))!;
const mix = ofBake(service.bakeId).find((one) => one.glyph === 'mix')!;

function opened(changed: Partial<typeof view> = {}) {
  const actions = {
    move: jest.fn<Promise<unknown>, [unknown]>(() => Promise.resolve(done({ batch: 'moved' }))),
    pin: jest.fn((_id: string, pinned: boolean) => Promise.resolve(done({ pinned }))),
    replan: jest.fn<Promise<unknown>, [unknown]>(() =>
      Promise.resolve(done({ bakeId: 'new', batch: 'anew' })),
    ),
    withdrawBake: jest.fn(() => Promise.resolve(done({ batch: 'gone' }))),
    undo: jest.fn((batch: string) => Promise.resolve(done({ batch }))),
  };
  const onReplanned = jest.fn();
  const panel = (
    <PlannedService
      view={{ ...view, ...changed }}
      service={service}
      actions={actions as never}
      onReplanned={onReplanned}
    />
  );
  return { ...shown(panel), actions, onReplanned };
}

test('a moment goes a quarter of an hour later in the shop’s zone, is told, and goes back with one tap', async () => {
  const { user, actions } = opened();
  await user.click(await pressable(new RegExp(`^${mix.title} 15 minutes later$`)));
  const at = toLocalText(mix.atMs + 900_000, view.units.timeZone);
  expect(actions.move).toHaveBeenCalledWith(expect.objectContaining({ stepId: mix.ref, at }));
  await screen.findByText('Moved, with what follows.');
  await user.click(await pressable(/^Undo$/));
  await waitFor(() => expect(actions.undo).toHaveBeenCalledWith('moved'));
});

test('a pin is put in and taken out; the bake itself is neither moved nor pinned', async () => {
  const pinned = view.moments.map((one) => (one.ref === mix.ref ? { ...one, pinned: true } : one));
  const { user, actions, unmount } = opened();
  await user.click(await pressable(new RegExp(`^${mix.title}: pin$`)));
  expect(actions.pin).toHaveBeenCalledWith(mix.ref, true);
  unmount();
  const again = opened({ moments: pinned });
  const button = await pressable(new RegExp(`^${mix.title}: pinned$`));
  expect(button.getAttribute('aria-pressed')).toBe('true');
  await again.user.click(button);
  expect(again.actions.pin).toHaveBeenCalledWith(mix.ref, false);
  const movable = ofBake(service.bakeId).filter((one) => one.glyph !== 'bake');
  expect(screen.getAllByText('+15')).toHaveLength(movable.length);
});

test('planned anew it is another bake from then on; withdrawn it is told', async () => {
  const { user, actions, onReplanned } = opened();
  await user.click(await pressable(/^Plan it anew/));
  expect(actions.replan).toHaveBeenCalledWith(expect.objectContaining({ bakeId: service.bakeId }));
  await waitFor(() => expect(onReplanned).toHaveBeenCalledWith('new'));
  await user.click(await pressable(/^Withdraw this plan$/));
  await screen.findByText(`${service.name}: plan withdrawn.`);
});

test('why it can not be planned anew is said, and it stays this bake', async () => {
  const { user, actions, onReplanned } = opened();
  const sentence = 'Plan anew: with these pins it can not be planned. Nothing was changed.';
  actions.replan.mockResolvedValueOnce(refused(null, sentence) as never);
  await user.click(await pressable(/^Plan it anew/));
  await screen.findByText(sentence);
  expect(onReplanned).not.toHaveBeenCalled();
});

test('where everything of it is done there is nothing to move, and that is said', () => {
  opened({ moments: [] });
  expect(document.body.textContent).toContain('Everything of it is done.');
  expect(screen.queryByText('+15')).toBeNull();
  expect(screen.queryByTestId('replan')).toBeNull();
});
