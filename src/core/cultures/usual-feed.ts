import type { Composition, Pantry } from '../composition';
import { totals } from '../composition';
import { feedAmounts, roundedAmounts, type FeedAmounts } from './amounts';
import type { Culture } from './culture';

/**
 * The feed a culture usually gets: the mother that is kept, with its usual flour to each gram of the mother's flour.
 * @param thereG what is in the jar, g; less than the mother to keep makes a smaller feed
 * @throws {DomainError} mother-empty, hydration-range
 */
export function usualFeed(
  culture: Culture,
  jar: Composition,
  thereG: number,
  shop: { readonly pantry: Pantry; readonly stepG: number },
): FeedAmounts {
  const motherG = Math.min(thereG, culture.keepG);
  const sum = totals(jar, shop.pantry);
  const motherFlourG = sum.massG > 0 ? (motherG * sum.flourG) / sum.massG : motherG / 2;
  const flourG = motherFlourG * (1 + culture.usualRatio);
  const totalG = flourG * (1 + culture.hydration) + otherG(motherG, jar, shop.pantry);
  const amounts = feedAmounts(jar, culture, { motherG, totalG }, shop.pantry);
  return roundedAmounts(amounts, shop.stepG);
}

/** What of a mother is neither flour nor water, g. */
function otherG(motherG: number, jar: Composition, pantry: Pantry): number {
  const sum = totals(jar, pantry);
  return sum.massG > 0 ? (motherG * (sum.massG - sum.flourG - sum.waterG)) / sum.massG : 0;
}
