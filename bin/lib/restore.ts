// Puts a back-up in place of the shop’s database and keeps what it replaces: node bin/lib/bundle.mjs restore [FILE]
import path from 'node:path';
import { backupsFolder, holdFolder, listBackups, MigrationError, restoreBackup } from '@/data';

const folder = path.resolve(process.env['OLVIK_DATA'] ?? path.join('data', 'shop'));
const [asked] = process.argv.slice(2);
const say = (text: string) => void process.stderr.write(`${text}\n`);

/** The file that is named, or every back-up, the newest first: the first that is sound is taken. */
const files =
  asked === undefined
    ? listBackups(folder).map(({ name }) => path.join(backupsFolder(folder), name))
    : [path.resolve(asked)];

/** Restores the first sound one of the files; what was wrong with those before it is said. */
async function restoreFirst(): Promise<boolean> {
  for (const file of files) {
    try {
      const aside = await restoreBackup(folder, file, Date.now());
      process.stdout.write(
        `Restored ${file}.${aside === null ? '' : ` What was there before is kept as ${path.join(folder, aside)}.`}\n`,
      );
      return true;
    } catch (error) {
      if (!(error instanceof MigrationError)) throw error;
      say(error.message);
    }
  }
  return false;
}

if (files.length === 0) {
  say(
    `There is no back-up in ${backupsFolder(folder)}. Name the file to restore. Nothing was changed.`,
  );
  process.exit(1);
}
try {
  const held = holdFolder(folder);
  const restored = await restoreFirst();
  held.release();
  process.exit(restored ? 0 : 1);
} catch (error) {
  if (!(error instanceof MigrationError)) throw error;
  say(error.message);
  process.exit(1);
}
