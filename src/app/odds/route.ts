import { shopContext } from '@/server/context';
import { oddsAhead } from '@/server/odds/odds-of-bake';

export const dynamic = 'force-dynamic';

/** The odds of the planned services as they are known now, by their bakes: asked for until all of them are worked out. */
export function GET(): Response {
  return Response.json(oddsAhead(shopContext()), { headers: { 'Cache-Control': 'no-store' } });
}
