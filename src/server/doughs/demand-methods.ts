import { sourceFor, type DoughFacts } from '@/shop/doughs/facts';
import { methodsFor } from '@/shop/plan/methods-for';
import type { DemandRow } from '@/shop/kept/demand';
import type { ShopState } from '@/shop/state';
import type { DemandMethod } from '@/core/planner/week';
import type { ShopContext } from '../context';
import { methodRows, type MethodRow } from './methods';
import { standIns } from './stand-ins';

/** What services can be planned with. */
export interface DemandMethods {
  /** Every method whose cultures the shop has; a starting one only while none of the shop’s own stands for it. */
  readonly all: readonly DemandMethod[];
  /** A demand that names what the shop has: its own method where it was asked for with the starting one that it stands for. */
  readonly naming: <One extends Pick<DemandRow, 'methods'>>(demand: One) => One;
  /** The methods that will do for a demand: those it names, else all. */
  readonly of: (demand: Pick<DemandRow, 'methods'>) => readonly DemandMethod[];
}

/** The methods of the shop, as services are planned with them. */
export function demandMethods(
  context: ShopContext,
  state: ShopState,
  dough: Pick<DoughFacts, 'sources'>,
): DemandMethods {
  const rows = methodRows(context, state);
  const own = standIns(rows);
  const all = rows
    .filter((row) => !own.has(row.id) && hasSources(row, dough))
    .map(({ id, versionId, method }) => ({ key: id, versionId, method }));
  const names = ({ methods }: Pick<DemandRow, 'methods'>) =>
    methods.map((key) => own.get(key) ?? key);
  return {
    all,
    naming: (demand) => ({ ...demand, methods: names(demand) }),
    of: (demand) => methodsFor(names(demand), all),
  };
}

function hasSources({ method }: MethodRow, { sources }: Pick<DoughFacts, 'sources'>): boolean {
  return method.dough.leavens.every(
    (leaven) => leaven.made.by === 'yeast' || sourceFor(leaven, sources) !== null,
  );
}
