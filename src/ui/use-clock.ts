'use client';

import { useEffect, useState } from 'react';

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
    const startedMs = performance.now();
    const timer = setInterval(
      () => setOffsetMs((performance.now() - startedMs) * rate),
      TICK_MS / Math.min(2, rate),
    );
    return () => {
      clearInterval(timer);
      setOffsetMs(0);
    };
  }, [nowMs, rate]);
  return Math.floor((nowMs + offsetMs) / stepMs) * stepMs;
}
