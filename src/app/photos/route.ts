import { tr } from '@/words/tr';
import { MOST_PHOTO_BYTES } from '@/formats/photo';
import { shopContext } from '@/server/context';
import { keepPhoto } from '@/server/scores/photos';

/** Keeps a photo that a page sends: JPEG bytes, at most eight million of them. */
export async function POST(request: Request): Promise<Response> {
  const length = Number(request.headers.get('content-length') ?? 0);
  if (length > MOST_PHOTO_BYTES) {
    return Response.json({ sentence: tr`Photo: too large. Nothing was kept.` }, { status: 413 });
  }
  const outcome = await keepPhoto(shopContext(), new Uint8Array(await request.arrayBuffer()));
  return outcome.ok
    ? Response.json(outcome.value)
    : Response.json({ sentence: outcome.refusals[0]?.sentence }, { status: 400 });
}
