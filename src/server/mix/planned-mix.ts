import type { ShopState } from '@/shop/state';
import { isAct, struckIds, type ActOf } from '@/core/journal';
import type { Method } from '@/core/methods';
import type { ShopContext } from '../context';
import { journalEntries } from '../journal/journal-memory';

import { howMixed } from './how-mixed';

/** A mix as it was planned, whether it is done by now or not. */
export interface PlannedMix {
  readonly stepId: string;
  readonly atMs: number;
  readonly act: ActOf<'make'>;
  readonly bakeId: string | null;
  /** How it is mixed. */
  readonly mix: Method['mix'];
  readonly schools: Method['schools'];
  readonly methodName: string | null;
  /** The done entry’s batch; null while it is still to be done. */
  readonly doneBatch: string | null;
}

/** A planned mix by its step, with the last change that was made to it; null where there is none. */
export function plannedMix(
  context: ShopContext,
  state: ShopState,
  stepId: string,
): PlannedMix | null {
  const entries = journalEntries(context);
  const struck = struckIds(entries);
  let found: { atMs: number; act: ActOf<'make'>; bakeId: string | null } | null = null;
  let doneBatch: string | null = null;
  for (const entry of entries) {
    if (struck.has(entry.id)) continue;
    const { body } = entry;
    if (entry.id === stepId && body.kind === 'make' && entry.tense === 'planned') {
      found = { atMs: entry.atMs, act: body, bakeId: entry.bakeId };
    } else if (body.kind === 'replace' && body.supersedes === stepId && isAct(body.act, 'make')) {
      found = { atMs: body.atMs, act: body.act, bakeId: entry.bakeId };
    }
    if (entry.fulfils === stepId) doneBatch = entry.batch;
  }
  if (found === null || found.act.lotKind !== 'dough') return null;
  return { stepId, ...found, ...howMixed(context, state, found), doneBatch };
}
