/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import type { Outcome } from '@/shop/outcome';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { waitingHere } from '../waiting-store';
import { WaitingLine } from './waiting-line';

const refresh = jest.fn();
jest.mock('next/navigation', () => {
  const router = { refresh: () => refresh() as unknown };
  return { useRouter: () => router };
});

beforeEach(() => {
  localStorage.clear();
  refresh.mockClear();
});

const keep = (id: string) =>
  waitingHere.keep({
    id,
    name: 'doStep',
    args: [{ batch: id }],
    saidMs: Date.parse('2026-11-27T05:12:00Z'),
  });
const sends = (outcome: Outcome<unknown>) => jest.fn(() => Promise.resolve(outcome));

test('nothing stands there while nothing waits', () => {
  shown(<WaitingLine send={sends({ ok: true, value: {} })} timeZone="Europe/Oslo" />);
  expect(screen.queryByTestId('waiting')).toBeNull();
});

test('what waits is said, sent, and said to be stored', async () => {
  keep('one');
  keep('two');
  const send = sends({ ok: true, value: {} });
  shown(<WaitingLine send={send} timeZone="Europe/Oslo" />);
  await screen.findByText('2 acts that waited are stored.');
  expect(send).toHaveBeenCalledTimes(2);
  expect(refresh).toHaveBeenCalled();
  expect(screen.queryByTestId('waiting')).toBeNull();
});

test('what does not fit any more says why and when it was done, and goes only by hand', async () => {
  keep('one');
  const refusals = [{ field: null, sentence: 'This step was done already.' }];
  const { user } = shown(
    <WaitingLine send={sends({ ok: false, refusals })} timeZone="Europe/Oslo" />,
  );
  await screen.findByText(
    /a step done, 06:12, does not fit any more: This step was done already\./,
  );
  await user.click(await pressable(/Drop it/));
  expect(screen.queryByTestId('waiting')).toBeNull();
  expect(waitingHere.list()).toEqual([]);
});
