'use client';

import { useSyncExternalStore } from 'react';

/** Views are laid out to fit this, px. */
const LAID_OUT_PX = 800;
/** A screen from this on is large: what little others have beyond is left to the browser, px. */
const LARGE_PX = 1000;
/** Narrower, all stands one under the other, and no height is spare, px. */
const BESIDE_PX = 900;
const TAKEN = 0.9;
/** A picture grows by no more, px. */
const MOST_PX = 450;

const resized = (tell: () => void) => {
  window.addEventListener('resize', tell);
  return () => window.removeEventListener('resize', tell);
};

/** Height that a large screen has beyond what views are laid out for, px; 0 until the page lives, and on all others. */
export const useSpareHeight = (): number =>
  useSyncExternalStore(
    resized,
    () => spareHeight(window.innerWidth, window.innerHeight),
    () => 0,
  );

/** As above, of a window, px: most of what it has beyond, the rest is left to the spaces between. */
export const spareHeight = (width: number, height: number): number =>
  height >= LARGE_PX && width >= BESIDE_PX
    ? Math.min(MOST_PX, Math.round((height - LAID_OUT_PX) * TAKEN))
    : 0;
