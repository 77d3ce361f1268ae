'use client';

import type { ServiceOdds } from '@/shop/odds';
import { useEffect, useState } from 'react';

type ByBake = Readonly<Record<string, ServiceOdds>>;

/** Anything that may have the odds of a planned bake. */
interface WithOdds {
  readonly bakeId: string | null;
  readonly odds: ServiceOdds | null;
}

/**
 * Services with their odds as they come: while one is being worked out they are asked for at each word of the shop, and
 * nothing else of the page is.
 */
export function useOdds<T extends WithOdds>(services: readonly T[]): readonly T[] {
  const [known, setKnown] = useState<{ over: readonly T[]; byBake: ByBake } | null>(null);
  const byBake = known?.over === services ? known.byBake : null;
  const shown = byBake === null ? services : services.map((one) => withKnown(one, byBake));
  const waits = shown.some((one) => one.odds?.settled === false);
  useEffect(() => {
    if (!waits) return undefined;
    const stream = new EventSource('/changes');
    stream.onmessage = () => {
      void fetch('/odds', { cache: 'no-store' })
        .then(async (answer) => (answer.ok ? ((await answer.json()) as ByBake) : null))
        .then((next) => next !== null && setKnown({ over: services, byBake: next }))
        // The server is away for a moment: the next word asks again.
        .catch(() => undefined);
    };
    return () => stream.close();
  }, [waits, services]);
  return shown;
}

function withKnown<T extends WithOdds>(one: T, byBake: ByBake): T {
  const odds = one.bakeId === null || one.odds === null ? undefined : byBake[one.bakeId];
  return odds === undefined ? one : { ...one, odds };
}
