'use client';

import { useMemo, useState } from 'react';
import type { Demand } from '@/core/planner/week';
import type { PlanFacts } from '@/shop/plan/facts';
import type { Ladder, Rung } from '@/shop/plan/ladder';
import { heldWith, type HeldPlan } from '@/shop/plan/held-with';
import type { PlanSearch } from '@/shop/plan/search';
import { useCompute } from '@/ui/compute/use-compute';

/** Hours that are held in the plans of a service before one is taken. */
export interface Holding {
  /** The plans as found, those with held hours as they are with them. */
  readonly answer: PlanSearch | null;
  /** The keys of the plans in which an hour is held. */
  readonly heldIn: ReadonlySet<string>;
  /** Why a plan can not be with its hours as they are held, by its key. */
  readonly refused: ReadonlyMap<string, string>;
  readonly busy: boolean;
  readonly hold: (ladder: Ladder, of: NonNullable<Rung['holds']>, atMs: number) => void;
  /** The plan as it was found. */
  readonly free: (key: string) => void;
}

/** Dragged or typed hours: the plan around them is worked out anew in the worker, what was found stays beside it. */
export function useHeldHours(
  asks: { readonly demand: Demand; readonly facts: PlanFacts } | null,
  found: PlanSearch | null,
  service: string | null,
): Holding {
  const [kept, setKept] = useState<{
    readonly service: string | null;
    readonly holds: readonly HeldPlan[];
  }>({ service, holds: [] });
  const holds = kept.service === service ? kept.holds : NONE;
  const question = useMemo(
    () => (asks === null || holds.length === 0 ? null : { ...asks, holds }),
    [asks, holds],
  );
  const { answer, busy } = useCompute('plansAt', question);
  const byKey = new Map((answer ?? []).map((one) => [one.key, one]));
  const heldIn = new Set(holds.map(({ take }) => take.key));
  const shown = (ladder: Ladder) =>
    heldIn.has(ladder.key) ? (byKey.get(ladder.key)?.ladder ?? ladder) : ladder;
  return {
    answer: asks === null || found === null ? null : { ...found, shown: found.shown.map(shown) },
    heldIn,
    refused: new Map(
      [...byKey.values()].flatMap(({ key, refused }) =>
        refused === null || !heldIn.has(key) ? [] : [[key, refused] as const],
      ),
    ),
    busy,
    hold: (ladder, of, atMs) => {
      const before = holds.find(({ take }) => take.key === ladder.key);
      const { take } = before ?? ladder;
      const next = { take, held: heldWith(before?.held ?? {}, of, atMs, take) };
      const others = holds.filter((one) => one !== before);
      setKept({ service, holds: [...others, next] });
    },
    free: (key) => setKept({ service, holds: holds.filter(({ take }) => take.key !== key) }),
  };
}
const NONE: readonly HeldPlan[] = [];
