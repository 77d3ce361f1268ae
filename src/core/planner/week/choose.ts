import { brokenByNeeds } from './broken';
import type { Kitchen } from './kitchen';
import { joinedNeeds, type Needs } from './needs';

/** Something that may be chosen for a demand: what it costs and what it takes. */
export interface Option {
  readonly points: number;
  readonly needs: Needs;
}

/** A choice of one option for each demand. */
export interface Choice<T extends Option> {
  /** In the order of the demands; null where none could be had. */
  readonly chosen: readonly (T | null)[];
  readonly points: number;
  /** No choice can be better than this, points. */
  readonly bound: number;
  /** True where nothing better is left untried. */
  readonly proved: boolean;
  readonly looked: number;
}

/** A demand without a plan costs more than the worst plan. */
export const UNMET_POINTS = 400;
/** Nodes looked at before the best so far is taken: a cap and not a clock, so that the same question has the same answer. */
const MOST_NODES = 4000;

/**
 * The best choice of one option for each demand that fits the shop together: branch and bound, demands with the fewest
 * options first, the cheapest options first. A demand may stay unmet at {@link UNMET_POINTS}.
 */
export function chooseBest<T extends Option>(
  demands: readonly (readonly T[])[],
  shop: { readonly kitchen: Kitchen; readonly background: Needs },
  most = MOST_NODES,
): Choice<T> {
  const order = demands
    .map((options, index) => ({
      index,
      options: [...options].sort((a, b) => a.points - b.points),
    }))
    .sort((a, b) => a.options.length - b.options.length || a.index - b.index);
  const least = order.map(({ options }) => Math.min(UNMET_POINTS, options[0]?.points ?? Infinity));
  const restFrom = least.map((_, i) => least.slice(i).reduce((sum, one) => sum + one, 0));
  const bound = restFrom[0] ?? 0;
  let best: { points: number; chosen: (T | null)[] } = { points: Infinity, chosen: [] };
  let looked = 0;
  const visit = (depth: number, chosen: (T | null)[], points: number): void => {
    if (looked >= most) return;
    looked += 1;
    const level = order[depth];
    if (level === undefined) {
      if (points < best.points) best = { points, chosen };
      return;
    }
    const rest = restFrom[depth + 1] ?? 0;
    for (const option of [...level.options, null]) {
      const cost = option === null ? UNMET_POINTS : option.points;
      if (points + cost + rest >= best.points - 1e-9) break;
      if (option !== null && !fits([...chosen, option], shop)) continue;
      visit(depth + 1, [...chosen, option], points + cost);
    }
  };
  visit(0, [], 0);
  const chosen = demands.map((_, index) => {
    const at = order.findIndex((one) => one.index === index);
    return best.chosen[at] ?? null;
  });
  return { chosen, points: best.points, bound, proved: looked < most, looked };
}

/** True where what is chosen takes no more of the shop than there is. */
export function fits(
  chosen: readonly (Option | null)[],
  { kitchen, background }: { readonly kitchen: Kitchen; readonly background: Needs },
): boolean {
  const needs = chosen.flatMap((one) => (one === null ? [] : [one.needs]));
  return brokenByNeeds(joinedNeeds([background, ...needs]), kitchen).length === 0;
}
