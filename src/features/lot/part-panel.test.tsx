/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import { demoShop } from '../../../tests/demo-shop';
import { handsDoing, shown } from '../../../tests/fixtures/shown';
import { lotView } from '@/server/lots/lot-view';
import { PartPanel } from './part-panel';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const { context } = demoShop();
const view = lotView(context, 'P1126-1')!;
const opened = (actions: Parameters<typeof handsDoing>[0]) =>
  shown(<PartPanel view={view} actions={handsDoing(actions)} />);
const put = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Store it' });

test('a part is stored once: what was taken is gone from the field, and a second tap writes nothing', async () => {
  const takePart = jest
    .fn()
    .mockResolvedValue({ ok: true, value: { batch: 'b', lotId: 'P1127-9' } });
  const { user } = opened({ takePart });
  const part = screen.getByLabelText<HTMLInputElement>('Part, g');
  await user.clear(part);
  await user.type(part, '120');
  await user.dblClick(put());
  await waitFor(() => expect(part.value).toBe(''));
  expect(takePart).toHaveBeenCalledTimes(1);
  expect(takePart.mock.calls[0][0]).toMatchObject({ lotId: 'P1126-1', massG: '120' });
  expect(put().disabled).toBe(true);
  expect(await screen.findByText(/P1127-9 stored/)).toBeTruthy();
});

test('more than is left is refused in its sentence, and the figure stays to be mended', async () => {
  const sentence = 'Part: 9000 g is not possible. Allowed: up to 2030 g, what is left.';
  const takePart = jest.fn().mockResolvedValue({
    ok: false,
    refusals: [{ field: 'massG', sentence }],
  });
  const { user } = opened({ takePart });
  const part = screen.getByLabelText<HTMLInputElement>('Part, g');
  await user.clear(part);
  await user.type(part, '9000');
  await user.click(put());
  expect(await screen.findByText(sentence)).toBeTruthy();
  expect(part.value).toBe('9000');
});

test('what is gone goes nowhere: no place is asked for', async () => {
  const takePart = jest.fn().mockResolvedValue({ ok: true, value: { batch: 'b', lotId: 'x' } });
  const { user } = opened({ takePart });
  expect(screen.queryByLabelText('To')).not.toBeNull();
  await user.selectOptions(screen.getByLabelText('Goes on'), 'gone');
  expect(screen.queryByLabelText('To')).toBeNull();
  await user.click(screen.getByRole('button', { name: 'It is gone' }));
  await waitFor(() => expect(takePart).toHaveBeenCalled());
  expect(takePart.mock.calls[0][0]).toMatchObject({ as: 'gone' });
});

test('into the freezer: whether now is the moment, and when it is', async () => {
  const frozen = { placeIds: ['freezer'], fromMs: null, risenNow: 0.2 };
  const says = (freeze: Partial<NonNullable<typeof view.freeze>>) => {
    const { unmount } = shown(
      <PartPanel
        view={{
          ...view,
          places: [{ id: 'freezer', name: 'Freezer' }],
          freeze: { ...frozen, untilMs: view.nowMs + 3_600_000, ...freeze },
        }}
        actions={handsDoing({})}
      />,
    );
    const text = screen.getByTestId('freeze-when').textContent;
    unmount();
    return text;
  };
  expect(says({})).toMatch(/Now is a good moment to freeze it, until 07:10; 20.% of its rise/);
  expect(says({ fromMs: view.nowMs + 60_000 })).toContain('Best frozen 06:11 to 07:10');
  expect(says({ untilMs: view.nowMs - 60_000 })).toContain('Best frozen until 06:09');
});

test('balls for another service: how many, where and when; what came of it is told with its hour', async () => {
  const outMs = view.nowMs + 20 * 3_600_000;
  const keepFor = jest.fn().mockResolvedValue({
    ok: true,
    value: { batch: 'b', lotId: 'B9', bakeId: 'x', outMs },
  });
  const { user } = shown(
    <PartPanel view={{ ...view, ballsLeft: 24 }} actions={handsDoing({ keepFor })} />,
  );
  await user.selectOptions(screen.getByLabelText('Goes on'), 'another service');
  const balls = screen.getByLabelText<HTMLInputElement>('Balls taken');
  await user.clear(balls);
  await user.type(balls, '10');
  await user.click(put());
  expect(await screen.findByText(/B9 kept; out of there Sat .*02:10, planned/)).toBeTruthy();
  expect(keepFor.mock.calls[0][0]).toMatchObject({
    count: '10',
    readyFrom: '2026-11-28T06:30',
    readyTo: '2026-11-28T09:30',
  });
});
