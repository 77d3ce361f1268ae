'use client';

import { use, type ReactNode } from 'react';
import { giveDayNames, type DayNames } from '@/words/days';
import { learn } from '@/words/learn';
import type { Language } from '@/words/speaker';

/**
 * Has the page speak the language of the shop. What the server made of it stands in that language already; the page
 * comes to life once its catalogue is there.
 */
export function Speaking(props: { language: Language; days: DayNames; children: ReactNode }) {
  const { language, days, children } = props;
  giveDayNames(language, days);
  const learning = typeof window === 'undefined' ? null : learn(language);
  if (learning !== null) use(learning);
  return children;
}
