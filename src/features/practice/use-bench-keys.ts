'use client';

import { useEffect, useRef } from 'react';
import { keyIsTaken } from '@/ui/keys-taken';

/** What keys do on the bench of a whole dough. */
export interface BenchKeys {
  readonly go: () => void;
  readonly now: () => void;
  readonly later: () => void;
  readonly undo: () => void;
  readonly place: (index: number) => void;
}

/** Single keys for the bench, unless they are typed into something that takes them. */
export function useBenchKeys(keys: BenchKeys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (keyIsTaken(event, ['Enter', ' '])) return;
      const { go, now, later, undo, place } = latest.current;
      const digit = /^[1-9]$/.test(event.key) ? Number(event.key) - 1 : -1;
      if (digit >= 0) return place(digit);
      const act = { ' ': go, Enter: now, l: later, z: undo }[event.key.toLowerCase()];
      if (act === undefined) return;
      event.preventDefault();
      act();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);
}
