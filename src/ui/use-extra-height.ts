'use client';

import { useSyncExternalStore } from 'react';

/** The window that every view is laid out for at least, CSS px. */
const LEAST = { width: 1000, height: 800 } as const;

/** By how much a wide window is higher than what a view is laid out for, px; 0 for others, and on the server. */
export function useExtraHeight(): number {
  return useSyncExternalStore(onResize, extraHeight, () => 0);
}

function onResize(changed: () => void): () => void {
  window.addEventListener('resize', changed);
  return () => window.removeEventListener('resize', changed);
}

const extraHeight = () =>
  window.innerWidth < LEAST.width ? 0 : Math.max(0, window.innerHeight - LEAST.height);
