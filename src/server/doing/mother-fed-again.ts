import type { ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import { leavenAimC, usualFeed, type Culture } from '@/core/cultures';
import { isAct, isUsedUp, lotsTouchedBy, type ActOf, type Lot } from '@/core/journal';
import type { ShopContext } from '../context';
import type { EntryDraft } from '../journal/entries';
import { nextCode } from '../journal/lot-codes';

import type { DoneAt } from './after-feeding';
import { motherOf } from '../culture-lines/registry';

/** A mother that was taken from is to be fed again: planned by itself, due at once, until it is done. */
export function motherFedAgain(context: ShopContext, state: ShopState, at: DoneAt): EntryDraft[] {
  const { act, stock, atMs, cultures } = at;
  if (!isAct(act, 'make')) return [];
  return act.portions.flatMap((line): EntryDraft[] => {
    const jar = stock.get(line.lotId);
    const culture = motherOf(jar, cultures);
    if (jar === undefined || culture === null || act.cultureId === culture.id) return [];
    if (isUsedUp(jar) || isToBeFed(state, jar)) return [];
    const body = feedAct({ culture, jar, state, atMs }, nextCode(context, state, 'starter', atMs));
    return [{ atMs, tense: 'planned', body }];
  });
}

/** True when a feed of this jar is planned already. */
export function isToBeFed(state: ShopState, jar: Lot): boolean {
  return state.folded.plan.some(
    ({ act }) =>
      isAct(act, 'make') && act.cultureId === jar.cultureId && lotsTouchedBy(act).includes(jar.id),
  );
}

/** The usual feed of a culture as an act. */
export function feedAct(
  of: {
    readonly culture: Culture;
    /** What the feed is made from. */
    readonly jar: Pick<Lot, 'id' | 'composition'>;
    readonly state: ShopState;
    readonly atMs: number;
  },
  lotId: string,
): ActOf<'make'> {
  const { culture, jar, state, atMs } = of;
  const amounts = usualFeed(culture, jar.composition, massOf(jar.composition), {
    pantry: state.pantry,
    stepG: state.shop.scaleStepG,
  });
  return {
    kind: 'make',
    lotId,
    lotKind: culture.kind === 'stiff starter' ? 'stiff starter' : 'starter',
    name: culture.name,
    cultureId: culture.id,
    ingredients: [...amounts.flours, { ingredientId: 'water', massG: amounts.waterG }].filter(
      (line) => line.massG > 0,
    ),
    portions: [{ lotId: jar.id, massG: amounts.motherG }],
    placeId: culture.placeId,
    startC: leavenAimC(state.placeMap, culture.placeId, atMs),
    gasKept: 0,
  };
}
