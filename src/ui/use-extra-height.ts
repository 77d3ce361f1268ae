'use client';

import { startTransition, useEffect, useState } from 'react';

/** The window that every view is laid out for at least, CSS px. */
const LEAST = { width: 1000, height: 800 } as const;

/** By how much a wide window is higher than what a view is laid out for, px; 0 for others, and on the server. */
export function useExtraHeight(): number {
  const [px, setPx] = useState(0);
  useEffect(() => {
    // Not urgent: while the page comes to life, what is laid out for the least stands.
    const look = () => startTransition(() => setPx(extraHeight()));
    look();
    window.addEventListener('resize', look);
    return () => window.removeEventListener('resize', look);
  }, []);
  return px;
}

const extraHeight = () =>
  window.innerWidth < LEAST.width ? 0 : Math.max(0, window.innerHeight - LEAST.height);
