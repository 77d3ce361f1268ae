import { lotMadeBy, lotsTouchedBy } from '@/core/journal';
import { listBakes } from '@/data';
import type { ShopContext } from './context';
import type { MoveFacts } from './move-plan';
import { planningFacts } from './new-bake';
import { forecastState, loadShop, type ShopState } from './shop-state';

/** What moving a step rests on, of the shop as it stands: only lots in sight and those they descend from. */
export function moveFacts(context: ShopContext, state: ShopState): MoveFacts {
  const { lots } = forecastState(context, state);
  const inSight = (lotId: string) => lots.has(lotId);
  return {
    folded: {
      done: state.folded.done.filter(({ act }) => {
        const made = lotMadeBy(act);
        return made === null ? lotsTouchedBy(act).some(inSight) : inSight(made);
      }),
      plan: state.folded.plan,
    },
    bakes: listBakes(context.db).filter((bake) =>
      state.folded.plan.some((step) => step.bakeId === bake.id),
    ),
    planning: planningFacts(context, state),
  };
}

/** The same for the page, asked for when a drag begins. */
export function readMoveFacts(context: ShopContext): MoveFacts {
  return moveFacts(context, loadShop(context));
}
