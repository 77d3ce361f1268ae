import { withFigures } from './quantity';

/** A line as it is compared: small letters, plain marks, one blank between words. */
export function plainText(raw: string): string {
  return withFigures(
    raw
      .toLowerCase()
      .replace(/[’`´]/g, "'")
      .replace(/^\s*(?:[-*•·–]|\d+[.)](?=\s))\s*/, '')
      .replace(/\s+/g, ' ')
      .trim(),
  );
}
