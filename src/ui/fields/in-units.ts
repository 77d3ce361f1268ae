'use client';

import { useMemo } from 'react';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { useShopUnits } from './shop-units';

/** Says a sentence with its figures in the units of the shop: what the trade’s own texts have in grams and °C. */
export function useInUnits(): (sentence: string) => string {
  const units = useShopUnits();
  return useMemo(() => (sentence: string) => sentenceInUnits(sentence, units), [units]);
}
