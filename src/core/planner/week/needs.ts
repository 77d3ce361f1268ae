/** A moment that takes hands. */
export interface HandsNeed {
  readonly what: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly demandId: string;
  /** Who does it; null while nobody is named. */
  readonly who: string | null;
  /** Done moments and those the baker pinned are not given to somebody else. */
  readonly fixed?: boolean;
  /** Of what it is a part: whoever serves moves boxes of balls beside it. */
  readonly part?: 'service' | 'boxes' | 'mix' | 'oven';
}

/** Litres of a place. */
export interface PlaceNeed {
  readonly placeId: string;
  readonly what: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly litres: number;
  readonly demandId: string;
}

/** A thing that others can not use meanwhile: a mixer (1), boxes (by their balls), ovens (pizzas an hour). */
export interface ThingNeed {
  readonly thing: 'mixer' | 'boxes' | 'oven';
  readonly fromMs: number;
  readonly toMs: number;
  readonly amount: number;
  readonly demandId: string;
}

/** Grams taken of a jar of a culture: the one that stands, or one that a planned feed gives. */
export interface CultureNeed {
  readonly jarId: string;
  readonly name: string;
  readonly massG: number;
  readonly thereG: number;
  readonly demandId: string;
}

/** Everything that a plan takes of the shop. */
export interface Needs {
  readonly hands: readonly HandsNeed[];
  readonly places: readonly PlaceNeed[];
  readonly things: readonly ThingNeed[];
  readonly cultures: readonly CultureNeed[];
}

export const NO_NEEDS: Needs = { hands: [], places: [], things: [], cultures: [] };

/** Needs of several plans together. */
export function joinedNeeds(all: readonly Needs[]): Needs {
  return {
    hands: all.flatMap((one) => one.hands),
    places: all.flatMap((one) => one.places),
    things: all.flatMap((one) => one.things),
    cultures: all.flatMap((one) => one.cultures),
  };
}
