import type { ShopState } from '@/shop/state';
import { isStarter } from '@/core/cultures';
import { isAct } from '@/core/journal';
import { addHours } from '@/core/units';
import type { ShopContext } from '../context';
import { culturesOf, currentJar, stockOf } from '../culture-lines/registry';

/** The first feed of a culture that its rhythm asks for and nobody has planned. */
export interface FeedWanted {
  readonly cultureId: string;
  readonly name: string;
  readonly atMs: number;
}

/** Cultures that a plan up to an instant leaves unfed: after what is planned of each, its rhythm goes on. */
export function feedsWanted(context: ShopContext, state: ShopState, untilMs: number): FeedWanted[] {
  const stock = stockOf(context, state);
  return culturesOf(context, state)
    .filter((culture) => culture.retiredMs === null && isStarter(culture))
    .flatMap((culture): FeedWanted[] => {
      const jar = currentJar(stock, culture.id);
      const planned = state.folded.plan.filter(
        ({ act }) => isAct(act, 'make') && act.cultureId === culture.id,
      );
      const lastMs = Math.max(jar?.madeAtMs ?? -Infinity, ...planned.map((one) => one.atMs));
      if (!Number.isFinite(lastMs)) return [];
      const atMs = Math.max(state.nowMs, addHours(lastMs, culture.everyH));
      return atMs > untilMs ? [] : [{ cultureId: culture.id, name: culture.name, atMs }];
    })
    .sort((a, b) => a.atMs - b.atMs);
}
