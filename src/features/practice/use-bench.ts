'use client';

import { tr } from '@/words/tr';
import type { DoughFacts } from '@/shop/doughs/facts';
import { useMemo, useState } from 'react';
import {
  afterDeed,
  nextMoment,
  placeAt,
  stepsAfter,
  type Deed,
  type DoughRun,
} from '@/core/practice';

import type { WholeDoughStart } from '@/shop/practice/whole-dough';
import { useCompute } from '@/ui/compute/use-compute';
import { useSay } from '@/ui/snack';
import { useDoughClock } from './use-dough-clock';

const LATER_MS = 1_800_000;

/** A dough on the bench: where its clock stands, what is there, what can be done and what was done otherwise. */
export function useBench(of: {
  readonly start: Extract<WholeDoughStart, { kind: 'start' }>;
  readonly facts: DoughFacts;
  readonly warmerC: number;
}) {
  const { start, facts, warmerC } = of;
  const [deeds, setDeeds] = useState<readonly Deed[]>([]);
  const say = useSay();
  const asks = useMemo(
    () => ({ facts, warmerC, steps: start.steps, deeds }),
    [facts, warmerC, start.steps, deeds],
  );
  const { answer, refused } = useCompute('doughRun', asks);
  // Worked out here as well: a second key may come before the answer to the first.
  const steps = useMemo(() => stepsAfter(start.steps, deeds), [start.steps, deeds]);
  const endMs = Math.max(
    ...steps.map(({ atMs, act }) => (act.kind === 'use' ? act.untilMs : atMs)),
  );
  const clock = useDoughClock(start.fromMs, endMs);
  const { atMs } = clock;
  const next = nextMoment(steps, atMs);
  const mass = answer === null ? null : massAt(answer.run, atMs);
  const placeId = mass === null ? null : placeAt(mass, atMs);
  const doing = (deed: Deed) => {
    if (afterDeed(steps, deed) === null) {
      say({ text: tr`That is too late: the balls would not be made when they are wanted.` });
      return;
    }
    // What was done later than where the clock stands now is no longer done.
    setDeeds([...deeds.filter((one) => one.atMs <= atMs), deed]);
  };
  const shift = (toMs: number) => {
    if (next !== null) doing({ kind: 'shift', atMs, fromMs: next.atMs, toMs });
  };
  const hands = {
    now: () => shift(Math.round(atMs)),
    later: () => shift((next?.atMs ?? atMs) + LATER_MS),
    toPlace: (id: string) => {
      if (id !== placeId) doing({ kind: 'move', atMs: Math.round(atMs), placeId: id });
    },
    undo: () => setDeeds(deeds.slice(0, -1)),
  };
  return { answer, refused, steps, endMs, clock, next, mass, placeId, deeds, hands };
}

/** The mass that is there: the newest one that was made. */
function massAt({ masses }: DoughRun, atMs: number) {
  return masses.filter((one) => one.fromMs <= atMs).at(-1) ?? masses[0] ?? null;
}
