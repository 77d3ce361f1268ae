import { decode, encode } from 'jpeg-js';

/** The largest file that is taken, bytes. */
export const MOST_PHOTO_BYTES = 8_000_000;
/** The longer side of a kept photo, px. */
export const PHOTO_SIDE_PX = 1600;
const QUALITY = 82;
const LIMITS = { maxMemoryUsageInMB: 400, maxResolutionInMP: 25 };

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
 * Decodes a JPEG and writes it anew, no larger than it needs to be: what else was in the file (where it was taken, by
 * which camera) is not taken along.
 */
export function reencodePhoto(bytes: Uint8Array): Reencoded {
  if (bytes.length > MOST_PHOTO_BYTES) return { kind: 'refused', because: 'too large' };
  const picture = decoded(bytes);
  if (picture === null) return { kind: 'refused', because: 'no picture' };
  const fitted = fitted1600(picture);
  const { data } = encode(fitted, QUALITY);
  return { kind: 'photo', bytes: data, width: fitted.width, height: fitted.height };
}

interface Picture {
  readonly width: number;
  readonly height: number;
  /** Four bytes a pixel: red, green, blue, opacity. */
  readonly data: Uint8Array;
}

function decoded(bytes: Uint8Array): Picture | null {
  try {
    const { width, height, data } = decode(bytes, {
      useTArray: true,
      formatAsRGBA: true,
      ...LIMITS,
    });
    // Nothing but the picture: the encoder would write again where it was taken.
    return { width, height, data };
  } catch {
    // Whatever the decoder can not read is no picture.
    return null;
  }
}

/** The picture with its longer side at most {@link PHOTO_SIDE_PX}: each pixel the mean of those it covers. */
function fitted1600(picture: Picture): Picture {
  const longer = Math.max(picture.width, picture.height);
  if (longer <= PHOTO_SIDE_PX) return picture;
  const scale = PHOTO_SIDE_PX / longer;
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  const data = new Uint8Array(width * height * 4);
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const mean = meanOf(picture, {
        left: Math.floor((x * picture.width) / width),
        right: Math.max(1, Math.ceil(((x + 1) * picture.width) / width)),
        top: Math.floor((y * picture.height) / height),
        bottom: Math.max(1, Math.ceil(((y + 1) * picture.height) / height)),
      });
      data.set(mean, (y * width + x) * 4);
    }
  }
  return { width, height, data };
}

function meanOf(
  { width, data }: Picture,
  box: { left: number; right: number; top: number; bottom: number },
): [number, number, number, number] {
  const sum: [number, number, number, number] = [0, 0, 0, 0];
  for (let y = box.top; y < box.bottom; y += 1) {
    for (let x = box.left; x < box.right; x += 1) {
      const at = (y * width + x) * 4;
      for (let i = 0; i < 4; i += 1) sum[i] = (sum[i] as number) + (data[at + i] ?? 0);
    }
  }
  const count = (box.right - box.left) * (box.bottom - box.top);
  return sum.map((one) => Math.round(one / count)) as [number, number, number, number];
}
