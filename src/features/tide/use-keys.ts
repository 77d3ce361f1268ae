'use client';

import { useEffect, useRef } from 'react';

/** Single keys for the hands; silent while a field or a dialog has the keyboard. */
export function useKeys(keys: Readonly<Record<string, () => unknown>>): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const busy = target.closest('input, textarea, [role="dialog"], [role="menu"]') !== null;
      const pressing = event.key === 'Enter' && target.closest('button, a') !== null;
      if (busy || pressing || event.ctrlKey || event.metaKey || event.altKey) return;
      const run = latest.current[event.key];
      if (run === undefined) return;
      event.preventDefault();
      run();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
}
