'use client';

import { useEffect, useRef, useState } from 'react';
import { frameFor } from './layout/frame';

const WIDE = frameFor(1280, 552, 1);
/** The browser's usual text, px. */
const USUAL_REM_PX = 16;

/**
 * The picture’s frame for the room it has and the size of the reader’s text; 1280 × 552 until that is known.
 * `probe` goes on an element that is 1 rem wide.
 */
export function useFrame() {
  const ref = useRef<HTMLDivElement>(null);
  const probe = useRef<HTMLSpanElement>(null);
  const [frame, setFrame] = useState(WIDE);
  useEffect(() => {
    const [element, rem] = [ref.current, probe.current];
    if (element === null || rem === null) return undefined;
    const measure = () => {
      const { width, height } = element.getBoundingClientRect();
      setFrame(frameFor(Math.round(width), Math.round(height), rem.offsetWidth / USUAL_REM_PX));
    };
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    observer.observe(rem);
    return () => observer.disconnect();
  }, []);
  return { ref, probe, frame };
}
