import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { fetchingPrinter, toldOfJob } from '@/server/labels/printer';
import { bearerOf } from '@/server/ways-in/by-key';

export const dynamic = 'force-dynamic';

const MOST_BYTES = 2_000;
const NO_STORE = { 'Cache-Control': 'no-store' };
const shut = () =>
  Response.json({ sentence: tr`Key: it opens nothing here.` }, { status: 401, headers: NO_STORE });

/** The labels that are to be printed next, for a printer with its key: their PDF, or 204 where there are none. */
export function GET(request: Request): Response {
  if (bearerOf(shopContext(), 'labels', request.headers) === null) return shut();
  const next = fetchingPrinter().next();
  if (next === null) return new Response(null, { status: 204, headers: NO_STORE });
  return new Response(Buffer.from(next.job.pdf), {
    headers: {
      ...NO_STORE,
      'Content-Type': 'application/pdf',
      'X-Olvik-Job': next.id,
      'X-Olvik-Size': next.job.size,
      'X-Olvik-Copies': String(next.job.copies),
    },
  });
}

/** What became of a job: `{"job":"…","printed":true}`, or why not. */
export async function POST(request: Request): Promise<Response> {
  if (bearerOf(shopContext(), 'labels', request.headers) === null) return shut();
  const text = await request.text();
  const outcome = toldOfJob(text.length > MOST_BYTES ? '' : text);
  return outcome.ok
    ? Response.json(outcome.value)
    : Response.json({ sentence: outcome.refusals[0]?.sentence }, { status: 400 });
}
