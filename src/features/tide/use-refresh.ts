'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import type { TideView } from '@/services/tide';

/** Real time between two refreshes at the least: a fast demo clock must not ask all the time. */
const LEAST_MS = 15_000;

/** Asks for the picture anew when the clock’s minute moves, and when the tablet wakes up. */
export function useRefresh(view: TideView, nowMs: number): void {
  const router = useRouter();
  const lastMs = useRef(0);
  useEffect(() => {
    const realMs = performance.now();
    if (view.clock.rate === 0 || realMs - lastMs.current < LEAST_MS) return;
    const first = lastMs.current === 0;
    lastMs.current = realMs;
    if (!first) router.refresh();
  }, [nowMs, router, view.clock.rate]);
  useEffect(() => {
    const wake = () => {
      if (document.visibilityState === 'visible') router.refresh();
    };
    document.addEventListener('visibilitychange', wake);
    return () => document.removeEventListener('visibilitychange', wake);
  }, [router]);
}
