import { tr } from '@/words/tr';
import { isAct, type ActOf, type PlannedAct } from '@/core/journal';
import type { ShopState } from '@/shop/state';
import { replaceDraft, withdrawDraft, type EntryDraft } from '../../journal/entries';
import type { Made } from './form';

/** A planned step in which something is made. */
type MakeStep = PlannedAct & { readonly act: ActOf<'make'> };

const plannedMakes = (state: ShopState): MakeStep[] =>
  state.folded.plan.filter((step): step is MakeStep => isAct(step.act, 'make'));

/** The feed that is planned of the same culture from the same jar. */
export function feedOf(
  state: ShopState,
  cultureId: string | null | undefined,
  { portions }: Made,
): MakeStep | undefined {
  return plannedMakes(state).find(
    ({ act }) =>
      act.cultureId === cultureId && act.portions.some(({ lotId }) => lotId === portions[0]?.lotId),
  );
}

/** The planned feeds of a culture taken out; what was to take from them takes from another lot. */
export function feedsReplaced(
  state: ShopState,
  cultureId: string,
  byLotId: string,
): { readonly withdrawn: readonly EntryDraft[]; readonly takenFrom: readonly EntryDraft[] } {
  const makes = plannedMakes(state);
  const replaced = makes.filter(({ act }) => act.cultureId === cultureId);
  const gone = new Set(replaced.map(({ act }) => act.lotId));
  const takenFrom = makes
    .filter(({ act }) => !gone.has(act.lotId))
    .filter(({ act }) => act.portions.some(({ lotId }) => gone.has(lotId)))
    .map((step) => {
      const portions = step.act.portions.map((line) =>
        gone.has(line.lotId) ? { ...line, lotId: byLotId } : line,
      );
      return replaceDraft(step, step.atMs, { ...step.act, portions });
    });
  const reason = tr`Feeds in a row take its place`;
  return {
    withdrawn: replaced.map((step) => withdrawDraft(step, state.nowMs, reason)),
    takenFrom,
  };
}
