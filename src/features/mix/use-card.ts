'use client';

import { tr } from '@/words/tr';
import type { MixView } from '@/shop/mix/view';
import { useMemo, useState, useTransition } from 'react';
import { mixCard, type Mark, type MarkWhat } from '@/core/mixing';

import { useAskAnew } from '@/ui/ask-anew';
import { newBatch } from '@/ui/hands/use-act';
import type { MixActions } from './mix-actions';
import { sentencesOf } from '@/shop/outcome';

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
  const [question, setQuestion] = useState<Question | null>(null);
  const write = (...whats: readonly MarkWhat[]) => send(whats, false);
  const send = (whats: readonly MarkWhat[], sure: boolean) => {
    setRefused(null);
    setQuestion(null);
    const fresh = whats.map((what): Mark => ({ id: newBatch(), atMs: nowMs, what }));
    setPending((before) => [...before, ...fresh]);
    start(async () => {
      for (const mark of fresh) {
        const wrong = await writeOne(view, actions, mark, sure);
        if (wrong !== null) {
          if (wrong.asks) setQuestion({ sentence: wrong.sentence, whats });
          else setRefused(wrong.sentence);
          setPending((before) => before.filter((one) => !fresh.includes(one)));
          break;
        }
      }
      askAnew();
    });
  };
  const yes = () => question !== null && send(question.whats, true);
  return { card, marks, write, busy, refused, setRefused, question: question?.sentence, yes };
}

/** What was to be written, and what is asked about it first. */
interface Question {
  readonly sentence: string;
  readonly whats: readonly MarkWhat[];
}

async function writeOne(
  view: MixView,
  actions: MixActions,
  mark: Mark,
  sure: boolean,
): Promise<{ readonly sentence: string; readonly asks: boolean } | null> {
  try {
    const { stepId, batchNumber } = view;
    const outcome = await actions.mark({
      ...{ stepId, batchNumber, sure },
      ...{ markId: mark.id, what: mark.what },
    });
    if (outcome.ok) return null;
    return {
      sentence: sentencesOf(outcome),
      asks: outcome.refusals[0]?.field === 'sure',
    };
  } catch {
    const sentence = tr`Olvik does not answer: it is not known whether this line was stored.`;
    return { sentence, asks: false };
  }
}
