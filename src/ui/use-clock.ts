'use client';

import { useEffect, useState } from 'react';
import { keptForMs } from './kept-since';

/** A clock reading as the server gave it. */
interface Reading {
  readonly nowMs: number;
  readonly rate: number;
}

const TICK_MS = 1000;
const MINUTE_MS = 60_000;

/** The shop's clock, counted on from a reading, to the minute. Stands still when the clock is fixed. */
export const useShopMinute = (reading: Reading): number => useShopClock(reading, MINUTE_MS);

/** The shop's clock, counted on from a reading, to the second. */
export const useShopSecond = (reading: Reading): number => useShopClock(reading, TICK_MS);

function useShopClock(reading: Reading, stepMs: number): number {
  const [offsetMs, setOffsetMs] = useState(0);
  const { nowMs, rate } = reading;
  useEffect(() => {
    if (rate === 0) return undefined;
    // A picture that this device kept goes on from when it was kept.
    const startedMs = performance.now() - keptForMs();
    const tick = () => setOffsetMs((performance.now() - startedMs) * rate);
    const timer = setInterval(tick, TICK_MS / Math.min(2, rate));
    return () => {
      clearInterval(timer);
      setOffsetMs(0);
    };
  }, [nowMs, rate]);
  return Math.floor((nowMs + offsetMs) / stepMs) * stepMs;
}
