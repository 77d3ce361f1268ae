/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { GRAMS, pressable, shown, SIX_MS } from '../../../tests/fixtures/shown';
import { practiceRound } from '@/core/practice';
import type { PracticeView } from '@/server/practice/practice';
import { Practice } from './practice';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ refresh: () => undefined, push: () => undefined }),
}));

const SEED = 7;
const view: PracticeView = { units: GRAMS, nowMs: SIX_MS, level: 1, seed: SEED, rounds: [] };
const { truth } = practiceRound(SEED, 1);

function opened(points = 90) {
  const log = jest.fn(() => Promise.resolve({ ok: true, value: { points } } as const));
  return { ...shown(<Practice view={view} log={log} />), log };
}

test('judged by keys alone: 1 to 3 say how it is, 4 to 7 what to do, Enter goes on', async () => {
  const { user, log, askedAnew } = opened();
  await user.keyboard('25{Enter}');
  expect(log).toHaveBeenCalledWith(
    expect.objectContaining({ seed: SEED, level: 1, bestInH: 0, choice: expect.any(String) }),
  );
  expect((await screen.findByTestId('points')).textContent).toContain('90 points');
  await user.keyboard('{Enter}');
  expect(askedAnew).toHaveBeenCalled();
});

test('nothing is judged before it is said how it stands', async () => {
  const { user, log } = opened();
  await user.click(await pressable(/That is my judgement/));
  await screen.findByText(/Say first: not yet, use, or late/);
  expect(log).not.toHaveBeenCalled();
});

test('what was said wrongly is said beside the points, with the truth and why below', async () => {
  const wrong = ['not yet', 'use', 'late'].find((one) => one !== truth)!;
  const { user } = opened(10);
  await user.click(await pressable(new RegExp(`^\\d ${wrong}$`)));
  await user.click(await pressable(/That is my judgement/));
  expect((await screen.findByTestId('points')).textContent).toBe(`10 points: you said ${wrong}`);
  expect(document.body.textContent).toContain(truth);
});

test('keys that are typed into what lies over the page judge nothing', async () => {
  const { user, log } = opened();
  const over = document.createElement('div');
  over.setAttribute('role', 'dialog');
  const field = over.appendChild(document.createElement('input'));
  document.body.append(over);
  await user.type(field, '2{Enter}');
  expect(screen.queryByRole('button', { pressed: true })).toBeNull();
  over.remove();
  expect(log).not.toHaveBeenCalled();
});

test('the hour of its best is guessed on the slider, in words', () => {
  opened();
  const slider = screen.getByRole('slider');
  fireEvent.change(slider, { target: { value: -2.5 } });
  expect(slider.getAttribute('aria-valuetext')).toBe('2 h 30 ago');
  fireEvent.change(slider, { target: { value: 0 } });
  expect(slider.getAttribute('aria-valuetext')).toBe('now');
});
