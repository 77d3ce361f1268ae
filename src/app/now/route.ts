import { shopContext } from '@/server/context';
import { tideView } from '@/server/tide';

export const dynamic = 'force-dynamic';

/** The home view’s content as JSON: a page that stands asks for it anew without being built anew. */
export function GET(): Response {
  return Response.json(tideView(shopContext()), { headers: { 'Cache-Control': 'no-store' } });
}
