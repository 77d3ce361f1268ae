'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { TideView } from '@/server/tide';

/** Silence of the stream after which the picture counts as stale: one lost packet is not news. */
const STALE_MS = 4_000;
/** How often a view that was not answered is asked for again. */
const ASK_AGAIN_MS = 10_000;

/** The home view as it stands now. */
export interface LiveView {
  readonly view: TideView;
  /** True while the shop can not be reached or can not answer: the last picture stays. */
  readonly stale: boolean;
  /** Asks for the view anew; while one answer is awaited, once more after it. */
  readonly ask: () => void;
}

/**
 * Keeps the home view up to date: asks for it when somebody writes to the shop and when the tablet wakes up. What can
 * not be reached leaves the last picture as it is.
 */
export function useLiveView(first: TideView): LiveView {
  const [fetched, setFetched] = useState<{ view: TideView; over: TideView } | null>(null);
  const [silent, setSilent] = useState(false);
  const [unanswered, setUnanswered] = useState(false);
  const view = fetched?.over === first ? fetched.view : first;
  const version = useRef(view.version);
  useEffect(() => {
    version.current = view.version;
  }, [view.version]);

  const asking = useRef(false);
  const wanted = useRef(false);
  const heard = useRef<string | null>(null);
  const ask = useCallback(() => {
    wanted.current = true;
    if (asking.current) return;
    asking.current = true;
    const answer = async () => {
      while (wanted.current) {
        wanted.current = false;
        const next = await fetchView();
        setUnanswered(next === null);
        if (next === null) continue;
        // What was heard of meanwhile may be what this answer shows already.
        if (next.version === heard.current) wanted.current = false;
        setFetched({ view: next, over: first });
      }
      asking.current = false;
    };
    void answer();
  }, [first]);

  // A picture that could not be made anew is an old picture: said, and asked for again.
  useEffect(() => {
    if (!unanswered) return;
    const timer = setInterval(ask, ASK_AGAIN_MS);
    return () => clearInterval(timer);
  }, [unanswered, ask]);
  useEffect(() => {
    const wake = () => {
      if (document.visibilityState === 'visible') ask();
    };
    document.addEventListener('visibilitychange', wake);
    return () => document.removeEventListener('visibilitychange', wake);
  }, [ask]);
  useEffect(() => {
    const stream = new EventSource('/changes');
    let silence: ReturnType<typeof setTimeout> | undefined;
    stream.onmessage = (event: MessageEvent<string>) => {
      heard.current = event.data;
      if (event.data !== version.current) ask();
    };
    stream.onopen = () => {
      clearTimeout(silence);
      silence = undefined;
      setSilent(false);
    };
    stream.onerror = () => {
      silence ??= setTimeout(() => setSilent(true), STALE_MS);
    };
    return () => {
      clearTimeout(silence);
      stream.close();
    };
  }, [ask]);
  return { view, stale: silent || unanswered, ask };
}

/** The view as the server has it now; null where it can not be reached. */
async function fetchView(): Promise<TideView | null> {
  try {
    const response = await fetch('/now', { cache: 'no-store' });
    return response.ok ? ((await response.json()) as TideView) : null;
  } catch {
    return null;
  }
}
