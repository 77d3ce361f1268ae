import { tr } from '@/words/tr';
import { createReadStream } from 'node:fs';
import { Readable } from 'node:stream';
import { backupFile } from '@/server/backups/backups';
import { shopContext } from '@/server/context';

/** A back-up as a file, to be kept elsewhere. */
export function GET(request: Request): Response {
  const backup = backupFile(shopContext(), new URL(request.url).searchParams.get('name'));
  if (backup === null) {
    return new Response(tr`This back-up is not among those that are kept.`, { status: 404 });
  }
  const file = createReadStream(backup.file);
  return new Response(Readable.toWeb(file) as ReadableStream<Uint8Array>, {
    headers: {
      'Content-Type': 'application/vnd.sqlite3',
      'Content-Disposition': `attachment; filename="${backup.name}"`,
      'Content-Length': String(backup.bytes),
      'Cache-Control': 'no-store',
    },
  });
}
