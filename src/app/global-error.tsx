'use client';

import { tr } from '@/words/tr';
import { useEffect } from 'react';

/** How often a page that lost the server tries again, ms. */
const TRY_EVERY_MS = 2_000;

/**
 * Stands where even the frame of the page could not be built, as when the server went away in the middle of an answer.
 * Comes back by itself. Has no styles but those written on its elements: nothing else can be relied on here.
 */
export default function GlobalError() {
  useEffect(() => {
    const timer = setInterval(() => {
      void fetch('/now', { cache: 'no-store' })
        .then((response) => response.ok && window.location.reload())
        .catch(() => undefined);
    }, TRY_EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return (
    <html lang="en">
      <body style={{ margin: 0, padding: 32, fontFamily: 'system-ui, sans-serif' }}>
        <main role="alert">
          <h1>{tr`Olvik can not be reached`}</h1>
          <p>
            {tr`What was logged is safe: every entry is written before Olvik says so. This page comes back by itself.`}
          </p>
          <button
            type="button"
            style={{ minHeight: 56, padding: '0 24px', fontSize: 18 }}
            onClick={() => window.location.reload()}
          >
            {tr`Try again`}
          </button>
        </main>
      </body>
    </html>
  );
}
