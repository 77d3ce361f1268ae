import { createReadStream } from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { backupsFolder, dataFolder } from '@/data';
import { backupsOf } from '@/server/backups/backups';
import { shopContext } from '@/server/context';

/** A back-up as a file, to be kept elsewhere. */
export function GET(request: Request): Response {
  const context = shopContext();
  const folder = dataFolder(context.db);
  const name = new URL(request.url).searchParams.get('name');
  const backup = backupsOf(context).find((one) => one.name === name);
  if (folder === null || backup === undefined) {
    return new Response('This back-up is not among those that are kept.', { status: 404 });
  }
  const file = createReadStream(path.join(backupsFolder(folder), backup.name));
  return new Response(Readable.toWeb(file) as ReadableStream<Uint8Array>, {
    headers: {
      'Content-Type': 'application/vnd.sqlite3',
      'Content-Disposition': `attachment; filename="${backup.name}"`,
      'Content-Length': String(backup.bytes),
      'Cache-Control': 'no-store',
    },
  });
}
