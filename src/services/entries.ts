import type { Act, Entry } from '@/core/journal';
import type { ShopContext } from './context';

/** The parts of an entry that a command fills in. */
export interface EntryDraft {
  readonly atMs: number;
  readonly tense: Entry['tense'];
  readonly body: Entry['body'];
  readonly by?: string | null;
  readonly bakeId?: string | null;
  readonly fulfils?: string | null;
}

/** Entries of one batch: written together, taken back together. */
export function batchOf(
  context: ShopContext,
  batch: string,
  drafts: readonly EntryDraft[],
): Entry[] {
  const recordedMs = context.clock().nowMs;
  return drafts.map((draft) => ({
    by: null,
    bakeId: null,
    fulfils: null,
    ...draft,
    id: context.newId(),
    recordedMs,
    batch,
  }));
}

/** A planned step moved or changed, as an entry. */
export function replaceDraft(
  step: { stepId: string; bakeId: string | null },
  atMs: number,
  act: Act,
): EntryDraft {
  return {
    atMs,
    tense: 'planned',
    bakeId: step.bakeId,
    body: { kind: 'replace', supersedes: step.stepId, atMs, act },
  };
}
