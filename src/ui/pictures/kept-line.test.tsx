/** @jest-environment jsdom */
import { act, screen } from '@testing-library/react';
import { shown, SIX_MS } from '../../../tests/fixtures/shown';
import { keptForMs } from '../kept-since';
import { KeptLine } from './kept-line';

const refresh = jest.fn();
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }));

const answers = (ok: boolean) => {
  globalThis.fetch = jest.fn(() =>
    ok ? Promise.resolve({ ok: true } as Response) : Promise.reject(new Error('away')),
  );
};
const later = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

beforeEach(() => {
  jest.useFakeTimers();
  refresh.mockClear();
});
afterEach(() => jest.useRealTimers());

test('a page that the shop sent says nothing', () => {
  shown(<KeptLine nowMs={SIX_MS} timeZone="Europe/Oslo" />);
  expect(screen.queryByTestId('picture')).toBeNull();
  expect(keptForMs()).toBe(0);
});

test('a picture says its hour until the shop answers; then the page is asked for anew', async () => {
  document.documentElement.dataset['kept'] = String(Date.now() - 20 * 60_000);
  answers(false);
  shown(<KeptLine nowMs={SIX_MS} timeZone="Europe/Oslo" />);
  expect(screen.getByTestId('picture').textContent).toContain('This is its picture of 06:10');
  expect(keptForMs()).toBeGreaterThan(19 * 60_000);
  await later(9_000);
  expect(screen.queryByTestId('picture')).not.toBeNull();
  expect(refresh).not.toHaveBeenCalled();
  answers(true);
  await later(5_000);
  expect(screen.queryByTestId('picture')).toBeNull();
  expect(refresh).toHaveBeenCalledTimes(1);
  expect(keptForMs()).toBe(0);
});
