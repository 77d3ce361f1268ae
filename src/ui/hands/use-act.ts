'use client';

import { useEffect, useState } from 'react';
import { newId } from '../new-id';
import { useSend, type Answer } from './use-send';
import type { HandsActions } from './actions';

/** What this page did last and has not taken back: known before the view is. */
let latestBatch: string | null = null;

/** The batch of what this page did last; null where nothing is left of it to take back. */
export function latestOwnBatch(): string | null {
  return latestBatch;
}

/** A panel that stays open rests so long after it wrote: a second tap meant the first, ms. */
const RESTS_MS = 1_200;

/** Runs acts of the hands: shows refusals, says what was done and offers to take it back. */
export function useAct(actions: Pick<HandsActions, 'undo'>) {
  const { send, takeBack, busy: running, wrong, clear } = useSend();
  const [justDone, setJustDone] = useState(false);
  useEffect(() => {
    if (!justDone) return undefined;
    const timer = setTimeout(() => setJustDone(false), RESTS_MS);
    return () => clearTimeout(timer);
  }, [justDone]);

  const undo = (batch: string) => () => {
    if (latestBatch === batch) latestBatch = null;
    return actions.undo(batch);
  };
  const run = <T extends { batch: string }>(
    act: () => Answer<T>,
    said: (value: T) => string,
    after?: (value: T) => void,
  ): void =>
    send(act, {
      said,
      undo: ({ batch }) => undo(batch),
      then: (value) => {
        latestBatch = value.batch;
        setJustDone(true);
        after?.(value);
      },
    });
  return {
    run,
    busy: running || justDone,
    refused: wrong,
    clear,
    takeBack: (batch: string) => takeBack(undo(batch)),
  };
}

/** A new batch name, made by the page so that a second tap writes nothing twice. */
export function newBatch(): string {
  return newId();
}
