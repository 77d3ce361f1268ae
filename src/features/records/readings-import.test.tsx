/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { GRAMS, pressable, shown, SIX_MS } from '../../../tests/fixtures/shown';
import type { RecordsView } from '@/server/records/records-view';
import { ReadingsImport } from './readings-import';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const view: RecordsView = {
  units: GRAMS,
  nowMs: SIX_MS,
  backups: [],
  cold: [],
  tables: [],
  places: [
    { id: 'bench', name: 'Bench' },
    { id: 'fridge', name: 'Fridge' },
  ],
  empty: false,
};
const FILE = 'time;temp\n27.11.2026 05:00;4,5\n27.11.2026 05:30;4,8\n';
const PREVIEW = {
  rows: 2,
  known: 1,
  fromMs: SIX_MS - 4_200_000,
  toMs: SIX_MS - 2_400_000,
  leastC: 4.5,
  mostC: 4.8,
  first: [{ atMs: SIX_MS - 4_200_000, tempC: 4.5 }],
  unlikely: null,
};
const DONE = { ok: true, value: { batch: 'r-1' } } as const;

/** Answers of the shop, one after the other; what was asked of it. */
function opened(...answers: readonly object[]) {
  const left = [...answers];
  const fetched = jest.fn(() => Promise.resolve({ json: () => Promise.resolve(left.shift()) }));
  global.fetch = fetched as never;
  const undo = jest.fn(() => Promise.resolve(DONE));
  const asked = () =>
    (fetched.mock.calls as unknown as [string, { body: string }][]).map(([address, init]) => ({
      address,
      ...(JSON.parse(init.body) as Record<string, unknown>),
    }));
  return { ...shown(<ReadingsImport view={view} undo={undo} />), asked, undo };
}
async function give(text: string) {
  const file = new File([text], 'logger.csv', { type: 'text/csv' });
  Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
  fireEvent.change(screen.getByTestId('logger-file'), { target: { files: [file] } });
  await screen.findByText(/Look at them first|is no table/);
}
async function degrees(unit: RegExp) {
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Degrees' }));
  fireEvent.click(await screen.findByRole('option', { name: unit }));
}

test('a file is looked at before anything is stored; what is known already is not stored twice', async () => {
  const { user, asked, undo } = opened(
    { ok: true, value: PREVIEW },
    { ok: true, value: { batch: 'r-1', stored: 1 } },
  );
  await give(FILE);
  const look = screen.getByTestId<HTMLButtonElement>('look-at-readings');
  expect(look.disabled).toBe(true);
  await degrees(/^°C/);
  await user.click(await pressable(/Look at them first/));
  expect((await screen.findByTestId('readings-preview')).textContent).toMatch(
    /2 readings.*1 of them are in the journal already/,
  );
  await user.click(await pressable(/Store 1 readings/));
  await screen.findByText('1 readings stored.');
  expect(asked().map((one) => one['address'])).toEqual([
    '/records/readings',
    '/records/readings?store=yes',
  ]);
  expect(asked()[1]).toMatchObject({ unit: 'C', time: 'time', temperature: 'temp', text: FILE });
  await user.click(await pressable(/^Undo$/));
  expect(undo).toHaveBeenCalledWith('r-1');
});

test('changed after the look, it is looked at again before it can be stored', async () => {
  const { user } = opened({ ok: true, value: PREVIEW });
  await give(FILE);
  await degrees(/^°C/);
  await user.click(await pressable(/Look at them first/));
  await screen.findByTestId('readings-preview');
  await degrees(/^°F/);
  expect(screen.queryByTestId('readings-preview')).toBeNull();
  expect(await pressable(/Look at them first/)).toBeDefined();
});

test('what is no table is refused by the file’s name, and a shop that can not be reached is said', async () => {
  opened();
  await give('only words');
  expect(screen.getByRole('alert').textContent).toBe(
    'Readings: logger.csv is no table of readings. Nothing was stored.',
  );
});

test('a shop that can not be reached is said, and the choices stay', async () => {
  const { user } = opened();
  global.fetch = (() => Promise.reject(new Error('gone'))) as never;
  await give(FILE);
  await degrees(/^°C/);
  await user.click(await pressable(/Look at them first/));
  expect((await screen.findByRole('alert')).textContent).toContain('can not be reached');
  expect(screen.getByRole('combobox', { name: 'Degrees' }).textContent).toContain('°C');
});
