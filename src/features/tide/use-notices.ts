'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { MS_PER_MINUTE } from '@/core/units';
import type { TideView } from '@/services/tide';
import { chime, preference, systemNotice } from '@/ui/notice-preferences';
import { noticesOf, openNotice, type Answers, type Notice } from './alerts';

const STORE = 'olvik-notices';
const SNOOZE_MS = 10 * MS_PER_MINUTE;
/** Answers kept: those of the last notices; older ones can not come up again. */
const MOST_KEPT = 200;

function stored(): Answers {
  try {
    return JSON.parse(window.localStorage.getItem(STORE) ?? '{}') as Answers;
  } catch {
    return {};
  }
}

/** The notice that is up, and what can be said to it; each sounds once, on every device for itself. */
export function useNotices(view: TideView, nowMs: number) {
  const [answers, setAnswers] = useState<Answers | null>(null);
  const told = useRef(new Set<string>());
  // The device's memory is there only in the browser: it is read after the first picture.
  // eslint-disable-next-line react-hooks/set-state-in-effect
  useEffect(() => setAnswers(stored()), []);
  const notice = useMemo(
    () => (answers === null ? null : openNotice(noticesOf(view, nowMs), answers, nowMs)),
    [view, nowMs, answers],
  );
  useEffect(() => {
    if (notice === null || told.current.has(notice.id)) return;
    told.current.add(notice.id);
    if (preference('sound')) chime();
    if (preference('system')) systemNotice(notice.text);
  }, [notice]);
  const answer = (one: Notice, value: number | null) => {
    const entries = [...Object.entries(answers ?? {}), [one.id, value] as const].slice(-MOST_KEPT);
    const next = Object.fromEntries(entries);
    told.current.delete(one.id);
    setAnswers(next);
    window.localStorage.setItem(STORE, JSON.stringify(next));
  };
  return {
    notice,
    seen: (one: Notice) => answer(one, null),
    later: (one: Notice) => answer(one, nowMs + SNOOZE_MS),
  };
}
