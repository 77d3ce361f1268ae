/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { GRAMS, shown, SIX_MS } from '../../../tests/fixtures/shown';
import type { LogView } from '@/server/log/log';
import type { LogRow } from '@/server/log/log-row';
import { Log } from './log';
import { daysOf } from './log-days';

const push = jest.fn();
jest.mock('next/navigation', () => ({
  usePathname: () => '/log',
  useRouter: () => ({ push, replace: push, refresh: () => undefined }),
}));

const H = 3_600_000;
const row = (batch: string, changes: Partial<LogRow> = {}): LogRow => ({
  batch,
  atMs: SIX_MS,
  recordedMs: SIX_MS,
  standsMs: SIX_MS,
  tense: 'done',
  says: `Did ${batch}`,
  by: null,
  lotId: null,
  bake: null,
  struck: false,
  doesNotCount: null,
  ...changes,
});
const ROWS = [
  row('plan-a', { tense: 'planned', says: 'Planned Harbour', atMs: SIX_MS + 30 * H }),
  row('feed', { by: 'Jo', lotId: 'S-G21', bake: { id: 'b1', name: 'Harbour' } }),
  row('plan-b', { tense: 'planned', says: 'Planned Quay' }),
  row('gone', { struck: true }),
  row('odd', { standsMs: SIX_MS - 24 * H, atMs: SIX_MS - 24 * H, doesNotCount: 'too much' }),
];
const view = (search: LogView['search'] = {}, rows = ROWS): LogView => ({
  units: GRAMS,
  nowMs: SIX_MS,
  search,
  rows,
  olderBefore: null,
  people: ['Jo'],
  weeks: [],
});

const opened = (
  of: LogView,
  undo = jest.fn(() => Promise.resolve({ ok: true, value: { batch: '' } } as const)),
) => ({
  ...shown(
    <Log view={of} undo={undo} note={() => Promise.resolve({ ok: true, value: { batch: '' } })} />,
  ),
  undo,
});
const says = () =>
  screen.getAllByRole('row').map((one) => one.textContent.replaceAll(/\u202f|\u00a0/g, ' '));

test('what happened stands first; the plans of a day are one line that opens and folds again', async () => {
  const { user } = opened(view());
  expect(says().join('|')).not.toContain('Planned');
  await user.click(screen.getByRole('button', { name: '2 planned' }));
  expect(says().join('|')).toContain('Planned Harbour');
  await user.click(screen.getByRole('button', { name: 'Fold the plans' }));
  expect(says().join('|')).not.toContain('Planned');
});

test('a search for plans, a word, a lot or a day shows them as they are found', () => {
  for (const search of [
    { part: 'plans' },
    { q: 'harbour' },
    { lot: 'x' },
    { from: '2026-11-27' },
  ]) {
    const [day] = daysOf(view(search as LogView['search']));
    expect(day?.plans).toEqual([]);
    expect(day?.rows.map((one) => one.batch)).toContain('plan-a');
  }
  // Another page of everything folds like the first.
  expect(daysOf(view({ before: '1-1' }))[0]?.plans).toHaveLength(2);
});

test('days stand in their order, each once, with what does not count and what was taken back said', () => {
  opened(view());
  const heads = screen.getAllByRole('rowheader').map((one) => one.firstChild?.textContent);
  expect(heads).toEqual(['Fri 27 November', 'Thu 26 November']);
  expect(says().find((one) => one.includes('Did odd'))).toContain('does not count: too much');
  const gone = screen.getByText('Did gone').closest('tr')!;
  expect(within(gone).queryByRole('button')).toBeNull();
  expect(gone.textContent).toContain('taken back');
});

test('a row is taken back from its own line; a refusal is told above all of them', async () => {
  const undo = jest.fn(() =>
    Promise.resolve({
      ok: false,
      refusals: [{ field: null, sentence: 'It was used since.' }],
    } as const),
  );
  const { user } = opened(view(), undo as never);
  const line = screen.getByText('Did feed').closest('tr')!;
  expect(line.textContent).toContain('Jo');
  expect(within(line).getByRole('link', { name: 'Harbour' }).getAttribute('href')).toBe(
    '/bakes/b1',
  );
  await user.click(within(line).getByRole('button', { name: 'Take back' }));
  expect(undo).toHaveBeenCalledWith('feed');
  expect((await screen.findByRole('alert')).textContent).toBe('It was used since.');
});

test('an empty journal says what comes here, an empty answer how to find more', () => {
  opened(view({}, []));
  expect(document.body.textContent).toContain('Nothing logged yet');
  opened(view({ q: 'pears' }, []));
  expect(document.body.textContent).toContain('Nothing in the journal answers this');
});
