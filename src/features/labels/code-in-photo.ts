import jsQR from 'jsqr';

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
  return jsQR(data, width, height)?.data ?? null;
}
