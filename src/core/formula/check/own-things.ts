import type { OwnThing } from './thing-of-line';

export type { OwnThing };

/** A name that is shorter is no name to look for in a text. */
const SHORTEST = 3;
/** Grams of a millilitre of flour and of a starter, and their doubt. Set, as of flours and starters that have no name. */
const DENSITY = { flour: [0.53, 0.13], starter: [0.95, 0.3] } as const;

/** Flours and cultures of a shop as things that a recipe may name. */
export function ownThings(shop: {
  readonly flours: readonly { readonly id: string; readonly name: string }[];
  readonly cultures: readonly {
    readonly id: string;
    readonly name: string;
    /** Water over flour. */
    readonly hydration: number;
  }[];
}): OwnThing[] {
  const flours = shop.flours.map(({ id, name }): OwnThing => {
    const [density, densityDoubt] = DENSITY.flour;
    return { word: wordOf(name), thing: { id, name, kind: 'flour', density, densityDoubt } };
  });
  const cultures = shop.cultures.map(({ id, name, hydration }): OwnThing => {
    const [density, densityDoubt] = DENSITY.starter;
    const what = { id: 'starter', name, kind: 'leaven', leaven: 'starter', cultureId: id } as const;
    return { word: wordOf(name), thing: { ...what, density, densityDoubt, hydration } };
  });
  return [...cultures, ...flours].filter(({ word }) => word.length >= SHORTEST);
}

const wordOf = (name: string) => name.toLowerCase().trim();
