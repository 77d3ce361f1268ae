// Puts a back-up in place of the shop’s database and keeps what it replaces: node bin/lib/bundle.mjs restore [FILE]
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { backupsFolder, listBackups, MigrationError, restoreBackup } from '@/data';

const folder = path.resolve(process.env['OLVIK_DATA'] ?? path.join('data', 'shop'));
const [asked] = process.argv.slice(2);
const newest = listBackups(folder)[0]?.name;
if (asked === undefined && newest === undefined) {
  process.stderr.write(
    `There is no back-up in ${backupsFolder(folder)}. Name the file to restore. Nothing was changed.\n`,
  );
  process.exit(1);
}
const file =
  asked === undefined ? path.join(backupsFolder(folder), newest ?? '') : path.resolve(asked);
try {
  mkdirSync(folder, { recursive: true });
  const aside = await restoreBackup(folder, file, Date.now());
  process.stdout.write(
    `Restored ${file}.${aside === null ? '' : ` What was there before is kept as ${path.join(folder, aside)}.`}\n`,
  );
} catch (error) {
  if (!(error instanceof MigrationError)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
