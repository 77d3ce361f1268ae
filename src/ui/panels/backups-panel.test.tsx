/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { BackupsPanel } from './backups-panel';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const ROW = {
  ...{ name: 'olvik-20261127-060000.sqlite', atMs: Date.UTC(2026, 10, 27, 6), bytes: 1_250_000 },
  ...{ entries: 812, damage: null, through: true },
};
const BAD = { ...ROW, name: 'olvik-20261126-060000.sqlite', atMs: ROW.atMs - 86_400_000 };

function panel(
  rows = [ROW],
  restored: object = { ok: true, value: { name: ROW.name, before: 'b' } },
) {
  const restoreShop = jest.fn(() => Promise.resolve(restored));
  const keepBackup = jest.fn(() =>
    Promise.resolve({ ok: true, value: { backup: ROW, dropped: 0 } }),
  );
  const actions = { restoreShop, keepBackup } as unknown as Parameters<
    typeof BackupsPanel
  >[0]['actions'];
  const page = shown(<BackupsPanel backups={rows} timeZone="Europe/Oslo" actions={actions} />);
  return { ...page, restoreShop, keepBackup };
}

test('a back-up says when it is of, what is in it and that it is sound; it can be copied elsewhere', () => {
  panel();
  const line = screen.getByTestId('backup').textContent;
  expect(line).toMatch(/27 November 07:00/);
  expect(line).toMatch(/812 entries, 1\.3 MB, read through, sound/);
  expect(screen.getByRole('link', { name: /^Copy of/ }).getAttribute('href')).toBe(
    `/shop/backup?name=${ROW.name}`,
  );
});

test('one that was only opened yet does not say that it is sound', () => {
  panel([{ ...ROW, through: false }]);
  expect(screen.getByTestId('backup').textContent).toMatch(/812 entries, 1\.3 MB, can be opened/);
});

test('it is put back only after it was asked about, and taken back with one press', async () => {
  const { user, restoreShop } = panel();
  await user.click(await pressable(/^Put back/));
  expect(screen.getByRole('dialog').textContent).toMatch(/812 entries/);
  await user.click(await pressable(/^Leave it/));
  expect(restoreShop).not.toHaveBeenCalled();
  await user.click(await pressable(/^Put back/));
  await user.click(await pressable(/^Put it back/));
  expect(restoreShop).toHaveBeenCalledWith({ name: ROW.name });
  await screen.findByText('The shop is back as it was then.');
  await user.click(await pressable(/^Undo/));
  expect(restoreShop).toHaveBeenLastCalledWith({ name: 'b' });
});

test('one that can not be read says so and can not be put back', () => {
  panel([ROW, { ...BAD, entries: 0, damage: 'file is not a database' as never }]);
  const [, bad] = screen.getAllByTestId('backup');
  expect(bad!.textContent).toMatch(/Can not be read \(file is not a database\)/);
  expect(bad!.querySelector('button')!.disabled).toBe(true);
});

test('why it was refused stands where it was asked', async () => {
  const sentence = 'The file is no back-up of a shop that can be read. Nothing was changed.';
  const { user } = panel([ROW], { ok: false, refusals: [{ field: 'name', sentence }] });
  await user.click(await pressable(/^Put back/));
  await user.click(await pressable(/^Put it back/));
  await screen.findByText(sentence);
});

test('of many the newest stand, and all at a press', async () => {
  const many = Array.from({ length: 12 }, (_, i) => ({ ...ROW, name: `olvik-${i}` }));
  const { user } = panel(many);
  expect(screen.getAllByTestId('backup')).toHaveLength(8);
  await user.click(await pressable(/^Show all 12/));
  expect(screen.getAllByTestId('backup')).toHaveLength(12);
});
