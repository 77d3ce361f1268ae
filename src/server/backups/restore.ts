import { tr } from '@/words/tr';
import path from 'node:path';
import {
  backupsFolder,
  dataFolder,
  listBackups,
  MigrationError,
  placeBack,
  placeStaged,
  stageBackup,
} from '@/data';
import { z } from '@/core/parse';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';
import { reopened, type ShopContext } from '../context';
import { keepBackup } from './backups';

const restoreForm = z.object({ name: z.string().min(1).max(80) });

/** What a restored shop was, and what it replaced. */
export interface Restored {
  readonly name: string;
  /** The back-up that was kept of the shop as it stood before. */
  readonly before: string;
}

/**
 * Puts a back-up in place of the running shop. What stands there is kept as a back-up first; a back-up that can not be read is
 * refused, and nothing is changed then.
 */
export async function restoreShop(
  context: ShopContext,
  form: unknown,
  realMs: number,
): Promise<Outcome<Restored>> {
  const parsed = parseForm(restoreForm, form);
  if (!parsed.ok) return parsed;
  const { name } = parsed.value;
  const folder = dataFolder(context.db);
  if (folder === null) return refused(null, tr`Back-up: this shop is in memory only.`);
  if (!listBackups(folder).some((one) => one.name === name)) {
    return refused('name', tr`Back-up: “${name}” is not among those that are kept.`);
  }
  try {
    await stageBackup(folder, path.join(backupsFolder(folder), name));
    const kept = await keepBackup(context, realMs);
    if (!kept.ok) return kept;
    let aside: string | null = null;
    reopened(
      context,
      () => {
        aside = placeStaged(folder, realMs);
      },
      () => {
        if (aside !== null) placeBack(folder, aside);
      },
    );
    return done({ name, before: kept.value.backup.name });
  } catch (error) {
    if (error instanceof MigrationError) return refused('name', error.message);
    throw error;
  }
}
