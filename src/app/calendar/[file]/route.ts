import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { handsIcs } from '@/server/hands-list/files';
import { handsList } from '@/server/hands-list/hands-list';
import { keyOf } from '@/server/ways-in/by-key';

/** The moments of hands for a calendar program that knows the secret address; for any other there is nothing here. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ file: string }> },
): Promise<Response> {
  const { file } = await params;
  const secret = /^([\w-]{20,80})\.ics$/.exec(file)?.[1];
  const context = shopContext();
  if (secret === undefined || keyOf(context, 'calendar', secret) === null) {
    return new Response(tr`There is no calendar here.`, { status: 404 });
  }
  return new Response(handsIcs(handsList(context)), {
    headers: { 'Content-Type': 'text/calendar; charset=utf-8', 'Cache-Control': 'no-store' },
  });
}
