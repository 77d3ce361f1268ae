'use client';

import { useEffect } from 'react';
import { keyIsTaken } from '@/ui/keys-taken';

/** What the keys of the Plan view do. */
export interface PlanKeys {
  readonly service: (by: 1 | -1) => void;
  readonly plan: (index: number) => void;
  readonly moment: (by: 1 | -1) => void;
  readonly take: () => void;
}

/** ←/→ the service, 1–5 the plan, ↑/↓ the moment, Enter takes. Not while something is typed or a dialog is open. */
export function usePlanKeys(keys: PlanKeys): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (keyIsTaken(event)) return;
      const act = actOf(event.key, keys);
      if (act === null) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}

function actOf(key: string, keys: PlanKeys): (() => void) | null {
  if (key === 'ArrowLeft') return () => keys.service(-1);
  if (key === 'ArrowRight') return () => keys.service(1);
  if (key === 'ArrowUp') return () => keys.moment(-1);
  if (key === 'ArrowDown') return () => keys.moment(1);
  if (key === 'Enter') return keys.take;
  const plan = Number(key);
  return Number.isInteger(plan) && plan >= 1 && plan <= 5 ? () => keys.plan(plan - 1) : null;
}
