import { sourceFor, type DoughFacts } from '@/shop/doughs/facts';
import { methodsFor } from '@/shop/plan/methods-for';
import type { DemandRow } from '@/shop/kept/demand';
import type { ShopState } from '@/shop/state';
import type { DemandMethod } from '@/core/planner/week';
import type { ShopContext } from '../context';
import { methodRows, type MethodRow } from './methods';
import { standIns } from './stand-ins';

/** The methods that can be planned: those whose cultures the shop has, a starting one only while none of its own stands for it. */
export function plannableMethods(
  context: ShopContext,
  state: ShopState,
  about: {
    readonly dough: Pick<DoughFacts, 'sources'>;
    /** The methods of the shop where they are at hand. */
    readonly rows?: readonly MethodRow[];
  },
): DemandMethod[] {
  const rows = about.rows ?? methodRows(context, state);
  const taken = standIns(rows);
  return rows
    .filter((row) => !taken.has(row.id) && hasSources(row, about.dough))
    .map(({ id, versionId, method }) => ({ key: id, versionId, method }));
}

/** Demands that name what the shop has: its own method where they were asked for with the starting one that it stands for. */
export function namingOwn<One extends Pick<DemandRow, 'methods'>>(
  demands: readonly One[],
  rows: readonly MethodRow[],
): One[] {
  const own = standIns(rows);
  return demands.map((one) => ({ ...one, methods: one.methods.map((key) => own.get(key) ?? key) }));
}

/** The methods that will do for a demand: those it names, else every one that can be planned. */
export function demandMethods(
  context: ShopContext,
  state: ShopState,
  about: {
    readonly demand: Pick<DemandRow, 'methods'>;
    readonly dough: Pick<DoughFacts, 'sources'>;
    readonly rows?: readonly MethodRow[];
  },
): readonly DemandMethod[] {
  const rows = about.rows ?? methodRows(context, state);
  const [demand] = namingOwn([about.demand], rows);
  return methodsFor(demand?.methods ?? [], plannableMethods(context, state, { ...about, rows }));
}

function hasSources({ method }: MethodRow, { sources }: Pick<DoughFacts, 'sources'>): boolean {
  return method.dough.leavens.every(
    (leaven) => leaven.made.by === 'yeast' || sourceFor(leaven, sources) !== null,
  );
}
