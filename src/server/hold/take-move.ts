import { tr } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { actSchema } from '@/core/journal/schema';
import { shopStories } from '@/core/forecast';
import { z } from '@/core/parse';
import { MS_PER_MINUTE } from '@/core/units';
import { maybeOneBake } from '@/data';
import type { ShopContext } from '../context';
import { batchOf, replaceDraft, type EntryDraft, writeEntries } from '../journal/entries';
import { foldedWith } from '../journal/journal-memory';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';

const moveSchema = z.object({
  bakeId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  changes: z
    .array(
      z.object({
        stepId: z.string().min(1).max(80).nullable(),
        atMs: z.number().int().min(0).max(1e14),
        act: actSchema,
      }),
    )
    .min(1, { error: () => tr`Move: there is nothing to change.` })
    .max(60),
});
type Taken = z.output<typeof moveSchema>;

/** Takes a move: the plan’s steps changed and new ones added, as one batch that can be taken back. */
export function takeMove(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(moveSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { bakeId, batch } = parsed.value;
    if (maybeOneBake(context.db, bakeId) === null) {
      return refused(null, tr`Bake: it is not in the shop.`);
    }
    const wrong = wrongChange(parsed.value, state);
    if (wrong !== null) return refused(null, wrong);
    const drafts = draftsOf(parsed.value, state);
    const entries = batchOf(context, batch, drafts);
    const before = conflictsIn(context, state, []);
    const after = conflictsIn(context, state, entries);
    if (after > before) {
      return refused(null, tr`Move: the stock does not allow it any more. Nothing was changed.`);
    }
    writeEntries(context, entries);
    return done({ batch });
  });
}

function wrongChange({ bakeId, changes }: Taken, state: ShopState): string | null {
  for (const { stepId, atMs, act } of changes) {
    if (atMs < state.nowMs - MS_PER_MINUTE) {
      return tr`Move: its start has passed. Look at the moves anew.`;
    }
    if ('placeId' in act && !state.placeMap.has(act.placeId)) {
      return tr`Place: “${act.placeId}” is not in the shop.`;
    }
    if (stepId === null) continue;
    const step = state.folded.plan.find((one) => one.stepId === stepId);
    if (step === undefined || step.bakeId !== bakeId) {
      return tr`Move: a step of it was done or withdrawn meanwhile. Look at the moves anew.`;
    }
    if (step.act.kind !== act.kind) return tr`Move: it changes another step than it names.`;
  }
  return null;
}

function draftsOf({ bakeId, changes }: Taken, state: ShopState): EntryDraft[] {
  return changes.map(({ stepId, atMs, act }): EntryDraft => {
    const step = state.folded.plan.find((one) => one.stepId === stepId);
    return step === undefined
      ? { atMs, tense: 'planned', bakeId, body: act }
      : replaceDraft(step, atMs, act);
  });
}

/** Lots that the plan would touch without their being there. */
function conflictsIn(
  context: ShopContext,
  state: ShopState,
  more: ReturnType<typeof batchOf>,
): number {
  const folded = foldedWith(context, more);
  const stories = shopStories(folded, state.nowMs);
  const planned = folded.plan.filter(({ act }) => act.kind === 'use');
  return planned.filter(({ act }) => act.kind === 'use' && !stories.has(act.lotId)).length;
}
