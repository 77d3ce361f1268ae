// Copies the shop’s database, also while Olvik runs: node bin/lib/bundle.mjs backup
import path from 'node:path';
import { MigrationError, openShop } from '@/data';
import { contextOver } from '@/server/context';
import { keepBackup } from '@/server/backups/backups';

const folder = path.resolve(process.env['OLVIK_DATA'] ?? path.join('data', 'shop'));
try {
  const db = openShop(folder);
  const outcome = await keepBackup(contextOver(db), Date.now());
  db.close();
  if (!outcome.ok) throw new Error(outcome.refusals[0]?.sentence);
  const { backup, dropped } = outcome.value;
  process.stdout.write(
    `Kept ${path.join(folder, 'backups', backup.name)} (${backup.bytes} bytes).${dropped > 0 ? ` ${dropped} older ones let go.` : ''}\n`,
  );
} catch (error) {
  if (!(error instanceof MigrationError)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
