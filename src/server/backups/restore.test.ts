import fs, {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { listEntries, openShop, placeStaged, stageBackup } from '@/data';
import { command } from '../commands/command';
import { contextOver, shopContext, type ShopContext } from '../context';
import { logNote } from '../scores/score';
import { ensureShop } from '../shop/new-shop';
import { openStreams } from '../streams/streams';
import { backupsOf, checkBackups, keepBackup } from './backups';
import { restoreShop } from './restore';

const AT = Date.UTC(2026, 10, 27, 6);
let folder: string;
let context: ShopContext;
const holder = globalThis as { olvikContext?: ShopContext };

/** The running shop of a folder of its own, with one note and a back-up of it, and a note since. */
beforeEach(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'olvik-restore-'));
  const db = openShop(folder);
  ensureShop(db, 'UTC');
  context = contextOver(db);
  holder.olvikContext = context;
  note('before');
  expect(await keepBackup(context, AT)).toMatchObject({ ok: true });
  note('after');
});
afterEach(() => {
  holder.olvikContext?.db.close();
  delete holder.olvikContext;
  rmSync(folder, { recursive: true });
});

let batch = 0;
const note = (text: string) =>
  expect(logNote(shopContext(), { batch: `note-000${(batch += 1)}`, text })).toMatchObject({
    ok: true,
  });
const notes = () => listEntries(shopContext().db).length;
const [FIRST] = ['olvik-20261127-060000.sqlite'];

test('a back-up is put in place of the running shop, and what stood there is a back-up that can be put back', async () => {
  expect(notes()).toBe(2);
  const ended = jest.fn();
  openStreams.add(ended);
  const outcome = await restoreShop(context, { name: FIRST }, AT + 3_600_000);
  openStreams.delete(ended);
  expect(outcome).toEqual({
    ok: true,
    value: { name: FIRST, before: 'olvik-20261127-070000.sqlite' },
  });
  expect(ended).toHaveBeenCalled();
  expect(context.db.open).toBe(false);
  expect(notes()).toBe(1);
  note('goes on');
  expect(notes()).toBe(2);
  const again = shopContext();
  expect(
    await restoreShop(again, { name: 'olvik-20261127-070000.sqlite' }, AT + 7_200_000),
  ).toMatchObject({ ok: true });
  expect(listEntries(shopContext().db).map(({ body }) => JSON.stringify(body))).toEqual([
    expect.stringContaining('before'),
    expect.stringContaining('after'),
  ]);
});

test('ended at any step of being put in place, the shop or its back-up stands there whole', async () => {
  for (const step of ['renameSync', 'chmodSync', 'linkSync'] as const) {
    const ended = jest.spyOn(fs, step).mockImplementation(() => {
      throw new Error('the power went');
    });
    await stageBackup(folder, path.join(folder, 'backups', FIRST!)).catch(() => null);
    shopContext().db.close();
    try {
      placeStaged(folder, AT + 3_600_000);
    } catch {
      // As a cut would leave it.
    }
    ended.mockRestore();
    expect([step, existsSync(path.join(folder, 'olvik.sqlite'))]).toEqual([step, true]);
    holder.olvikContext = contextOver(openShop(folder));
    expect([1, 2]).toContain(notes());
  }
});

test('sent twice it is done once, and its answer is kept in the shop that stands there now', async () => {
  const asked = { name: 'restoreShop', args: [{ name: FIRST }], id: 'restore-0001' };
  const [one, two] = await Promise.all([command(context, asked), command(context, asked)]);
  expect(one).toMatchObject({ ok: true });
  expect(two).toEqual(one);
  expect(await command(shopContext(), asked)).toEqual(one);
  expect(notes()).toBe(1);
});

test('a damaged one is told by its contents, refused, and nothing changes', async () => {
  writeFileSync(path.join(folder, 'backups', 'olvik-20261127-050000.sqlite'), 'Dear Maren,');
  const [sound, damaged] = backupsOf(context);
  expect(sound).toMatchObject({ name: FIRST, entries: 1, damage: null });
  expect(damaged).toMatchObject({ entries: 0, damage: expect.stringContaining('not a database') });
  const outcome = await restoreShop(context, { name: damaged!.name }, AT);
  expect(outcome).toMatchObject({
    ok: false,
    refusals: [{ field: 'name', sentence: expect.stringContaining('Nothing was changed.') }],
  });
  expect(context.db.open).toBe(true);
  expect(notes()).toBe(2);
  expect(readdirSync(folder).filter((one) => one.endsWith('.part'))).toEqual([]);
});

test('all are read through anew, and a sound one that rotted since is found', async () => {
  expect(await checkBackups(context)).toEqual([]);
  expect(backupsOf(context)).toMatchObject([{ name: FIRST, entries: 1, through: true }]);
  const file = path.join(folder, 'backups', FIRST!);
  const bytes = readFileSync(file);
  // Its head is whole: it can be opened, but a page of it is not what it was.
  bytes.fill(255, 4096 * 3, 4096 * 12);
  writeFileSync(file, bytes);
  expect(await checkBackups(context)).toMatchObject([{ name: FIRST, through: true }]);
  const outcome = await restoreShop(context, { name: FIRST }, AT);
  expect(outcome).toMatchObject({ ok: false });
  expect(notes()).toBe(2);
});

test.each([
  [{ name: '../olvik.sqlite' }],
  [{ name: 'olvik-20200101-000000.sqlite' }],
  [{ name: 7 }],
  [null],
])('%j is refused in words', async (form) => {
  const outcome = await restoreShop(context, form, AT);
  expect(outcome).toMatchObject({ ok: false });
  expect(notes()).toBe(2);
});
