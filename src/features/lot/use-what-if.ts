'use client';

import { useEffect, useRef, useState } from 'react';
import type { WhatIfAnswer, WhatIfBase, WhatIfHandles } from '@/core/forecast';
import type { WhatIfQuestion, WhatIfReply } from './what-if.worker';

/**
 * Computes what-ifs in a worker as the finger moves. One question is under way at a time; of those that wait only the
 * newest is kept, the others are dropped.
 */
export function useWhatIf(
  base: WhatIfBase | null,
  handles: WhatIfHandles | null,
): WhatIfAnswer | null {
  const worker = useRef<Worker | null>(null);
  const busy = useRef(false);
  const waiting = useRef<WhatIfQuestion | null>(null);
  const lastId = useRef(0);
  const [reply, setReply] = useState<WhatIfReply | null>(null);

  useEffect(() => {
    const one = new Worker(new URL('./what-if.worker.ts', import.meta.url), { type: 'module' });
    one.addEventListener('message', (event: MessageEvent<WhatIfReply>) => {
      setReply(event.data);
      const next = waiting.current;
      waiting.current = null;
      busy.current = next !== null;
      if (next !== null) one.postMessage(next);
    });
    worker.current = one;
    return () => {
      one.terminate();
      worker.current = null;
      busy.current = false;
    };
  }, []);

  useEffect(() => {
    if (base === null || handles === null) return;
    lastId.current += 1;
    const question = { id: lastId.current, base, handles };
    if (busy.current || worker.current === null) waiting.current = question;
    else {
      busy.current = true;
      worker.current.postMessage(question);
    }
  }, [base, handles]);

  return handles === null ? null : (reply?.answer ?? null);
}
