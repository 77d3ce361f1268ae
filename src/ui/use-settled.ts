'use client';

import { useEffect, useState } from 'react';

/** A value once it has stood still for a while; null passes at once. */
export function useSettled<T>(value: T | null, forMs: number): T | null {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), value === null ? 0 : forMs);
    return () => clearTimeout(timer);
  }, [value, forMs]);
  return value === null ? null : settled;
}
