/** A length of the usual text as one that grows with the reader's own: 16 → "1rem". */
export const rem = (px: number): string => `${px / 16}rem`;
