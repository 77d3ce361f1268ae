'use client';

import { useSettled } from '../use-settled';
import type { JobKind, JobKinds } from './job-kinds';
import { useCompute, type Computed } from './use-compute';

/**
 * Computes what is being typed, once it has stood still for a while (ms). Busy from the first key on: what is shown
 * meanwhile answers an older question, so nothing may be done by it.
 * @param first the answer of the first question, where it came with the page
 */
export function useTypedCompute<K extends JobKind>(
  kind: K,
  asks: JobKinds[K]['asks'] | null,
  settleMs: number,
  first: JobKinds[K]['answers'] | null = null,
): Computed<JobKinds[K]['answers']> {
  const settled = useSettled(asks, settleMs);
  const computed = useCompute(kind, settled, first);
  return { ...computed, busy: computed.busy || settled !== asks };
}
