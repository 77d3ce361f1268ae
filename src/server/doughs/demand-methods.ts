import { sourceFor, type DoughFacts } from '@/shop/doughs/facts';
import type { DemandRow } from '@/shop/kept/demand';
import type { ShopState } from '@/shop/state';
import type { DemandMethod } from '@/core/planner/week';
import type { ShopContext } from '../context';
import { methodRows, type MethodRow } from './methods';

/** The methods that will do for a demand: those it names, else every one whose cultures the shop has. */
export function demandMethods(
  context: ShopContext,
  state: ShopState,
  about: {
    readonly demand: Pick<DemandRow, 'methods'>;
    readonly dough: Pick<DoughFacts, 'sources'>;
    /** The methods of the shop where they are at hand. */
    readonly rows?: readonly MethodRow[];
  },
): DemandMethod[] {
  const rows = about.rows ?? methodRows(context, state);
  const { methods } = about.demand;
  const named = rows.filter((row) => methods.includes(row.id));
  const all = named.length > 0 ? named : rows;
  return all
    .filter((row) => hasSources(row, about.dough))
    .map(({ id, versionId, method }) => ({ key: id, versionId, method }));
}

function hasSources({ method }: MethodRow, { sources }: Pick<DoughFacts, 'sources'>): boolean {
  return method.dough.leavens.every(
    (leaven) => leaven.made.by === 'yeast' || sourceFor(leaven, sources) !== null,
  );
}
