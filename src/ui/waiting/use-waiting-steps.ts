'use client';

import { useMemo, useSyncExternalStore } from 'react';
import { NONE_WAITING, waitingHere } from '../waiting-store';

const STEPS: ReadonlySet<string> = new Set(['doStep', 'skipStep']);

/** Planned steps that were done or skipped on this device and wait for the shop: they are not asked for again. */
export function useWaitingSteps(): ReadonlySet<string> {
  const acts = useSyncExternalStore(waitingHere.subscribe, waitingHere.list, () => NONE_WAITING);
  return useMemo(
    () =>
      new Set(
        acts.flatMap(({ name, args: [form], refused }) =>
          STEPS.has(name) && refused === null ? [(form as { stepId: string }).stepId] : [],
        ),
      ),
    [acts],
  );
}
