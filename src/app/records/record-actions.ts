'use server';

import { keepBackup } from '@/services/backups/backups';
import { shopContext } from '@/services/context';

/** Keeps a back-up now. */
export async function keepBackupAction() {
  return keepBackup(shopContext(), Date.now());
}
