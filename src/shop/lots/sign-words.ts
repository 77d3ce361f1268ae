import type { LookSigns } from '@/core/journal';

/** The signs of a look in the trade’s words, without its rise. */
export function signWords(signs: Omit<LookSigns, 'rise'>): string[] {
  const { ph, poke, tempC, windowpane, ...plain } = signs;
  return [
    ...Object.values(plain),
    ...(tempC === undefined ? [] : [`${tempC}°`]),
    ...(windowpane === undefined ? [] : [`windowpane ${windowpane}`]),
    ...(poke === undefined ? [] : [`a dent ${poke}`]),
    ...(ph === undefined ? [] : [`pH ${ph}`]),
  ];
}
