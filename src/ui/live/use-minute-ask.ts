'use client';

import { useEffect, useRef } from 'react';

/** Real time between two questions at the least: a fast demo clock must not ask all the time. */
const LEAST_MS = 15_000;

/** Asks for the view anew when the shop’s minute moves, so that forecasts rest on what time it is. */
export function useMinuteAsk(nowMs: number, rate: number, ask: () => void): void {
  const lastMs = useRef(0);
  useEffect(() => {
    const realMs = performance.now();
    if (rate === 0 || realMs - lastMs.current < LEAST_MS) return;
    const first = lastMs.current === 0;
    lastMs.current = realMs;
    if (!first) ask();
  }, [nowMs, ask, rate]);
}
