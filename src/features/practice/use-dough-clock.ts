'use client';

import { useEffect, useRef, useState } from 'react';

/** A whole dough goes by in so long, ms. */
const WHOLE_MS = 60_000;

/** The clock of a dough that is run: it goes by itself or is turned by hand. */
export interface DoughClock {
  readonly atMs: number;
  readonly going: boolean;
  readonly turnTo: (atMs: number) => void;
  readonly go: (going: boolean) => void;
}

/**
 * A clock that goes from one instant to another in a minute, and stands at its end.
 * @param fromMs its first instant; another one starts it anew
 */
export function useDoughClock(fromMs: number, toMs: number): DoughClock {
  const [atMs, setAtMs] = useState(fromMs);
  const [going, setGoing] = useState(false);
  const last = useRef<number | null>(null);
  useEffect(() => {
    if (!going) return;
    let frame = 0;
    const perMs = (toMs - fromMs) / WHOLE_MS;
    const tick = (now: number) => {
      const apart = last.current === null ? 0 : now - last.current;
      last.current = now;
      setAtMs((before) => Math.min(toMs, before + apart * perMs));
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => {
      cancelAnimationFrame(frame);
      last.current = null;
    };
  }, [going, fromMs, toMs]);
  const ended = atMs >= toMs;
  return {
    atMs: Math.min(toMs, Math.max(fromMs, atMs)),
    going: going && !ended,
    turnTo: setAtMs,
    go: (wanted) => {
      if (wanted && ended) setAtMs(fromMs);
      setGoing(wanted);
    },
  };
}
