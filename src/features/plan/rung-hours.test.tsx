/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { contextOver, type ShopContext } from '@/server/context';
import { openShopInMemory } from '@/data';
import { planView } from '@/server/plan/view';
import { ensureShop } from '@/server/shop/new-shop';
import { stateDemand } from '@/server/plan/demands';
import { demandOn } from '@/shop/plan/demand-on';
import { searchPlans } from '@/shop/plan/search';
import { ladderClock } from './ladder-clock';
import { RungHours } from './rung-hours';

const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
const db = openShopInMemory();
ensureShop(db, 'Europe/Oslo');
const context: ShopContext = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
stateDemand(context, {
  ...{ id: null, name: 'Friday', balls: '30', methods: ['start-poolish-day'] },
  ...{ readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T19:30' },
});
const view = planView(context);
const methods = view.methods.filter((one) => one.key === 'start-poolish-day');
const steps = searchPlans(demandOn(view.services[0]!.asked!, methods), view.facts);
let step = steps.next();
while (step.done !== true) step = steps.next();
const ladder = step.value.shown[0]!;
const readyFromMs = view.services[0]!.fromMs;
const clock = ladderClock([ladder.rungs.map((one) => one.atMs)], readyFromMs, 400);
const mix = ladder.rungs.find((one) => one.holds?.kind === 'mix')!;

/** jsdom knows no pointer events of its own. */
const point = (on: HTMLElement, what: 'down' | 'move' | 'up', clientY: number) =>
  fireEvent(on, new MouseEvent(`pointer${what}`, { bubbles: true, button: 0, clientY }));

/** Nobody can hold it: it follows from the service. */
const oven = {
  ...mix,
  ...{ atMs: readyFromMs - 1_800_000, title: 'Light the oven', holds: null, why: [] },
};

function opened() {
  const onHold = jest.fn();
  // jsdom has no pointer capture.
  HTMLElement.prototype.setPointerCapture = () => {};
  const view_ = shown(
    <RungHours
      ladder={{ ...ladder, rungs: [...ladder.rungs, oven] }}
      clock={clock}
      units={view.units}
      readyFromMs={readyFromMs}
      onHold={onHold}
    />,
  );
  return { ...view_, onHold };
}

test('a mix is dragged to another hour, in steps of five minutes, and the drag is no tap', async () => {
  const { onHold, user } = opened();
  const grip = await pressable(/Mix .*: why this hour, or another/);
  const byY = clock.y(mix.atMs - 3_600_000) - clock.y(mix.atMs);
  point(grip, 'down', 200);
  point(grip, 'move', 200 + byY);
  point(grip, 'up', 200 + byY);
  fireEvent.click(grip);
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(onHold).toHaveBeenCalledTimes(1);
  const [of, atMs] = onHold.mock.calls[0]!;
  expect(of).toEqual({ kind: 'mix' });
  expect(atMs % 300_000).toBe(0);
  expect(Math.abs(atMs - (mix.atMs - 3_600_000))).toBeLessThanOrEqual(150_000);
  // A tap still asks why.
  await user.click(grip);
  expect(await screen.findByRole('dialog', { name: 'Why this hour' })).toBeTruthy();
  expect(screen.getByLabelText('Another hour')).toBeTruthy();
});

test('balls are dragged too; the oven’s hour, which follows from the service, is no grip', async () => {
  const { onHold } = opened();
  const grip = await pressable(/Ball .*: why this hour, or another/);
  point(grip, 'down', 200);
  point(grip, 'move', 240);
  point(grip, 'up', 240);
  expect(onHold.mock.calls[0]![0]).toEqual({ kind: 'ball' });
  expect(screen.queryByRole('button', { name: /Light the oven/ })).toBeNull();
});
