/** @jest-environment jsdom */
import type { HandsActions } from './actions';
import { screen, waitFor } from '@testing-library/react';
import { GRAMS, opening, SIX_MS as nowMs } from '../../../tests/fixtures/shown';
import type { StepSheet } from '@/shop/hands/step-sheet';
import { StepDialog } from './step-dialog';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const SHEET: StepSheet = {
  stepId: 'step-1',
  title: 'Feed Grusa',
  glyph: 'feed',
  atMs: nowMs + 20 * 60_000,
  placeName: 'Proofer',
  lines: [
    { id: 'flour-strong', label: 'Strong flour', massG: 80 },
    { id: 'water', label: 'Water', massG: 80 },
  ],
  startC: 26,
  water: null,
  count: null,
  bestMs: null,
  notes: [],
  caution: null,
};

const opened = (does: Partial<HandsActions>, sheet = SHEET) =>
  opening((given) => <StepDialog sheet={sheet} nowMs={nowMs} units={GRAMS} {...given} />, does);

/** Presses a button once it can be pressed: while an act is on its way it rests. */
async function pressed(user: ReturnType<typeof opened>['user'], name: string) {
  const button = screen.getByRole<HTMLButtonElement>('button', { name });
  await waitFor(() => expect(button.disabled).toBe(false), { timeout: 3000 });
  await user.click(button);
}

test('what was really weighed is written as typed, and the page closes it and asks anew', async () => {
  const doStep = jest.fn().mockResolvedValue({ ok: true, value: { batch: 'b' } });
  const { user, onClose, askedAnew } = opened({ doStep });
  const flour = screen.getByLabelText('Strong flour, g');
  await user.clear(flour);
  await user.type(flour, '82,5');
  await user.type(screen.getByLabelText('Measured, °C'), '25');
  await user.click(screen.getByRole('button', { name: 'Done' }));
  await waitFor(() => expect(onClose).toHaveBeenCalled());
  expect(doStep).toHaveBeenCalledTimes(1);
  expect(doStep.mock.calls[0][0]).toMatchObject({
    stepId: 'step-1',
    sure: false,
    at: '2026-11-27T06:10',
    grams: { 'flour-strong': '82,5', water: '80' },
    tempC: '25',
    count: null,
  });
  expect(askedAnew).toHaveBeenCalled();
  expect(await screen.findByText('Feed Grusa: done 06:10.')).toBeTruthy();
});

test('a refusal stands at its field, what was typed stays, and nothing is closed', async () => {
  const sentence = 'Strong flour: 9000000 g is not possible. Allowed: 0 to 5000000 g.';
  const doStep = jest.fn().mockResolvedValue({
    ok: false,
    refusals: [{ field: 'grams.flour-strong', sentence }],
  });
  const { user, onClose } = opened({ doStep });
  const flour = screen.getByLabelText<HTMLInputElement>('Strong flour, g');
  await user.clear(flour);
  await user.type(flour, '9000000');
  await user.click(screen.getByRole('button', { name: 'Done' }));
  expect(await screen.findByText(sentence)).toBeTruthy();
  expect(flour.getAttribute('aria-invalid')).toBe('true');
  expect(flour.value).toBe('9000000');
  expect(onClose).not.toHaveBeenCalled();
});

test('an amount far from the plan is asked about, and written with the same batch when it is meant', async () => {
  const question = '800 g strong flour where 80 g was planned: is that right?';
  const doStep = jest
    .fn()
    .mockResolvedValueOnce({ ok: false, refusals: [{ field: 'sure', sentence: question }] })
    .mockResolvedValueOnce({ ok: true, value: { batch: 'b' } });
  const { user, onClose } = opened({ doStep });
  await user.click(screen.getByRole('button', { name: 'Done' }));
  expect(await screen.findByText(question)).toBeTruthy();
  await pressed(user, 'Yes, write it');
  await waitFor(() => expect(onClose).toHaveBeenCalled());
  const [first, second] = doStep.mock.calls.map(([form]) => form);
  expect(second).toEqual({ ...first, sure: true });
});

test('an answer that is lost is told as not known, never as not stored', async () => {
  const { user, onClose } = opened({ doStep: () => Promise.reject(new Error('gone')) });
  await user.click(screen.getByRole('button', { name: 'Done' }));
  expect(await screen.findByText(/could not show what became of this/)).toBeTruthy();
  expect(onClose).not.toHaveBeenCalled();
});

test('the nudges move the hour that it is moved to, the leaven’s best sets it', async () => {
  const moveStep = jest.fn().mockResolvedValue({ ok: true, value: { batch: 'b' } });
  const { user } = opened({ moveStep }, { ...SHEET, bestMs: nowMs + 95 * 60_000 });
  await user.click(screen.getByRole('button', { name: '+30' }));
  await user.click(screen.getByRole('button', { name: '−5' }));
  await user.click(screen.getByRole('button', { name: 'Move' }));
  await waitFor(() => expect(moveStep).toHaveBeenCalled());
  expect(moveStep.mock.calls[0][0]).toMatchObject({ at: '2026-11-27T06:55' });
  await user.click(screen.getByRole('button', { name: /Set to the leaven’s best, 07:45/ }));
  await pressed(user, 'Move');
  await waitFor(() => expect(moveStep).toHaveBeenCalledTimes(2));
  expect(moveStep.mock.calls[1][0]).toMatchObject({ at: '2026-11-27T07:45' });
});
