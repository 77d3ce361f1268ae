import { takeArchive } from '@/server/archive/read-archive';
import { archiveText } from '@/server/archive/write-archive';
import { shopContext } from '@/server/context';
import { textStream } from '../text-stream';

/** The whole shop as its archive. */
export function GET(): Response {
  const context = shopContext();
  const day = new Date(context.clock().nowMs).toISOString().slice(0, 10);
  return new Response(textStream(archiveText(context)), {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="olvik-${day}.json"`,
      'Cache-Control': 'no-store',
    },
  });
}

/** Reads an archive into an empty shop. */
export async function POST(request: Request): Promise<Response> {
  return Response.json(takeArchive(shopContext().db, await request.text()));
}
