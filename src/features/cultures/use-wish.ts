'use client';

import { useMemo, useState } from 'react';
import type { JobKind, JobKinds } from '@/ui/compute/job-kinds';
import { useTypedCompute } from '@/ui/compute/use-typed-compute';
import { newBatch, useAct } from '@/ui/hands/use-act';
import type { CultureActions } from './culture-actions';

/** A form read as a question for the core, or a sentence for each wrong field. */
export interface CheckedWish<Q> {
  readonly asks: Q | null;
  readonly errors: Readonly<Record<string, string>>;
}

const SETTLES_MS = 100;

/**
 * A wish as it is typed: its fields, what the core finds for it, and the act that writes what was found. Nothing is
 * written by an answer to older fields: busy from the first key on.
 * @param wish.first the fields it opens with
 * @param wish.answer what was found for those, where it came with the page
 * @param wish.check reads fields as a question; made anew only when what it rests on changes
 */
export function useWish<F extends object, K extends JobKind>(
  kind: K,
  wish: {
    readonly first: () => F;
    readonly answer?: JobKinds[K]['answers'] | null;
    readonly check: (fields: F) => CheckedWish<JobKinds[K]['asks']>;
  },
  actions: CultureActions,
) {
  const [fields, setFields] = useState<F>(wish.first);
  const { check } = wish;
  const { asks, errors } = useMemo(() => check(fields), [check, fields]);
  const found = useTypedCompute(kind, asks, SETTLES_MS, wish.answer ?? null);
  const act = useAct(actions);
  const change = (changed: Partial<F>) => {
    act.clear();
    setFields((before) => ({ ...before, ...changed }));
  };
  return {
    fields,
    change,
    errors,
    asks,
    /** Null while nothing is asked or was found. */
    answer: asks === null || found.refused !== null ? null : found.answer,
    /** The first sentence about what is wrong; null where nothing is. */
    wrong: Object.values(errors)[0] ?? found.refused ?? Object.values(act.refused)[0] ?? null,
    finding: found.busy,
    /** True while what was found may not be written. */
    busy: act.busy || found.busy,
    /** Writes what was found. */
    take: (form: object, said: () => string) =>
      act.run(() => actions.takeWish({ ...form, batch: newBatch() }), said),
    run: act.run,
  };
}
