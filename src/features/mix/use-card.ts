'use client';

import { useMemo, useState, useTransition } from 'react';
import { mixCard, type Mark, type MarkWhat } from '@/core/mixing';
import type { MixView } from '@/services/mix/view';
import { useAskAnew } from '@/ui/ask-anew';
import { newBatch } from '@/ui/hands/use-act';
import type { MixActions } from './mix-actions';

/** A card that answers at once: marks stand on the page while they are written, and go again when they are refused. */
export function useCard(view: MixView, actions: MixActions, nowMs: number) {
  const [pending, setPending] = useState<readonly Mark[]>([]);
  const [refused, setRefused] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const marks = useMemo(() => {
    const known = new Set(view.marks.map((mark) => mark.id));
    return [...view.marks, ...pending.filter((mark) => !known.has(mark.id))];
  }, [view.marks, pending]);
  const card = useMemo(() => mixCard(view.items, marks), [view.items, marks]);
  const write = (...whats: readonly MarkWhat[]) => {
    setRefused(null);
    const fresh = whats.map((what): Mark => ({ id: newBatch(), atMs: nowMs, what }));
    setPending((before) => [...before, ...fresh]);
    start(async () => {
      for (const mark of fresh) {
        const sentence = await writeOne(view, actions, mark);
        if (sentence !== null) {
          setRefused(sentence);
          setPending((before) => before.filter((one) => !fresh.includes(one)));
          break;
        }
      }
      askAnew();
    });
  };
  return { card, marks, write, busy, refused, setRefused };
}

async function writeOne(view: MixView, actions: MixActions, mark: Mark): Promise<string | null> {
  try {
    const { stepId, batchNumber } = view;
    const outcome = await actions.mark({ stepId, batchNumber, markId: mark.id, what: mark.what });
    return outcome.ok ? null : outcome.refusals.map((one) => one.sentence).join(' ');
  } catch {
    return 'Olvik did not answer. This line was not stored; try again.';
  }
}
