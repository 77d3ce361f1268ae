import { type DoughFacts } from '@/shop/doughs/facts';
import type { Method } from '@/core/methods';
import { unitsOf, type ShopUnits } from '@/core/units';
import type { ShopContext } from '../context';
import { doughFacts } from '../doughs/facts';
import { demandMethods } from '../doughs/demand-methods';
import { loadShop } from '../shop/load-shop';

/** What a whole dough can be run from: the shop’s methods and what they rest on. */
export interface WholeDoughView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly methods: readonly {
    readonly key: string;
    readonly name: string;
    readonly method: Method;
  }[];
  readonly facts: DoughFacts;
}

/** The shop’s methods for the bench on which a whole dough is run. Nothing of it is stored. */
export function wholeDoughView(context: ShopContext): WholeDoughView {
  const state = loadShop(context);
  const { shop, nowMs } = state;
  const facts = doughFacts(context, state);
  return {
    units: unitsOf(shop),
    nowMs,
    methods: demandMethods(context, state, facts).all.map(({ key, method }) => ({
      key,
      name: method.name,
      method,
    })),
    facts,
  };
}
