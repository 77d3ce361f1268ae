/** @jest-environment jsdom */
import type { HandsActions } from './actions';
import { screen, waitFor } from '@testing-library/react';
import { GRAMS, opening, SIX_MS as nowMs } from '../../../tests/fixtures/shown';
import { LookDialog, type Lookable } from './look-dialog';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const LOTS: Lookable[] = [
  { lotId: 'S-G21', name: 'Grusa', kind: 'starter', expectedRise: 2.4 },
  { lotId: 'D1', name: 'Quay dough', kind: 'dough', expectedRise: 1.4 },
];

const opened = (does: Partial<HandsActions>, lots = LOTS) =>
  opening(
    (given) => <LookDialog lots={lots} first={null} nowMs={nowMs} units={GRAMS} {...given} />,
    does,
  );
const log = { name: 'Log this look' };

jest.setTimeout(20_000);

test('what was seen is written, what was not looked at is left out, and the forecast answers', async () => {
  const logLook = jest.fn().mockResolvedValue({
    ok: true,
    value: { batch: 'b', aheadMinutes: 34, bestMs: nowMs + 95 * 60_000 },
  });
  const { user, onClose } = opened({ logLook });
  await user.click(screen.getByRole('button', { name: 'domed' }));
  await user.click(screen.getByRole('button', { name: 'fruity' }));
  await user.click(screen.getByRole('button', { name: 'fruity' }));
  await user.type(screen.getByLabelText('pH, if you measure it'), '4,1');
  await user.click(screen.getByRole('button', log));
  await waitFor(() => expect(onClose).toHaveBeenCalled());
  const [form] = logLook.mock.calls[0];
  expect(form).toMatchObject({ lotId: 'S-G21', dome: 'domed', ph: '4,1', rise: null });
  expect(form.smell).toBeUndefined();
  expect(form.float).toBeUndefined();
  expect(await screen.findByText('Grusa is 34 min ahead: best 07:45.')).toBeTruthy();
});

test('a dough is asked for what a dough shows: the dent, no float', async () => {
  const { user } = opened({});
  await user.click(screen.getByRole('combobox', { name: /Lot/ }));
  await user.click(await screen.findByRole('option', { name: /Quay dough/ }));
  expect(screen.getByRole('button', { name: 'springs back' })).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'floats' })).toBeNull();
});

test('a pH that can not be is refused at its field, and the look stays as it was typed', async () => {
  const sentence = 'pH: 41 is not possible. Allowed: 2.5 to 7.5.';
  const logLook = jest.fn().mockResolvedValue({
    ok: false,
    refusals: [{ field: 'ph', sentence }],
  });
  const { user, onClose } = opened({ logLook });
  const field = screen.getByLabelText<HTMLInputElement>('pH, if you measure it');
  await user.type(field, '41');
  await user.click(screen.getByRole('button', log));
  expect(await screen.findByText(sentence)).toBeTruthy();
  expect(field.value).toBe('41');
  expect(onClose).not.toHaveBeenCalled();
});

test('where nothing was made there is nothing to look at', () => {
  opened({}, []);
  expect(screen.getByText(/Nothing has been made yet/)).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', log).disabled).toBe(true);
});
