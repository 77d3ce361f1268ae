'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { MS_PER_MINUTE } from '@/core/units';
import type { TideView } from '@/server/tide';
import { answerNotice, noticeAnswers, type NoticeAnswers } from '@/ui/notice-answers';
import { chime, preference, systemNotice } from '@/ui/notice-preferences';
import { useWho } from '@/ui/who/who';
import { noticesOf, openNotice, type Notice } from './alerts';

const SNOOZE_MS = 10 * MS_PER_MINUTE;

/**
 * The notice that is up, and what can be said to it; each sounds once, on every device for itself. A device that has answered
 * some shows none until its memory is read; on one that never did, the first picture has it.
 */
export function useNotices(view: TideView, nowMs: number, hasAnswered: boolean) {
  const person = useWho();
  const [answers, setAnswers] = useState<NoticeAnswers | null>(hasAnswered ? null : {});
  const [isRead, setRead] = useState(false);
  const told = useRef(new Set<string>());
  useEffect(() => {
    // The device's memory is there only in the browser: it is read after the first picture.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setAnswers(noticeAnswers());
    setRead(true);
  }, []);
  const notice = useMemo(
    () => (answers === null ? null : openNotice(noticesOf(view, nowMs, person), answers, nowMs)),
    [view, nowMs, person, answers],
  );
  useEffect(() => {
    if (!isRead || notice === null || told.current.has(notice.id)) return;
    told.current.add(notice.id);
    if (preference('sound')) chime();
    if (preference('system')) systemNotice(notice.text);
  }, [notice, isRead]);
  const answer = (one: Notice, value: number | null) => {
    told.current.delete(one.id);
    setAnswers(answerNotice(one.id, value));
  };
  return {
    notice,
    seen: (one: Notice) => answer(one, null),
    later: (one: Notice) => answer(one, nowMs + SNOOZE_MS),
  };
}
