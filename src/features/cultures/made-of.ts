import type { FeedSheet } from '@/core/cultures';
import type { ActOf } from '@/core/journal';

/** A feed of a jar, as a wish writes it; of no jar: of what is made before it in the same wish. */
export const feedMade = ({ motherG, flours, waterG }: FeedSheet['amounts'], lotId?: string) => ({
  ingredients: [
    ...flours.map(({ ingredientId, massG }) => ({ ingredientId, massG })),
    { ingredientId: 'water', massG: waterG },
  ],
  portions: [{ lotId: lotId ?? null, massG: motherG }],
});

/** A mix that was worked out, as a wish writes it. */
export const mixMade = ({ ingredients, portions, placeId, startC }: ActOf<'make'>) => ({
  ingredients,
  portions,
  placeId,
  startC,
});
