'use client';

import { tr } from '@/words/tr';
import { useState, useTransition } from 'react';
import { byField, refused, sentencesOf, type Outcome, type Refused } from '@/shop/outcome';
import { sentenceInUnits } from '@/shop/sentence-in-units';
import { useAskAnew } from '../ask-anew';
import { useShopUnits } from '../fields/shop-units';
import { useSay } from '../snack';

/** What a command answers with, when it comes. */
export type Answer<T> = Promise<Outcome<T>>;

/** What follows when a command is done. */
export interface Done<T> {
  /** What the page says of it; left out: nothing. */
  readonly said?: string | ((value: T) => string) | undefined;
  /** What takes it back, offered beside what is said; null: nothing does. */
  readonly undo?: ((value: T) => (() => Answer<unknown>) | null) | undefined;
  /** What happens here before the view is asked for anew. */
  readonly then?: ((value: T) => void) | undefined;
}

/**
 * Sends commands, one way for every form and button: what is refused stands by its field, or is said as a notice; what is
 * done is said, can be taken back, and is shown.
 * @param tells where a refusal goes: by its fields in `wrong`, or into a notice where there is no room for it
 */
export function useSend(tells: 'fields' | 'notice' = 'fields') {
  const [wrong, setWrong] = useState<Refused>({});
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const say = useSay();
  const units = useShopUnits();
  const sayWrong = (outcome: Outcome<unknown>) =>
    say({ text: sentenceInUnits(sentencesOf(outcome), units) });

  const takeBack = (undo: () => Answer<unknown>) =>
    start(async () => {
      const outcome = await answerOf(undo);
      if (outcome.ok) say({ text: tr`Taken back.` });
      else sayWrong(outcome);
      askAnew();
    });

  const send = <T>(act: () => Answer<T>, { said, undo, then }: Done<T> = {}) =>
    start(async () => {
      const outcome = await answerOf(act);
      if (!outcome.ok) {
        if (tells === 'notice') sayWrong(outcome);
        else setWrong(byField(outcome));
        return;
      }
      const { value } = outcome;
      setWrong({});
      const back = undo?.(value) ?? null;
      if (said !== undefined) {
        say({
          text: typeof said === 'string' ? said : said(value),
          ...(back === null ? {} : { action: { label: tr`Undo`, run: () => takeBack(back) } }),
        });
      }
      then?.(value);
      askAnew();
    });

  /** All that was refused, as one text; null where nothing was. */
  const sentence = Object.keys(wrong).length === 0 ? null : Object.values(wrong).join(' ');
  return { send, takeBack, busy, wrong, sentence, setWrong, clear: () => setWrong({}) };
}

/** The answer of a command; a page that could not get at it says so. */
async function answerOf<T>(act: () => Answer<T>): Answer<T> {
  try {
    return await act();
  } catch {
    return refused(
      null,
      tr`Olvik could not show what became of this. Look into the Log before it is done again.`,
    );
  }
}
