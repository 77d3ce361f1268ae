import { tr } from '@/words/tr';
import { diskSentence, isDiskError, maybePhoto, savePhoto } from '@/data';
import { MOST_PHOTO_BYTES, reencodePhoto } from '@/formats/photo';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';

const MOST_MB = Math.round(MOST_PHOTO_BYTES / 1e6);

/** Keeps a photo of a bake beside the database: decoded and written anew, so that nothing else in the file is kept. */
export async function keepPhoto(
  context: ShopContext,
  bytes: Uint8Array,
): Promise<Outcome<{ name: string }>> {
  const photo = await reencodePhoto(bytes);
  if (photo.kind === 'refused') {
    return refused(
      'photo',
      photo.because === 'too large'
        ? tr`Photo: ${(bytes.length / 1e6).toFixed(1)} MB is too large. Allowed: up to ${MOST_MB} MB. Nothing was kept.`
        : tr`Photo: the file is no JPEG picture that can be read. Allowed: JPEG. Nothing was kept.`,
    );
  }
  const name = `${context.newId()}.jpg`;
  try {
    if (!savePhoto(context.db, name, photo.bytes)) {
      return refused('photo', tr`Photo: this shop keeps no photos. Nothing was kept.`);
    }
  } catch (error) {
    if (!isDiskError(error)) throw error;
    return refused('photo', diskSentence());
  }
  return done({ name });
}

/** A kept photo; null where there is none of that name. */
export function readPhoto(context: ShopContext, name: string): Uint8Array | null {
  return maybePhoto(context.db, name);
}
