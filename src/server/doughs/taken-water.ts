import type { ShopState } from '@/shop/state';
import { totals } from '@/core/composition';
import type { TakenWater } from '@/core/flour';
import { isAct, type ActOf } from '@/core/journal';
import type { ShopContext } from '../context';
import { journalEntries } from '../journal/journal-memory';

/** Mixes of the past that count, at the most. */
const MOST_MIXES = 12;

/**
 * What the last doughs were planned to take of water and what they really took: the plan of the step against what was
 * weighed in and added by feel. Leavens bring the same either way and are left out.
 */
export function takenWater(context: ShopContext, state: ShopState): TakenWater[] {
  const plans = new Map<string, ActOf<'make'>>();
  for (const entry of journalEntries(context)) {
    const act = entry.body.kind === 'replace' ? entry.body.act : entry.body;
    const ref = entry.body.kind === 'replace' ? entry.body.supersedes : entry.id;
    if (act.kind === 'make' && entry.tense === 'planned') plans.set(ref, act);
  }
  const { done } = state.folded;
  const mixes = done.filter((one) => isAct(one.act, 'make') && one.act.lotKind === 'dough');
  return mixes.slice(-MOST_MIXES).flatMap((one): TakenWater[] => {
    const planned = one.fulfils === null ? undefined : plans.get(one.fulfils);
    if (planned === undefined || !isAct(one.act, 'make')) return [];
    const { lotId } = one.act;
    const added = done.flatMap(({ act }) =>
      isAct(act, 'add') && act.lotId === lotId ? act.ingredients : [],
    );
    const really = waterOverFlour([...one.act.ingredients, ...added], state);
    const meant = waterOverFlour(planned.ingredients, state);
    if (really === null || meant === null) return [];
    return [{ atMs: one.atMs, plannedHydration: meant, takenHydration: really }];
  });
}

function waterOverFlour(
  lines: readonly { readonly ingredientId: string; readonly massG: number }[],
  state: ShopState,
): number | null {
  const grams: Record<string, number> = {};
  for (const { ingredientId, massG } of lines) {
    grams[ingredientId] = (grams[ingredientId] ?? 0) + massG;
  }
  const { flourG, waterG } = totals(grams, state.pantry);
  return flourG > 0 ? waterG / flourG : null;
}
