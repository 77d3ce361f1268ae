'use client';

import { useSettled } from '../use-settled';
import type { JobKind, JobKinds } from './job-kinds';
import { useCompute, type Computed } from './use-compute';

/**
 * Computes what is being typed, once it has stood still for a while (ms). Busy from the first key on: what is shown
 * meanwhile answers an older question, so nothing may be done by it.
 */
export function useTypedCompute<K extends JobKind>(
  kind: K,
  asks: JobKinds[K]['asks'] | null,
  settleMs: number,
): Computed<JobKinds[K]['answers']> {
  const settled = useSettled(asks, settleMs);
  const computed = useCompute(kind, settled);
  return { ...computed, busy: computed.busy || settled !== asks };
}
