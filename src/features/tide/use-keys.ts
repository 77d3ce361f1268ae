'use client';

import { useEffect, useRef } from 'react';
import { keyIsTaken } from '@/ui/keys-taken';

/** Single keys for the hands; silent while a field or a dialog has the keyboard. */
export function useKeys(keys: Readonly<Record<string, () => unknown>>): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (keyIsTaken(event)) return;
      const run = latest.current[event.key];
      if (run === undefined) return;
      event.preventDefault();
      run();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
}
