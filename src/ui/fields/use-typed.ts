'use client';

import { tr } from '@/words/tr';
import { useState } from 'react';

/** A field of words: what it shows, what it says of what was typed, and what is done with it. */
export interface Typed {
  readonly shown: string;
  readonly isTyped: boolean;
  readonly wrong: boolean;
  readonly says: string | null;
  readonly type: (text: string) => void;
  /** Takes what was typed, where it can be understood. */
  readonly take: () => void;
  readonly letGo: () => void;
}

/** What is typed into a field until it is taken: what it means so far, or why it can not be taken. */
export function useTyped(about: {
  value: string;
  onChange: (value: string) => void;
  /** The value of what was typed; null where it is none. */
  read: (text: string) => string | null;
  words: (value: string) => string;
  /** What it is where it is none, and what would be one. */
  what: string;
  suchAs: string;
  /** An emptied field has no value; left out, it keeps the one it has. */
  clears?: boolean;
}): Typed {
  const { value, onChange, words, what, suchAs, clears = false } = about;
  const [typed, setTyped] = useState<string | null>(null);
  const [left, setLeft] = useState(false);
  const isEmpty = typed?.trim() === '';
  const read = typed === null || isEmpty ? null : about.read(typed);
  const wrong = left && typed !== null && read === null;
  const take = () => {
    const next = isEmpty ? (clears ? '' : value) : read;
    setLeft(true);
    if (next === null) return;
    setTyped(null);
    if (next !== value) onChange(next);
  };
  const meant = () => (typed === null ? null : read === null ? suchAs : words(read));
  return {
    shown: typed ?? words(value),
    isTyped: typed !== null,
    wrong,
    says: wrong ? tr`“${typed}” is ${what}. Allowed: ${suchAs}.` : meant(),
    take,
    type: (text) => {
      setLeft(false);
      setTyped(text);
    },
    letGo: () => setTyped(null),
  };
}
