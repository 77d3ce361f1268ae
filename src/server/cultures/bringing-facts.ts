import { describingFacts, type DescribingFacts } from './describing-facts';
import { BROUGHT, type BroughtWhat } from '@/core/cultures';
import type { Of } from './rows/of';

/** What bringing something in chooses from. */
export interface BringingFacts extends Omit<DescribingFacts, 'culture' | 'kind'> {
  readonly what: BroughtWhat;
  /** Chains of carry-over that leftover dough can belong to. */
  readonly chains: readonly { readonly id: string; readonly name: string }[];
}

/** The shop as the form of something brought in needs it: a starter, where the path says nothing else. */
export function bringingFacts(of: Of, path: string | undefined): BringingFacts {
  const { flours, places, discardJars, nowMs, units } = describingFacts(of, null, 'liquid starter');
  return {
    what: BROUGHT.find((one) => one === path) ?? 'starter',
    nowMs,
    units,
    flours,
    places,
    discardJars,
    chains: of.cultures
      .filter((one) => one.kind === 'carry-over' && one.retiredMs === null)
      .map(({ id, name }) => ({ id, name })),
  };
}
