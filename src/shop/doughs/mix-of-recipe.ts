import { tr } from '@/words/tr';
import type { RecipeAsDough, RecipeStages } from '@/core/formula/check';
import type { Method } from '@/core/methods';
import type { DoughFacts } from './facts';
import { stayOf } from './stay-of-recipe';

const MIX_NAMES = {
  get slow() {
    return tr`Mix`;
  },
  get fast() {
    return tr`Develop`;
  },
  get hand() {
    return tr`Knead`;
  },
  get rest() {
    return tr`Rest`;
  },
} as const;
const MOST_MIXING = 8;

/** How it is mixed, as far as the recipe says it. */
export function mixOf(
  stages: RecipeStages,
  made: RecipeAsDough,
  base: Method,
  facts: DoughFacts,
): Method['mix'] {
  const { autolyseMin, mix, folds } = stages;
  const steps = mix.map((one) => ({ ...one, name: MIX_NAMES[one.speed] })).slice(0, MOST_MIXING);
  const placeId =
    stages.autolyseWhere === null
      ? (base.bulk[0]?.placeId ?? '')
      : stayOf({ where: stages.autolyseWhere, leastH: 1, mostH: 1, from: '' }, facts).placeId;
  return {
    ...base.mix,
    by: steps.some(({ speed }) => speed === 'hand') ? 'hand' : base.mix.by,
    autolyse: autolyseMin === null ? null : { minutes: autolyseMin, placeId },
    heldBackShare: made.heldBackShare,
    steps: steps.some(({ speed }) => speed !== 'rest') ? steps : base.mix.steps,
    folds: folds ?? base.mix.folds,
  };
}

/** The oven heated before the service, as the recipe says. */
export const heated = (minutes: number): Method['moments'][number] => ({
  name: tr`Heat the oven`,
  from: 'service',
  afterMin: -minutes,
  handsMin: 2,
  work: null,
});
