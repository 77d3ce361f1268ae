/** @jest-environment jsdom */
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { fieldNamed, GRAMS, shown, SIX_MS } from '../../../tests/fixtures/shown';
import type { LogView } from '@/server/log/log';
import { LogSearchBar } from './log-search';
import { NoteLine } from './note-line';

const replace = jest.fn();
jest.mock('next/navigation', () => ({
  usePathname: () => '/log',
  useRouter: () => ({ replace }),
}));

const view = (changes: Partial<LogView> = {}): LogView => ({
  units: GRAMS,
  nowMs: SIX_MS,
  search: {},
  rows: [],
  olderBefore: null,
  people: ['Jo', 'Maren'],
  weeks: [],
  ...changes,
});
const DONE = { ok: true, value: { batch: 'n-1' } } as const;

beforeEach(() => replace.mockClear());

test('a note of the day is written, told and can be undone; the line is empty for the next', async () => {
  const write = jest.fn(() => Promise.resolve(DONE));
  const undo = jest.fn(() => Promise.resolve(DONE));
  const { user, askedAnew } = shown(<NoteLine view={view()} write={write} undo={undo} />);
  await user.type(fieldNamed('note'), 'hot and humid');
  await user.keyboard('{Enter}');
  expect(write).toHaveBeenCalledWith({
    batch: expect.any(String),
    text: 'hot and humid',
    by: null,
    lotId: null,
  });
  await screen.findByText('Note written.');
  expect(fieldNamed('note').value).toBe('');
  expect(askedAnew).toHaveBeenCalled();
  await user.click(screen.getByRole('button', { name: 'Undo' }));
  expect(undo).toHaveBeenCalledWith('n-1');
});

test('beside a lot’s entries it is a note on the lot; refused, what was typed stays', async () => {
  const sentence = 'Note: nothing is written in it.';
  const write = jest.fn(() =>
    Promise.resolve({ ok: false, refusals: [{ field: 'text', sentence }] } as const),
  );
  const lot = view({ search: { lot: 'S-G21' } });
  const { user } = shown(<NoteLine view={lot} write={write} undo={jest.fn()} />);
  expect(screen.getByLabelText('Note on S-G21')).toBe(fieldNamed('note'));
  await user.type(fieldNamed('note'), '  ');
  await user.click(screen.getByTestId('write-note'));
  expect(write).toHaveBeenCalledWith(expect.objectContaining({ lotId: 'S-G21' }));
  expect(await screen.findByText(sentence)).toBeDefined();
  expect(fieldNamed('note').value).toBe('  ');
});

test('words are looked for once the fingers rest, not letter by letter, and stand in the address', async () => {
  const { user } = shown(<LogSearchBar view={view({ search: { part: 'looks' } })} />);
  await user.type(screen.getByTestId('log-words'), 'grusa friday');
  expect(replace.mock.calls.length).toBeLessThan(12);
  await waitFor(() =>
    expect(replace).toHaveBeenLastCalledWith('/log?part=looks&q=grusa+friday', { scroll: false }),
  );
});

test('another part keeps the words; a later beginning takes the end along', async () => {
  const searched = view({ search: { q: 'grusa', from: '2026-11-01', to: '2026-11-10' } });
  const { user } = shown(<LogSearchBar view={searched} />);
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Show' }));
  await user.click(await screen.findByRole('option', { name: 'plans' }));
  const [address] = replace.mock.lastCall as [string];
  expect(Object.fromEntries(new URLSearchParams(address.split('?')[1]))).toEqual({
    part: 'plans',
    q: 'grusa',
    from: '2026-11-01',
    to: '2026-11-10',
  });
});

test('everything that was asked for goes with one tap', async () => {
  const searched = view({ search: { q: 'grusa', part: 'looks' } });
  const { user } = shown(<LogSearchBar view={searched} />);
  await user.click(screen.getByRole('button', { name: /Show all again/ }));
  expect(replace).toHaveBeenLastCalledWith('/log', { scroll: false });
  expect(screen.getByTestId<HTMLInputElement>('log-words').value).toBe('');
});
