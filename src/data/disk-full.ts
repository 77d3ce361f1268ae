import { tr } from '@/words/tr';

/** What the disk says where it has no room, or lets nobody write. */
const NO_ROOM = new Set(['ENOSPC', 'EDQUOT', 'EFBIG', 'EROFS', 'EIO', 'SQLITE_FULL']);

/** A read that fails is damage, not a full disk. */
const WRITES =
  /^SQLITE_(IOERR_(WRITE|FSYNC|DIR_FSYNC|TRUNCATE|SHMSIZE|SHMMAP|SHMOPEN)|READONLY|CANTOPEN)/;

/** True for an error of a disk that takes nothing more: whatever was being written is not there. */
export function isDiskError(error: unknown): boolean {
  const code = (error as { code?: unknown } | null)?.code;
  if (typeof code !== 'string') return false;
  return NO_ROOM.has(code) || WRITES.test(code);
}

/** Said where the disk takes nothing more. */
export const diskSentence = () =>
  tr`Disk: it is full, or nothing can be written to it. Nothing was stored; what was stored before is there. Make room on it, and do this again.`;
