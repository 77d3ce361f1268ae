'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Moment, TideView } from '@/server/tide';
import { latestOwnBatch } from '@/ui/hands/use-act';
import { useKeys } from './use-keys';

/** What the keys can do beside going through the picture. */
interface KeyActs {
  readonly doneNow: (stepId: string) => void;
  readonly open: (momentRef: string) => void;
  readonly look: () => void;
  readonly takeBack: (batch: string) => void;
  readonly help: () => void;
  /** Back to now, nothing lit. */
  readonly leave: () => void;
}

/** The keys of the home view; answers the moment that the arrows stand on. */
export function useTideKeys(
  view: TideView,
  lit: string | null,
  setLit: (lotId: string | null) => void,
  acts: KeyActs,
): string | null {
  const router = useRouter();
  const [chosen, setChosen] = useState<string | null>(null);
  const planned = view.moments.filter((moment) => moment.tense === 'planned');
  const last = view.moments.filter((moment) => moment.tense === 'done').at(-1);
  const next = (by: 1 | -1) => {
    const moment = stepped(planned, chosen, by);
    if (moment === undefined) return;
    setChosen(moment.ref);
    setLit(moment.lotId);
  };
  const strand = (by: 1 | -1) => {
    const ids = view.strands.map((one) => one.lotId);
    const at = lit === null ? -1 : ids.indexOf(lit);
    setChosen(null);
    setLit(ids[(at + by + ids.length) % ids.length] ?? null);
  };
  useKeys({
    d: () => planned[0] !== undefined && acts.doneNow(planned[0].ref),
    o: () => planned[0] !== undefined && acts.open(planned[0].ref),
    l: acts.look,
    n: () => router.push('/bakes/new'),
    u: () => {
      const batch = latestOwnBatch() ?? last?.batch ?? null;
      if (batch !== null) acts.takeBack(batch);
    },
    '?': acts.help,
    Enter: () => {
      if (chosen !== null) acts.open(chosen);
      else if (lit !== null) router.push(`/lots/${encodeURIComponent(lit)}`);
    },
    Escape: () => {
      setLit(null);
      setChosen(null);
      acts.leave();
    },
    ArrowRight: () => next(1),
    ArrowLeft: () => next(-1),
    ArrowDown: () => strand(1),
    ArrowUp: () => strand(-1),
  });
  return chosen;
}

/** The moment after or before the chosen one; from none, the first or the last. */
function stepped(planned: readonly Moment[], chosen: string | null, by: 1 | -1) {
  const at = planned.findIndex((moment) => moment.ref === chosen);
  return planned[at < 0 ? (by === 1 ? 0 : planned.length - 1) : at + by];
}
