'use client';

import { useEffect, useRef, useState } from 'react';
import type { ComputeMessage } from './compute.worker';
import type { JobWord } from './job-queue';
import type { JobKind, JobKinds } from './jobs';

/** What is known of a question so far. */
export interface Computed<T> {
  readonly answer: T | null;
  /** True while the newest question is not answered yet. */
  readonly busy: boolean;
  /** Share done, 0–1; null where it is not known. */
  readonly share: number | null;
  /** Why the core refused. */
  readonly refused: string | null;
  readonly stop: () => void;
}

interface Said<T> {
  readonly id: number;
  readonly answer: T | null;
  readonly share: number | null;
  readonly refused: string | null;
}

/**
 * Computes in a worker. A new question drops the one before it, waiting or running; the last answer stays until the
 * next is there. Null asks nothing.
 */
export function useCompute<K extends JobKind>(
  kind: K,
  asks: JobKinds[K]['asks'] | null,
): Computed<JobKinds[K]['answers']> {
  type Answer = JobKinds[K]['answers'];
  const worker = useRef<Worker | null>(null);
  const lastId = useRef(0);
  const stoppedId = useRef(0);
  const [said, setSaid] = useState<Said<Answer> | null>(null);
  const [askedId, setAskedId] = useState(0);

  useEffect(() => {
    const one = new Worker(new URL('./compute.worker.ts', import.meta.url), { type: 'module' });
    one.addEventListener('message', ({ data }: MessageEvent<JobWord>) => {
      // A word that was on its way when its question was stopped.
      if (data.id <= stoppedId.current) return;
      setSaid((before) => heard(before, data));
    });
    worker.current = one;
    return () => {
      one.terminate();
      worker.current = null;
    };
  }, []);

  useEffect(() => {
    const post = (message: ComputeMessage) => worker.current?.postMessage(message);
    if (lastId.current > 0) post({ cancel: lastId.current });
    if (asks === null) return;
    lastId.current += 1;
    setAskedId(lastId.current);
    post({ id: lastId.current, kind, asks });
  }, [kind, asks]);

  const stop = () => {
    worker.current?.postMessage({ cancel: lastId.current } satisfies ComputeMessage);
    stoppedId.current = lastId.current;
    // What is known so far stays.
    setSaid((before) => (before === null ? null : { ...before, share: null }));
    setAskedId(said?.id ?? 0);
  };
  if (asks === null) return { answer: null, busy: false, share: null, refused: null, stop };
  const settled = said !== null && said.id >= askedId && said.share === null;
  return {
    answer: said?.answer ?? null,
    busy: askedId > 0 && !settled,
    share: said?.share ?? null,
    refused: settled ? said.refused : null,
    stop,
  };
}

function heard<T>(before: Said<T> | null, word: JobWord): Said<T> {
  const answer = before?.answer ?? null;
  if (word.kind === 'progress') {
    const soFar = word.soFar === undefined ? answer : (word.soFar as T);
    return { id: word.id, answer: soFar, share: word.share, refused: null };
  }
  if (word.kind === 'refused') {
    return { id: word.id, answer: null, share: null, refused: word.sentence };
  }
  return { id: word.id, answer: word.value as T, share: null, refused: null };
}
