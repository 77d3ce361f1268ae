import { tr } from '@/words/tr';
import { DomainError } from '../../units';
import type { Dough, Leaven } from '../dough';
import { usualLeaven } from '../leaven-kinds';
import type { RecipeCheck } from './check';
import { yeastTypeOf } from './contents';
import { freshOf, leavenOfPart, type Weighed } from './leaven-of-part';
import type { RecipeLine } from './recipe-line';

/** A checked recipe as a dough, with what was put in place of what the shop has not. */
export interface RecipeAsDough {
  readonly dough: Dough;
  readonly flourG: number;
  /** Flours of the recipe and what stands for them. */
  readonly replaced: readonly { readonly name: string; readonly flourId: string }[];
  /** Water that is held back, over flour. */
  readonly heldBackShare: number;
  /** What of the recipe a dough can not hold, in words. */
  readonly notKept: readonly string[];
}

/** How a flour of a recipe is found in the shop: by its id, or the nearest by what it is. */
export type FlourMatch = (recipeFlourId: string) => string;

type Counting = Extract<RecipeLine, { kind: 'understood' | 'question' | 'percent' }>;

/**
 * Turns a checked recipe into a dough: leavens become leavens with their own flour and water, the rest the whole.
 * @throws {DomainError} recipe-no-flour where nothing with flour was understood
 * @throws {DomainError} recipe-open where lines still wait for an answer
 */
export function doughOfRecipe(check: RecipeCheck, flourOf: FlourMatch): RecipeAsDough {
  const { sums, lines, open } = check;
  if (sums === null) {
    throw new DomainError('recipe-no-flour', tr`Recipe: no flour was understood in it.`, {});
  }
  if (open > 0) {
    throw new DomainError(
      'recipe-open',
      tr`Recipe: ${open} ${open === 1 ? tr`line waits` : tr`lines wait`} for an answer. Allowed: none.`,
      { open },
    );
  }
  const flourG = sums.flourG.value;
  const counted = lines.flatMap((line): { line: Counting; massG: number }[] => {
    const massG = sums.grams.get(line.index);
    return massG === undefined ? [] : [{ line: line as Counting, massG }];
  });
  const things = counted.flatMap(({ line, massG }): Weighed[] =>
    line.thing === null
      ? []
      : [
          {
            ...{ index: line.index, raw: line.raw, massG },
            ...{ thing: line.thing, hydration: line.hydration },
          },
        ],
  );
  const inParts = new Set(check.parts.flatMap((part) => part.lines));
  const final = things.filter(({ index }) => !inParts.has(index));
  const flours = shares(things, flourOf);
  const made = check.parts.map((part, index) => {
    const inIt = things.filter((one) => part.lines.includes(one.index));
    const own = inIt.some(({ thing }) => thing.kind === 'flour') ? shares(inIt, flourOf) : flours;
    return leavenOfPart(part, inIt, {
      id: `leaven-${index + 1}`,
      flourG,
      flours: sameBlend(own, flours) ? null : own,
    });
  });
  const leavens = [
    ...made,
    ...final
      .filter(({ thing }) => thing.kind === 'leaven')
      .map((one, index) => leavenOf(one, made.length + index, flourG)),
  ];
  const heldBackG = final
    .filter(({ thing, raw }) => thing.kind === 'water' && HELD_BACK.test(raw))
    .reduce((all, one) => all + one.massG, 0);
  const finalFreshG = final.reduce((all, one) => all + freshOf(one), 0);
  const yeast = things.find(({ thing }) => thing.kind === 'yeast')?.thing.id ?? 'yeast-fresh';
  const dough: Dough = {
    flours,
    hydration: sums.hydration.value,
    saltShare: sums.saltShare.value,
    oilShare: sums.oilShare.value,
    added: added(final, flourG),
    yeast: {
      type: yeastTypeOf(yeast),
      freshShare: finalFreshG / flourG,
    },
    leavens: leavens.slice(0, 3),
  };
  const replaced = things
    .filter(({ thing }) => thing.kind === 'flour' && flourOf(thing.id) !== thing.id)
    .map(({ thing }) => ({ name: thing.name, flourId: flourOf(thing.id) }));
  return {
    dough,
    flourG,
    replaced: [...new Map(replaced.map((one) => [one.name, one])).values()],
    heldBackShare: Math.min(0.25, heldBackG / flourG),
    notKept: leavens
      .slice(3)
      .map(({ name }) => tr`${name}: a method has three leavens at the most`),
  };
}

/** Water that goes in last. */
const HELD_BACK = /\b(held back|hold(?:ing)? back|reserved?|bassinage|kept back|second water)\b/i;

const sameBlend = (a: Dough['flours'], b: Dough['flours']) =>
  a.length === b.length &&
  a.every((part) =>
    b.some((one) => one.flourId === part.flourId && Math.abs(one.share - part.share) < 1e-6),
  );

function leavenOf({ thing, hydration, massG }: Weighed, index: number, flourG: number): Leaven {
  const kind = thing.leaven ?? 'starter';
  const usual = usualLeaven(kind, `leaven-${index + 1}`);
  const water = hydration ?? thing.hydration ?? usual.hydration;
  const ownFlourG = massG / (1 + water + (thing.saltShare ?? 0));
  const made =
    usual.made.by === 'yeast' ? usual.made : { ...usual.made, cultureId: thing.cultureId ?? null };
  return { ...usual, hydration: water, flourShare: ownFlourG / flourG, made };
}

function shares(things: readonly Weighed[], flourOf: FlourMatch): Dough['flours'] {
  const byId = new Map<string, number>();
  for (const { thing, massG } of things) {
    if (thing.kind !== 'flour') continue;
    const flourId = flourOf(thing.id);
    byId.set(flourId, (byId.get(flourId) ?? 0) + massG);
  }
  const all = [...byId.values()].reduce((a, b) => a + b, 0);
  return [...byId].map(([flourId, massG]) => ({ flourId, share: massG / all }));
}

function added(things: readonly Weighed[], flourG: number): Dough['added'] {
  const byId = new Map<string, number>();
  for (const { thing, massG } of things) {
    if (!['sugar', 'liquid', 'extra'].includes(thing.kind)) continue;
    byId.set(thing.id, (byId.get(thing.id) ?? 0) + massG);
  }
  return [...byId].map(([ingredientId, massG]) => ({ ingredientId, share: massG / flourG }));
}
