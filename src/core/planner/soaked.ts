import type { Pantry } from '../composition';
import { placeTempC, type Places } from '../forecast';
import { WATER } from '../formula';
import type { ActOf } from '../journal';
import type { Method } from '../methods';
import { soakBefore } from '../mixing';
import type { BakeStep } from './bake-step';

/** What a soak is reckoned with. */
export interface SoakFacts {
  readonly places: Places;
  readonly pantry: Pantry;
}

/** A mixing warms a dough so much a minute, °C: by a machine and by hand. Source: the trade’s 5 to 8° in ten minutes; set. */
const WARMS_C_PER_MIN = { mixer: 0.6, hand: 0.1 } as const;

/**
 * A mix whose flour and water soak before it: the step that brings them together, all but what is held back, and the mix with
 * the temperature that it comes to from theirs. The mix as it is where a method has no such soak.
 */
export function soakedFor(
  mix: ActOf<'make'>,
  method: Method,
  mixAtMs: number,
  facts: SoakFacts,
): { readonly steps: BakeStep[]; readonly mix: ActOf<'make'> } {
  const soak = soakBefore(method.mix, mixAtMs);
  if (soak === null) return { steps: [], mix };
  const { pantry, places } = facts;
  const flours = mix.ingredients.filter((one) => pantry.get(one.ingredientId)?.kind === 'flour');
  const flourG = flours.reduce((sum, one) => sum + one.massG, 0);
  const allG = mix.ingredients.find((one) => one.ingredientId === WATER)?.massG ?? 0;
  const wantedG = Math.round(10 * (allG - method.mix.heldBackShare * flourG)) / 10;
  // All of it, where next to nothing would be held back.
  const waterG = allG - wantedG < LEAST_HELD_G ? allG : Math.max(0, wantedG);
  if (flourG <= 0 || waterG <= 0) return { steps: [], mix };
  const ingredients = [...flours, { ingredientId: WATER, massG: waterG }];
  const startC = comesToC(mix, method, {
    soakedG: flourG + waterG,
    soakC: placeTempC(places, soak.placeId, mixAtMs),
    roomC: placeTempC(places, mix.placeId, mixAtMs),
  });
  return {
    steps: [
      {
        atMs: soak.atMs,
        act: {
          kind: 'soak',
          name: mix.name,
          ingredients,
          placeId: soak.placeId,
          minutes: soak.handsMin,
        },
        of: { kind: 'soak' },
      },
    ],
    mix: { ...mix, startC, soaked: { placeId: soak.placeId, waterG } },
  };
}

/** What a dough comes to out of the bowl, °C: what soaked as warm as its place, the rest as a room, and what mixing adds. */
function comesToC(
  mix: ActOf<'make'>,
  { mix: { steps, by } }: Method,
  at: { readonly soakedG: number; readonly soakC: number; readonly roomC: number },
): number {
  const { soakedG, soakC, roomC } = at;
  const wholeG = [...mix.ingredients, ...mix.portions].reduce((sum, one) => sum + one.massG, 0);
  const turnsMin = steps
    .slice(1)
    .filter((one) => one.speed !== 'rest')
    .reduce((sum, one) => sum + one.minutes, 0);
  const share = Math.min(1, soakedG / wholeG);
  const mixedC = share * soakC + (1 - share) * roomC + WARMS_C_PER_MIN[by] * turnsMin;
  return Math.round(10 * Math.min(LIMIT_C, mixedC)) / 10;
}
/** Less water than this is not held back, g. */
const LEAST_HELD_G = 0.5;
/** No dough is mixed on beyond this, °C. */
const LIMIT_C = 32;
