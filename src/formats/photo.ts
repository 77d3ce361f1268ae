import sharp from 'sharp';

/** The largest file that is taken, bytes. */
export const MOST_PHOTO_BYTES = 8_000_000;
/** The longer side of a kept photo, px. */
export const PHOTO_SIDE_PX = 1600;
const QUALITY = 82;
const MOST_PIXELS = 25_000_000;

// Of all that the library reads, JPEG from memory alone is opened: what names itself otherwise never gets to a decoder.
sharp.block({ operation: ['VipsForeignLoad'] });
sharp.unblock({ operation: ['VipsForeignLoadJpegBuffer'] });
sharp.cache(false);
sharp.concurrency(1);

/** A photo as it is kept, or why it can not be. */
export type Reencoded =
  | {
      readonly kind: 'photo';
      readonly bytes: Uint8Array;
      readonly width: number;
      readonly height: number;
    }
  | { readonly kind: 'refused'; readonly because: 'too large' | 'no picture' };

/**
 * Decodes a JPEG and writes it anew, upright and no larger than it needs to be: what else was in the file (where it was taken,
 * by which camera) is not taken along. The work is done beside the thread that answers.
 */
export async function reencodePhoto(bytes: Uint8Array): Promise<Reencoded> {
  if (bytes.length > MOST_PHOTO_BYTES) return { kind: 'refused', because: 'too large' };
  try {
    const { data, info } = await sharp(bytes, {
      limitInputPixels: MOST_PIXELS,
      failOn: 'truncated',
    })
      .autoOrient()
      .resize(PHOTO_SIDE_PX, PHOTO_SIDE_PX, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { kind: 'photo', bytes: data, width: info.width, height: info.height };
  } catch {
    // Whatever the decoder can not read is no picture.
    return { kind: 'refused', because: 'no picture' };
  }
}
