import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { hearScale } from '@/server/mix/scale';
import { bearerOf } from '@/server/ways-in/by-key';

const MOST_BYTES = 1_000;

/** What a scale shows, sent by what stands beside it with its key: `{"massG":812.4,"stable":true}`. */
export async function POST(request: Request): Promise<Response> {
  if (bearerOf(shopContext(), 'scale', request.headers) === null) {
    return Response.json({ sentence: tr`Key: it opens nothing here.` }, { status: 401 });
  }
  const text = await request.text();
  const outcome = hearScale(text.length > MOST_BYTES ? '' : text);
  return outcome.ok
    ? Response.json(outcome.value)
    : Response.json({ sentence: outcome.refusals[0]?.sentence }, { status: 400 });
}
