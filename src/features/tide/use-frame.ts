'use client';

import { useEffect, useRef, useState } from 'react';
import type { Frame } from './layout/picture-parts';

/** The keel stands at this share of the whole width. */
const KEEL = 0.26;
const WIDE: Frame = { width: 1280, height: 552, keelX: 333, labelWidth: 104, rulerHeight: 52 };
const NARROW_PX = 700;

/** The picture’s frame for the room it has; 1280 × 552 until that is known. */
export function useFrame() {
  const ref = useRef<HTMLDivElement>(null);
  const [frame, setFrame] = useState(WIDE);
  useEffect(() => {
    const element = ref.current;
    if (element === null) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry === undefined) return;
      const width = Math.round(entry.contentRect.width);
      const height = Math.max(360, Math.round(entry.contentRect.height));
      const labelWidth = width < NARROW_PX ? 84 : 104;
      const keelX = Math.round(width * (width < NARROW_PX ? 0.36 : KEEL));
      setFrame({ width, height, keelX, labelWidth, rulerHeight: 52 });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, frame };
}
