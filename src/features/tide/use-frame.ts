'use client';

import { startTransition, useEffect, useState } from 'react';
import { frameFor } from './layout/frame';
import type { Frame } from './layout/picture-parts';

const WIDE = frameFor(1280, 552, 1);
/** The browser's usual text, px. */
const USUAL_REM_PX = 16;

/**
 * The picture’s frame for the room it has and the size of the reader’s text; 1280 × 552 until that is known.
 * `probe` goes on an element that is 1 rem wide.
 */
export function useFrame() {
  // Elements as state: they may come to life later than the view that asks for their size.
  const [element, ref] = useState<HTMLDivElement | null>(null);
  const [rem, probe] = useState<HTMLSpanElement | null>(null);
  const [frame, setFrame] = useState(WIDE);
  useEffect(() => {
    if (element === null || rem === null) return undefined;
    const measure = () => {
      const { width, height } = element.getBoundingClientRect();
      const next = frameFor(Math.round(width), Math.round(height), rem.offsetWidth / USUAL_REM_PX);
      // Not urgent: while the page comes to life, the picture for the usual room stands.
      startTransition(() => setFrame((last) => (isEqual(last, next) ? last : next)));
    };
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    observer.observe(rem);
    return () => observer.disconnect();
  }, [element, rem]);
  return { ref, probe, frame };
}

function isEqual(a: Frame, b: Frame): boolean {
  return (Object.keys(a) as (keyof Frame)[]).every((key) => a[key] === b[key]);
}
