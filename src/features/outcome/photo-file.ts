import { tr } from '@/words/tr';

/** Longer side of a photo as it is sent, px. */
const SIDE_PX = 1600;
const QUALITY = 0.85;

/** A picture from the camera or a file as a small JPEG; null where the browser can not read it. */
export async function smallJpeg(file: File): Promise<Blob | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return null;
  const scale = Math.min(1, SIDE_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
}

/** Sends a picture to be kept: its name, or the sentence that says why not. */
export async function sendPhoto(file: File): Promise<{ name: string } | { sentence: string }> {
  const small = await smallJpeg(file);
  if (small === null) {
    return { sentence: tr`Photo: ${file.name} is no picture that can be read. Nothing was kept.` };
  }
  const response = await fetch('/photos', { method: 'POST', body: small }).catch(() => null);
  if (response === null)
    return { sentence: tr`Photo: the shop can not be reached. Nothing was kept.` };
  const answer = (await response.json()) as { name?: string; sentence?: string };
  return answer.name === undefined
    ? { sentence: answer.sentence ?? tr`Photo: it could not be kept.` }
    : { name: answer.name };
}
