'use client';

import { tr } from '@/words/tr';
import { useEffect, useState, useTransition } from 'react';
import type { Outcome } from '@/shop/outcome';
import { useAskAnew } from '../ask-anew';
import { newId } from '../new-id';
import { useSay } from '../snack';
import type { HandsActions } from './actions';

/** Sentences of a refusal by field; the empty key is about the whole. */
export type Refused = Readonly<Record<string, string>>;

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
  const [refused, setRefused] = useState<Refused>({});
  const [running, start] = useTransition();
  const [justDone, setJustDone] = useState(false);
  useEffect(() => {
    if (!justDone) return undefined;
    const timer = setTimeout(() => setJustDone(false), RESTS_MS);
    return () => clearTimeout(timer);
  }, [justDone]);
  const busy = running || justDone;
  const askAnew = useAskAnew();
  const say = useSay();

  const takeBack = (batch: string) => {
    start(async () => {
      const outcome = await actions.undo(batch);
      if (latestBatch === batch) latestBatch = null;
      say({ text: outcome.ok ? tr`Taken back.` : sentence(outcome.refusals) });
      askAnew();
    });
  };

  function run<T extends { batch: string }>(
    act: () => Promise<Outcome<T>>,
    said: (value: T) => string,
    after?: (value: T) => void,
  ): void {
    start(async () => {
      try {
        const outcome = await act();
        if (!outcome.ok) {
          setRefused(
            Object.fromEntries(outcome.refusals.map((one) => [one.field ?? '', one.sentence])),
          );
          return;
        }
        setRefused({});
        const { batch } = outcome.value;
        latestBatch = batch;
        setJustDone(true);
        say({ text: said(outcome.value), action: { label: tr`Undo`, run: () => takeBack(batch) } });
        after?.(outcome.value);
        askAnew();
      } catch {
        setRefused({
          '': tr`Olvik could not show what became of this. Look into the Log before it is done again.`,
        });
      }
    });
  }

  return { run, busy, refused, clear: () => setRefused({}), takeBack };
}

function sentence(refusals: readonly { sentence: string }[]): string {
  return refusals.map((refusal) => refusal.sentence).join(' ');
}

/** A new batch name, made by the page so that a second tap writes nothing twice. */
export function newBatch(): string {
  return newId();
}
