import { type ShopState } from '@/shop/state';
import { massOf, portion } from '@/core/composition';
import { shopStories } from '@/core/forecast';
import { isAct, lotMadeBy, lotsTouchedBy, type Act } from '@/core/journal';
import { listPinned } from '@/data';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import type { MoveFacts } from '@/shop/moves/types';
import { shopFacts } from '../facts/shop-facts';
import { mixSpans } from '../plan/background';
import { kitchenOf } from '../plan/facts';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';

/** What moving a step rests on, of the shop as it stands: only lots in sight and those they descend from. */
export function moveFacts(context: ShopContext, state: ShopState): MoveFacts {
  const { lots } = forecastState(context, state);
  const inSight = (lotId: string) => lots.has(lotId);
  const compositions = shopStories(state.folded, state.nowMs);
  const bakes = bakesInSight(context).filter((bake) =>
    state.folded.plan.some((step) => step.bakeId === bake.id),
  );
  return {
    ...shopFacts(context, state),
    folded: {
      done: state.folded.done
        .filter(({ act }) => {
          const made = lotMadeBy(act);
          return made === null ? lotsTouchedBy(act).some(inSight) : inSight(made);
        })
        .map((one) => ({ ...one, act: withoutForebears(one.act, inSight, compositions) })),
      plan: state.folded.plan,
    },
    bakes,
    kitchen: kitchenOf(context, state),
    mixSpans: mixSpans(context, state, new Set(bakes.map((bake) => bake.id))),
    pinned: [...listPinned(context.db)],
  };
}

/** An act with what it took from lots out of sight told as what was in them: as many generations back it is all the same. */
function withoutForebears(
  act: Act,
  inSight: (lotId: string) => boolean,
  stories: ReturnType<typeof shopStories>,
): Act {
  if (!isAct(act, 'make') || act.portions.every((line) => inSight(line.lotId))) return act;
  const weighed = act.portions
    .filter((line) => !inSight(line.lotId))
    .flatMap((line) => {
      const composition = stories.get(line.lotId)?.lot.composition ?? {};
      const taken = portion(composition, Math.min(massOf(composition), line.massG)).taken;
      return Object.entries(taken).map(([ingredientId, massG]) => ({ ingredientId, massG }));
    });
  return {
    ...act,
    ingredients: [...act.ingredients, ...weighed],
    portions: act.portions.filter((line) => inSight(line.lotId)),
  };
}

/** The same for the page, asked for when a drag begins. */
export function readMoveFacts(context: ShopContext): MoveFacts {
  return moveFacts(context, loadShop(context));
}
