'use client';

import { startTransition, useEffect, useRef, useState } from 'react';
import { askComputer, cancelComputing } from './computer';
import type { JobWord } from './job-queue';
import type { JobKind, JobKinds } from './job-kinds';

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

/** What was said last, and of which question. */
interface Said<T> {
  readonly asks: unknown;
  readonly answer: T | null;
  readonly share: number | null;
  readonly refused: string | null;
}

/**
 * Computes in the page’s worker. A new question drops the one before it, waiting or running; the last answer stays
 * until the next is there. Null asks nothing.
 * @param first the answer of the first question, where it came with the page
 */
export function useCompute<K extends JobKind>(
  kind: K,
  asks: JobKinds[K]['asks'] | null,
  first: JobKinds[K]['answers'] | null = null,
): Computed<JobKinds[K]['answers']> {
  type Answer = JobKinds[K]['answers'];
  const asked = useRef(0);
  const [cameWith] = useState<Said<Answer> | null>(() =>
    first === null ? null : { asks, answer: first, share: null, refused: null },
  );
  const [said, setSaid] = useState(cameWith);

  useEffect(() => {
    if (asks === null || asks === cameWith?.asks) return undefined;
    const hear = (word: JobWord) =>
      setSaid((before) => ({ asks, ...heard(before?.answer ?? null, word) }));
    // What is found on the way is shown as the page has time for it; taps and keys come first.
    const id = askComputer(kind, asks, (word) =>
      word.kind === 'progress' ? startTransition(() => hear(word)) : hear(word),
    );
    asked.current = id;
    return () => cancelComputing(id);
  }, [kind, asks, cameWith]);

  const stop = () => {
    cancelComputing(asked.current);
    // What is known so far stays.
    setSaid((before) => ({ asks, answer: before?.answer ?? null, share: null, refused: null }));
  };
  if (asks === null) return { answer: null, busy: false, share: null, refused: null, stop };
  const settled = said !== null && said.asks === asks && said.share === null;
  return {
    answer: said?.answer ?? null,
    busy: !settled,
    share: said?.share ?? null,
    refused: settled ? said.refused : null,
    stop,
  };
}

function heard<T>(answer: T | null, word: JobWord): Omit<Said<T>, 'asks'> {
  if (word.kind === 'progress') {
    const soFar = word.soFar === undefined ? answer : (word.soFar as T);
    return { answer: soFar, share: word.share, refused: null };
  }
  if (word.kind === 'refused') return { answer: null, share: null, refused: word.sentence };
  return { answer: word.value as T, share: null, refused: null };
}
