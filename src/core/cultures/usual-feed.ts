import { type Composition, type Pantry, totals } from '../composition';
import { feedAmounts, roundedAmounts, type FeedAmounts } from './amounts';
import type { Culture } from './culture';

/**
 * The feed a culture usually gets: the mother that is kept, with its usual flour to a gram of it.
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
  const per = sum.massG > 0 ? sum.flourG / sum.massG : 0.5;
  const other = sum.massG > 0 ? (sum.massG - sum.flourG - sum.waterG) / sum.massG : 0;
  const flourG = motherG * (culture.usualRatio + per);
  const totalG = flourG * (1 + culture.hydration) + motherG * other;
  const amounts = feedAmounts(jar, culture, { motherG, totalG }, shop.pantry);
  return roundedAmounts(amounts, shop.stepG);
}
