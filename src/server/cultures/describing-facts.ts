import { floursIn, type NamedFlour } from '@/shop/facts';
import type { Culture, CultureKind } from '@/core/cultures';
import { unitsOf, type ShopUnits } from '@/core/units';
import { placesNow, type Of, type PlaceNow } from './rows/of';

/** What describing a culture chooses from. */
export interface DescribingFacts {
  /** Null for a new one. */
  readonly culture: Culture | null;
  readonly kind: CultureKind;
  readonly nowMs: number;
  readonly units: ShopUnits;
  readonly flours: readonly NamedFlour[];
  readonly places: readonly PlaceNow[];
  readonly discardJars: readonly { readonly id: string; readonly name: string }[];
}

/** The shop as a culture’s form needs it. */
export function describingFacts(
  of: Of,
  culture: Culture | null,
  kind: CultureKind,
): DescribingFacts {
  const { state, cultures } = of;
  const { shop } = state;
  return {
    culture,
    kind,
    nowMs: state.nowMs,
    units: unitsOf(shop),
    flours: floursIn(state.pantry),
    places: placesNow(of),
    discardJars: cultures
      .filter((one) => one.kind === 'discard' && one.retiredMs === null)
      .map(({ id, name }) => ({ id, name })),
  };
}
