'use client';

import type { DoughFacts } from '@/shop/doughs/facts';
import { useMemo, useState } from 'react';
import {
  targetColumns,
  editDough,
  flourFor,
  type CellChange,
  type DoughColumns,
  type Held,
  doughPerFlour,
} from '@/core/formula';
import { methodSchema, type Method } from '@/core/methods';
import { DomainError } from '@/core/units';

import { useTypedCompute } from '@/ui/compute/use-typed-compute';
import { withFound, withTypedNames } from './shown-method';

/** When a bake is wanted, and what is held of its hours. */
export interface BakeWish {
  readonly name: string;
  readonly readyFrom: string;
  readonly readyTo: string;
  readonly mixAt: string | null;
  readonly leavenAt: Readonly<Record<string, string>>;
}

/** The service that was typed last on this page: it stays when the method is saved, or another one is opened for it. */
let typedWish: BakeWish | null = null;

/** The first wish of a method, with the service that was typed before where it still stands for the same. */
function wishFrom(first: BakeWish): BakeWish {
  if (typedWish === null) return first;
  const { readyFrom, readyTo } = typedWish;
  return typedWish.name === first.name ? typedWish : { ...first, readyFrom, readyTo };
}

/** A method being worked on: its columns at once, its plan when it is worked out. */
export function useMethod(opened: Method, facts: DoughFacts, firstWish: BakeWish) {
  const [past, setPast] = useState<readonly Method[]>([]);
  const [method, setMethod] = useState(opened);
  const [held, setHeld] = useState<Held>('dough');
  const [wish, setWish] = useState(() => wishFrom(firstWish));
  const [refused, setRefused] = useState<string | null>(null);
  const { pantry, scaleStepG, fineStepG } = facts;

  const change = (next: Method) => {
    const parsed = methodSchema.safeParse(next);
    if (!parsed.success) {
      setRefused(parsed.error.issues.map((issue) => issue.message).join(' '));
      // A name that is being typed may be empty for a moment: it stays as it is typed, and is asked for.
      const { issues } = parsed.error;
      if (issues.every(({ path }) => path.at(-1) === 'name')) setMethod(next);
      return;
    }
    const wrong = refusalOf(() => columnsOf(parsed.data, facts));
    setRefused(wrong);
    if (wrong !== null) return;
    setPast((all) => [...all, method]);
    setMethod(withTypedNames(parsed.data, next));
  };
  const undo = () => {
    const before = past.at(-1);
    if (before === undefined) return;
    setRefused(null);
    setMethod(before);
    setPast(past.slice(0, -1));
  };
  const edit = (cell: CellChange) => {
    const wrong = refusalOf(() => {
      const { dough } = shown;
      const flourG = flourFor(method.target, dough, method.lossShare, pantry);
      const edited = editDough({ dough, flourG, held }, cell, pantry);
      const next = { ...method, dough: edited.dough };
      change(held === 'flour' ? keepFlour(next, edited.flourG, facts) : next);
    });
    if (wrong !== null) setRefused(wrong);
  };

  const asks = useMemo(
    () => (safeColumns(method, facts) === null ? null : { bake: { ...wish, method }, facts }),
    [wish, method, facts],
  );
  const { answer, refused: planRefused, busy: planning } = useTypedCompute('method', asks, 200);
  const plan = answer?.kind === 'plan' ? answer.plan.method : null;
  const shown = withFound(method, plan);
  const columns = safeColumns(shown, facts);
  return {
    method,
    /** The method with what its plan found, as it is weighed. */
    shown,
    columns,
    held,
    setHeld,
    wish,
    setWish: (changed: Partial<BakeWish>) =>
      setWish((before) => {
        typedWish = { ...before, ...changed };
        return typedWish;
      }),
    change,
    edit,
    undo: past.length > 0 ? undo : null,
    changed: method !== opened,
    refused: refused ?? planRefused,
    answer: planRefused === null ? answer : null,
    planning,
    steps: { scaleStepG, fineStepG },
  };
}

/** With its flour held, a dough of another weight makes heavier or lighter pieces, as many as before. */
function keepFlour(method: Method, flourG: number, facts: DoughFacts): Method {
  const { target } = method;
  if (target.by !== 'products') return { ...method, target: { by: 'flour', flourG } };
  const perFlour = doughPerFlour(method.dough, facts.pantry);
  const doughG = flourG * perFlour * (1 - method.lossShare);
  const plannedG = target.products.reduce((sum, one) => sum + one.count * one.weightG, 0);
  const factor = doughG / plannedG;
  const products = target.products.map((one) => ({
    ...one,
    weightG: Math.round(one.weightG * factor * 10) / 10,
  }));
  return { ...method, target: { by: 'products', products } };
}

function refusalOf(run: () => void): string | null {
  try {
    run();
    return null;
  } catch (error) {
    if (error instanceof DomainError) return error.message;
    throw error;
  }
}

function columnsOf(method: Method, facts: DoughFacts): DoughColumns {
  const { pantry, scaleStepG, fineStepG } = facts;
  return targetColumns(method, { scaleStepG, fineStepG }, pantry);
}

function safeColumns(method: Method, facts: DoughFacts): DoughColumns | null {
  try {
    return columnsOf(method, facts);
  } catch (error) {
    if (error instanceof DomainError) return null;
    throw error;
  }
}

/** Everything of a method that is worked on. */
export type Working = ReturnType<typeof useMethod>;
