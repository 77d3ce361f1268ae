import { inFigures } from '@/words/figures';
import { tr, trOf } from '@/words/tr';
import type { LookSigns } from '@/core/journal';

/** What was seen in a look, in the trade’s words, its rise first. */
export function lookWords({ rise, ...signs }: LookSigns): string[] {
  return [...(rise === undefined ? [] : [inFigures(`×${rise}`)]), ...signWords(signs)];
}

/** The signs of a look in the trade’s words, without its rise. */
export function signWords(signs: Omit<LookSigns, 'rise'>): string[] {
  const { ph, poke, tempC, windowpane, ...plain } = signs;
  return [
    ...Object.values(plain).map((one) => trOf(one)),
    ...(tempC === undefined ? [] : [inFigures(`${tempC}°`)]),
    ...(windowpane === undefined ? [] : [tr`windowpane ${trOf(windowpane)}`]),
    ...(poke === undefined ? [] : [tr`a dent ${trOf(poke)}`]),
    ...(ph === undefined ? [] : [`pH ${inFigures(String(ph))}`]),
  ];
}
