import { runBaked, standing, type Baked, type BakedRun, type BakedShop } from './baked';
import { swapped } from './swap';
import { THINGS, type Thing } from './things';

/** One thing about two bakes, with how much of the difference in outcome it makes. */
export interface Difference {
  readonly thing: Thing;
  readonly values: readonly (number | null)[];
  /** Where it is right as a rule, of the first bake. */
  readonly right: readonly [low: number, high: number] | null;
  /**
   * Its share of what all differing things move the last pizza by, 0–1; null for what can not be run by itself, and for
   * what is the same.
   */
  readonly explains: number | null;
}

/** What differed between bakes, the most telling first, and what was the same. */
export interface Explained {
  readonly differed: readonly Difference[];
  readonly same: readonly Difference[];
  /** Where the last pizza stood in the window of each bake, see {@link standing}. */
  readonly standings: readonly { readonly first: number; readonly last: number }[];
}

/**
 * What differed between bakes. The first is run again with each single thing of the second in its place; how far the
 * last pizza then stands from where it stood is what that thing explains.
 * @param runs the bakes as they were, with their looks, two to four
 */
export function explain(runs: readonly BakedRun[], shop: BakedShop): Explained {
  const [a, b] = runs;
  if (a === undefined || b === undefined) return { differed: [], same: [], standings: [] };
  const rows = THINGS.map((thing) => ({
    thing,
    values: runs.map((run) => thing.of(run, shop)),
    right: thing.right(a),
  }));
  const differs = rows.filter(({ thing, values }) => isApart(values, thing.within));
  const moved = new Map(
    differs.map(({ thing, values }) => [
      thing.key,
      movedBy(a.baked, shop, { thing, from: values[0] ?? null, to: values[1] ?? null }),
    ]),
  );
  const all = [...moved.values()].reduce((sum: number, one) => sum + (one ?? 0), 0);
  const differed = differs
    .map((row): Difference => {
      const by = moved.get(row.thing.key) ?? null;
      return { ...row, explains: by === null || all <= 0 ? null : by / all };
    })
    .sort((one, other) => (other.explains ?? -1) - (one.explains ?? -1));
  return {
    differed,
    same: rows.filter((row) => !differs.includes(row)).map((row) => ({ ...row, explains: null })),
    standings: runs.map(({ baked, first, last }) => ({
      first: standing(first, baked.servedFromMs),
      last: standing(last, baked.servedToMs),
    })),
  };
}

function isApart(values: readonly (number | null)[], within: number): boolean {
  const known = values.filter((one) => one !== null);
  return known.length > 1 && Math.max(...known) - Math.min(...known) > within;
}

/** How far the last pizza moves in its window with one thing otherwise; null where that can not be run. */
function movedBy(
  baked: Baked,
  shop: BakedShop,
  change: { readonly thing: Thing; readonly from: number | null; readonly to: number | null },
): number | null {
  const { thing, from, to } = change;
  if (from === null || to === null) return null;
  const other = swapped({ baked, shop }, thing.key, from, to);
  if (other === null) return null;
  const how = { withLooks: false, withBands: false };
  const before = runBaked(baked, shop, how);
  const after = runBaked(other.baked, other.shop, how);
  if (before === null || after === null) return null;
  const at = (run: BakedRun) => standing(run.last, run.baked.servedToMs);
  return Math.abs(at(after) - at(before));
}
