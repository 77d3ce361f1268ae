import { tr, trOf } from '@/words/tr';
import type { LookSigns } from '@/core/journal';

/** The signs of a look in the trade’s words, without its rise. */
export function signWords(signs: Omit<LookSigns, 'rise'>): string[] {
  const { ph, poke, tempC, windowpane, ...plain } = signs;
  return [
    ...Object.values(plain).map((one) => trOf(one)),
    ...(tempC === undefined ? [] : [`${tempC}°`]),
    ...(windowpane === undefined ? [] : [tr`windowpane ${trOf(windowpane)}`]),
    ...(poke === undefined ? [] : [tr`a dent ${trOf(poke)}`]),
    ...(ph === undefined ? [] : [`pH ${ph}`]),
  ];
}
