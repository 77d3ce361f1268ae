import { word } from '@/words/tr';

/** Grams per cm² of round pizza by how it is meant to be. Source: the trade’s 0.30–0.45 g per cm². */
export const ROUND_STYLES = {
  thin: 0.32,
  middling: 0.37,
  'high rim': 0.43,
} as const;
export type RoundStyle = keyof typeof ROUND_STYLES;

/** What the sizes of pieces may be. */
export const SIZE_RULES = {
  diameter: { name: word('Diameter'), unit: 'cm', min: 10, max: 100 },
  side: { name: word('Side of the tray'), unit: 'cm', min: 5, max: 200 },
} as const;
