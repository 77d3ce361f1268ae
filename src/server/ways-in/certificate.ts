import { existsSync, readFileSync } from 'node:fs';
import { dataFolder } from '@/data';
import type { ShopContext } from '../context';
import { certificateFile } from './certificate-file';

/** The public half of the gate’s certificate; null while there is none. */
export function sharedCertificate({ db }: ShopContext): string | null {
  const folder = dataFolder(db);
  if (folder === null) return null;
  const file = certificateFile(folder);
  return existsSync(file) ? readFileSync(file, 'utf8') : null;
}
