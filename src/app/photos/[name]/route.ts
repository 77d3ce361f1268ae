import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { readPhoto } from '@/server/scores/photos';

type Props = { params: Promise<{ name: string }> };

/** A kept photo. */
export async function GET(_: Request, { params }: Props): Promise<Response> {
  const bytes = readPhoto(shopContext(), (await params).name);
  if (bytes === null) return new Response(tr`Photo: there is none of that name.`, { status: 404 });
  return new Response(Buffer.from(bytes), {
    headers: {
      'Content-Type': 'image/jpeg',
      'Cache-Control': 'private, max-age=31536000, immutable',
    },
  });
}
