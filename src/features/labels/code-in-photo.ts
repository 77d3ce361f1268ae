import {
  BinaryBitmap,
  DecodeHintType,
  HybridBinarizer,
  QRCodeReader,
  RGBLuminanceSource,
} from '@zxing/library';

/** Longest side a photo is read at, px: more costs time and finds no more. */
const LONGEST_PX = 1600;

/** The text of the code in a photo; null where none is found or it is no picture. */
export async function codeInPhoto(file: Blob): Promise<string | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return null;
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const paint = canvas.getContext('2d');
  if (paint === null) return null;
  paint.drawImage(picture, 0, 0, width, height);
  picture.close();
  const { data } = paint.getImageData(0, 0, width, height);
  return codeIn(data, width, height);
}

/**
 * The text of the QR code in a picture; null where there is none.
 * @param pixels four bytes each: red, green, blue, opacity
 */
export function codeIn(pixels: Uint8ClampedArray, width: number, height: number): string | null {
  const source = new RGBLuminanceSource(greyOf(pixels), width, height);
  const picture = new BinaryBitmap(new HybridBinarizer(source));
  try {
    const hints = new Map([[DecodeHintType.TRY_HARDER, true]]);
    return new QRCodeReader().decode(picture, hints).getText();
  } catch {
    // It says by an error that it found none.
    return null;
  }
}

/** How bright each pixel is (ITU-R BT.601). */
function greyOf(pixels: Uint8ClampedArray): Uint8ClampedArray {
  const grey = new Uint8ClampedArray(pixels.length / 4);
  for (let i = 0; i < grey.length; i += 1) {
    const [red = 0, green = 0, blue = 0] = pixels.subarray(4 * i, 4 * i + 3);
    grey[i] = 0.299 * red + 0.587 * green + 0.114 * blue;
  }
  return grey;
}
