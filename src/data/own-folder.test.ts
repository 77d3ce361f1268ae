import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { spawnSync } from 'node:child_process';
import {
  addBackup,
  clearParts,
  holdFolder,
  listBackups,
  openShop,
  refuseLostShop,
  restoreBackup,
  savePhoto,
} from '.';

const NOW = Date.parse('2026-11-27T05:10:00Z');
const folder = () => mkdtempSync(path.join(tmpdir(), 'olvik own '));
const modeOf = (file: string) => statSync(file).mode & 0o777;
const codeOf = (run: () => unknown) => {
  try {
    run();
    return null;
  } catch (error) {
    return (error as { code?: string }).code;
  }
};

test('what a shop keeps is its owner’s alone, also what an earlier Olvik left open to all', async () => {
  const where = path.join(folder(), 'shop');
  openShop(where).close();
  const held = holdFolder(where);
  const db = openShop(where);
  savePhoto(db, 'photo-12345678.jpg', new Uint8Array([1]));
  await addBackup(db, where, NOW);
  for (const inside of ['', 'photos', 'backups']) {
    expect(modeOf(path.join(where, inside))).toBe(0o700);
    const files = readdirSync(path.join(where, inside), { withFileTypes: true });
    for (const file of files.filter((one) => one.isFile())) {
      expect([file.name, modeOf(path.join(where, inside, file.name))]).toEqual([file.name, 0o600]);
    }
  }
  held.release();
  db.close();
});

test('what a kill left half written is cleared', () => {
  const where = folder();
  for (const inside of ['photos', 'backups']) {
    mkdirSync(path.join(where, inside));
    writeFileSync(path.join(where, inside, 'x.part'), '');
    writeFileSync(path.join(where, inside, 'kept'), '');
  }
  clearParts(where);
  expect(['photos', 'backups'].map((one) => readdirSync(path.join(where, one)))).toEqual([
    ['kept'],
    ['kept'],
  ]);
});

test('a folder is held by one process; the lock goes with it', () => {
  const where = folder();
  const held = holdFolder(where);
  const other = (code: string) =>
    spawnSync(process.execPath, ['-e', code, path.join(where, 'in-use.sqlite')], {
      encoding: 'utf8',
    }).stdout;
  const tries = `const D = require('better-sqlite3'); const d = new D(process.argv[1], { timeout: 0 });
    try { d.exec('BEGIN EXCLUSIVE'); console.log('held'); } catch { console.log('in use'); }`;
  expect(other(tries)).toBe('in use\n');
  held.release();
  expect(other(tries)).toBe('held\n');
  // The other process ended without letting go.
  holdFolder(where).release();
});

describe('a shop that is lost', () => {
  async function backedUp(): Promise<{ where: string; file: string }> {
    const where = folder();
    const db = openShop(where);
    db.prepare(
      `INSERT INTO shop (id, name, time_zone, mass_unit, temp_unit, scale_step_g, fine_step_g, work_from_minute, work_until_minute, yeast_type, people, tap_c, mixed_by, waste)
       VALUES (1, 'Slip', 'UTC', 'g', 'C', 1, 0.1, 0, 1000, 'fresh', '[]', 12, 'hand', 'with discard')`,
    ).run();
    await addBackup(db, where, NOW);
    db.close();
    return { where, file: path.join(where, 'olvik.sqlite') };
  }

  test('is not replaced by an empty one while back-ups of it exist', async () => {
    const { where, file } = await backedUp();
    expect(codeOf(() => refuseLostShop(where))).toBeNull();
    truncateSync(file, 0);
    expect(codeOf(() => refuseLostShop(where))).toBe('database-missing');
    rmSync(file);
    expect(codeOf(() => refuseLostShop(where))).toBe('database-missing');
    rmSync(path.join(where, 'backups'), { recursive: true });
    expect(codeOf(() => refuseLostShop(where))).toBeNull();
  });

  test('or damaged is said, and restored from its newest good back-up; what it replaces is kept', async () => {
    const { where, file } = await backedUp();
    writeFileSync(file, 'not a database at all, but long enough to be read as one by somebody');
    expect(codeOf(() => refuseLostShop(where))).toBe('database-damaged');
    const [backup] = listBackups(where);
    const aside = await restoreBackup(where, path.join(where, 'backups', backup!.name), NOW);
    expect(existsSync(path.join(where, aside!))).toBe(true);
    expect(codeOf(() => refuseLostShop(where))).toBeNull();
  });

  test('a copy that is not sound is not kept, and no older one goes', async () => {
    const { where } = await backedUp();
    const db = openShop(where);
    const broken = Object.assign(Object.create(db) as typeof db, {
      backup: (to: string) => {
        writeFileSync(to, 'half a copy');
        return Promise.resolve({ totalPages: 1, remainingPages: 0 });
      },
    });
    await expect(addBackup(broken, where, NOW + 60_000)).rejects.toMatchObject({
      code: 'backup-not-sound',
    });
    expect(listBackups(where)).toHaveLength(1);
    expect(readdirSync(path.join(where, 'backups')).some((one) => one.endsWith('.part'))).toBe(
      false,
    );
    db.close();
  });
});
