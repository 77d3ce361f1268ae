'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { TideView } from '@/services/tide';

/** Real time between two refreshes at the least: a fast demo clock must not ask all the time. */
const LEAST_MS = 15_000;
/** Silence of the stream after which the picture counts as stale: one lost packet is not news. */
const STALE_MS = 4_000;

/**
 * Asks for the picture anew when somebody writes to the shop, when the clock’s minute moves, and when the tablet wakes up.
 * @returns true while the shop can not be reached: the last picture stays
 */
export function useRefresh(view: TideView, nowMs: number): boolean {
  const router = useRouter();
  const lastMs = useRef(0);
  const [stale, setStale] = useState(false);
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
  useEffect(() => {
    const stream = new EventSource('/changes');
    let silence: ReturnType<typeof setTimeout> | undefined;
    let lost = false;
    stream.onmessage = () => router.refresh();
    stream.onopen = () => {
      clearTimeout(silence);
      setStale(false);
      // What was written while the line was down is asked for at once.
      if (lost) router.refresh();
      lost = false;
    };
    stream.onerror = () => {
      if (lost) return;
      lost = true;
      silence = setTimeout(() => setStale(true), STALE_MS);
    };
    return () => {
      clearTimeout(silence);
      stream.close();
    };
  }, [router]);
  return stale;
}
