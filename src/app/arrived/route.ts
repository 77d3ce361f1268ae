import { arrived } from '@/server/commands/run';
import { shopContext } from '@/server/context';

export const dynamic = 'force-dynamic';

/** What became of a command whose answer a page lost: its answer, or null where nothing was stored under its id. */
export function GET(request: Request): Response {
  const id = new URL(request.url).searchParams.get('id');
  return Response.json(arrived(shopContext(), id), { headers: { 'Cache-Control': 'no-store' } });
}
