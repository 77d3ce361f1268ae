import type { ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import type { Culture } from '@/core/cultures';
import { isAct, isUsedUp, type Act, type Lot } from '@/core/journal';
import type { ShopContext } from '../context';
import type { EntryDraft } from '../journal/entries';
import { nextCode } from '../journal/lot-codes';

/** Something done, and the stock after it. */
export interface DoneAt {
  readonly act: Act;
  readonly stock: ReadonlyMap<string, Lot>;
  readonly atMs: number;
  readonly cultures: readonly Culture[];
}

/** What a feeding leaves of the old jar goes into the culture's discard jar, or away when it has none. */
export function afterFeeding(context: ShopContext, state: ShopState, at: DoneAt): EntryDraft[] {
  const { act, stock, atMs, cultures } = at;
  if (!isAct(act, 'make') || act.cultureId === undefined) return [];
  return act.portions.flatMap((line): EntryDraft[] => {
    const mother = stock.get(line.lotId);
    if (mother === undefined || mother.part || mother.cultureId !== act.cultureId) return [];
    // What sticks to the jar is no layer.
    if (isUsedUp(mother)) return [];
    const massG = massOf(mother.composition);
    const collector = cultures.find(
      (one) => one.id === cultures.find((its) => its.id === act.cultureId)?.discardTo,
    );
    const body: EntryDraft['body'] =
      collector === undefined || collector.retiredMs !== null
        ? { kind: 'discard', lotId: line.lotId, massG }
        : {
            kind: 'split',
            lotId: line.lotId,
            partLotId: nextCode(context, state, 'discard', atMs),
            name: collector.name,
            lotKind: 'discard',
            cultureId: collector.id,
            massG,
            placeId: collector.placeId,
          };
    return [{ atMs, tense: 'done', body }];
  });
}
