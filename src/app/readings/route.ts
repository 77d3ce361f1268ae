import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { bearerOf } from '@/server/ways-in/by-key';
import { keepSent } from '@/server/ways-in/sent-readings';

const MOST_BYTES = 2_000_000;

/** Readings that a device sends with its key: `Authorization: Bearer KEY`, JSON or CSV lines. */
export async function POST(request: Request): Promise<Response> {
  const context = shopContext();
  if (bearerOf(context, 'readings', request.headers) === null) {
    return Response.json({ sentence: tr`Key: it opens nothing here.` }, { status: 401 });
  }
  const bytes = await request.arrayBuffer();
  if (bytes.byteLength > MOST_BYTES) {
    return Response.json(
      { sentence: tr`Readings: too long. Nothing was stored.` },
      { status: 413 },
    );
  }
  const outcome = keepSent(context, new TextDecoder().decode(bytes));
  return outcome.ok
    ? Response.json(outcome.value)
    : Response.json({ sentence: outcome.refusals[0]?.sentence }, { status: 400 });
}
