import { tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import { usualFeed, type Culture } from '@/core/cultures';
import { isAct, lotsTouchedBy, type Act, type Lot } from '@/core/journal';

import { motherOf } from '../culture-lines/registry';

/** Grams by which a rounded weight may miss what is to be kept. */
const SLACK_G = 0.5;

/**
 * A sentence when an act would leave less of a mother than is to be kept, with the feed that mends it; null when not.
 * @param at.before the stock before the act
 * @param at.stock the stock after it
 */
export function refuseOverdraw(at: {
  readonly act: Act;
  readonly before: ReadonlyMap<string, Lot>;
  readonly stock: ReadonlyMap<string, Lot>;
  readonly cultures: readonly Culture[];
  readonly state: ShopState;
}): string | null {
  const { act, before, stock, cultures, state } = at;
  if (!takes(act)) return null;
  for (const lotId of lotsTouchedBy(act)) {
    const jar = stock.get(lotId);
    const culture = motherOf(jar, cultures);
    if (jar === undefined || culture === null || carriesOn(act, culture)) continue;
    const leftG = massOf(jar.composition);
    if (leftG >= culture.keepG - SLACK_G) continue;
    const was = before.get(lotId) ?? jar;
    const wasG = massOf(was.composition);
    const mayG = Math.max(0, Math.floor(wasG - culture.keepG));
    const feed = usualFeed(culture, was.composition, wasG, {
      pantry: state.pantry,
      stepG: state.shop.scaleStepG,
    });
    return (
      tr`${culture.name}: ${Math.round(leftG)} g would stay in the jar, ${Math.round(culture.keepG)} g are to be kept. ` +
      tr`Allowed: up to ${mayG} g. Feed it first: ${Math.round(feed.motherG)} g of it with ${Math.round(feed.flourG)} g flour ` +
      tr`and ${Math.round(feed.waterG)} g water give ${Math.round(feed.totalG)} g. Nothing was stored.`
    );
  }
  return null;
}

const takes = (act: Act) =>
  act.kind === 'make' || act.kind === 'split' || act.kind === 'discard' || act.kind === 'divide';

/** A feed carries its culture on: the old jar may go in whole. */
const carriesOn = (act: Act, culture: Culture) =>
  isAct(act, 'make') && act.cultureId === culture.id;
