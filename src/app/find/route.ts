import { shopContext } from '@/server/context';
import { findables } from '@/server/find/find';

export const dynamic = 'force-dynamic';

/** Everything of the shop that can be opened by its name. */
export function GET(): Response {
  return Response.json(findables(shopContext()), { headers: { 'Cache-Control': 'no-store' } });
}
