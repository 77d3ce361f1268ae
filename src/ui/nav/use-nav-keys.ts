'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useTransition } from 'react';
import { keyIsTaken } from '../keys-taken';
import { ALL_VIEWS } from './views';

/** So long a “g” waits for its letter, ms. */
const WAITS_MS = 1500;

/**
 * “g” and a letter opens a view; “/” finds. Seen before the keys of the view, which have letters of their own.
 * @returns whether a view that was opened by keys is on its way
 */
export function useNavKeys(find: () => void): boolean {
  const [onItsWay, start] = useTransition();
  const router = useRouter();
  const latest = useRef(find);
  useEffect(() => {
    latest.current = find;
  });
  useEffect(() => {
    let wentMs = -Infinity;
    const onKey = (event: KeyboardEvent) => {
      if (keyIsTaken(event)) return;
      const waits = event.timeStamp - wentMs < WAITS_MS;
      wentMs = -Infinity;
      const act = waits ? opening(event.key, router.push) : undefined;
      if (act !== undefined) start(act);
      else if (event.key === '/') latest.current();
      else if (event.key === 'g') wentMs = event.timeStamp;
      else return;
      event.preventDefault();
      event.stopImmediatePropagation();
    };
    window.addEventListener('keydown', onKey, { capture: true });
    return () => window.removeEventListener('keydown', onKey, { capture: true });
  }, [router]);
  return onItsWay;
}

function opening(key: string, push: (href: string) => void): (() => void) | undefined {
  const view = ALL_VIEWS.find((one) => one.key === key);
  return view === undefined ? undefined : () => push(view.href);
}
