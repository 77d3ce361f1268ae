'use client';

import { usePathname, useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { ANSWERED } from './answered';
import { keptSince } from '../kept-since';
import { isFixedFile, type KeepMessage } from './marked';
import { noPicture } from './no-picture';

/** After a view was opened, ms: its own work comes first. */
const AFTER_MS = 4_000;
/** A view that stays open is kept anew so often, ms. */
const AGAIN_MS = 5 * 60_000;

/** Has the browser keep a picture of the view that is open, so that it can be opened while the shop does not answer. */
export function KeepPictures() {
  const path = usePathname();
  const search = useSearchParams().toString();
  const view = search === '' ? path : `${path}?${search}`;
  useEffect(() => {
    if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return;
    // Where the browser keeps none (a certificate that it does not trust), Olvik works as before.
    navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  }, []);
  useEffect(() => {
    let soon: ReturnType<typeof setTimeout> | undefined;
    const keepSoon = () => {
      clearTimeout(soon);
      soon = setTimeout(() => keep(view), AFTER_MS);
    };
    const again = setInterval(() => {
      if (document.visibilityState === 'visible') keep(view);
    }, AGAIN_MS);
    keepSoon();
    document.addEventListener(ANSWERED, keepSoon);
    return () => {
      clearTimeout(soon);
      clearInterval(again);
      document.removeEventListener(ANSWERED, keepSoon);
    };
  }, [view]);
  return null;
}

function keep(view: string): void {
  if (keptSince.read() !== null || !('serviceWorker' in navigator)) return;
  const files = performance
    .getEntriesByType('resource')
    .map(({ name }) => new URL(name).pathname)
    .filter(isFixedFile);
  const message: KeepMessage = { keep: view, files, instead: noPicture() };
  void navigator.serviceWorker.ready.then(({ active }) => active?.postMessage(message));
}
