import { type Pantry, waterShareOf } from '../composition';
import { WATER } from '../formula';
import type { Act, ActOf } from '../journal';
import { standingMarks, type MixCard } from './card';
import type { CardItem, WeighItem } from './card-item';
import type { Mark } from './marks';

/** A finished card as acts with their real times. */
export interface MixedActs {
  readonly make: ActOf<'make'>;
  readonly makeAtMs: number;
  /** Additions, folds and looks after it, in order of time. */
  readonly then: readonly { readonly atMs: number; readonly act: Act }[];
  /** Everything that went in, g. */
  readonly massG: number;
}

interface Weighed {
  readonly atMs: number;
  readonly item: WeighItem;
  readonly massG: number;
  readonly tempC: number | null;
}

/**
 * One or more batches of a mix as acts: the lot exists from the instant its first liquid met its flour, what came later
 * is added to it. Batches of one dough are one lot.
 * @param cards the items and marks of each batch, and the card they make
 * @returns null where no flour was weighed in
 */
export function actsOfCards(
  planned: ActOf<'make'>,
  cards: readonly {
    readonly items: readonly CardItem[];
    readonly marks: readonly Mark[];
    readonly card: MixCard;
  }[],
  pantry: Pantry,
): MixedActs | null {
  const weighed = cards.flatMap(weighedOf).sort((a, b) => a.atMs - b.atMs);
  const makeAtMs = meetingMs(weighed, pantry);
  if (makeAtMs === null) return null;
  const first = weighed.filter((one) => one.atMs <= makeAtMs);
  const portions = sums(weighed.filter((one) => 'lotId' in one.item.of));
  const ingredients = sums(first.filter((one) => 'ingredientId' in one.item.of));
  const startC = cards.flatMap(({ card }) => (card.out === null ? [] : [card.out.tempC])).at(-1);
  const outC = startC ?? planned.startC;
  const waterC = first.find((one) => one.item.id === WATER)?.tempC ?? null;
  const iceG = first.filter((one) => one.item.ice).reduce((sum, one) => sum + one.massG, 0);
  const make: ActOf<'make'> = {
    ...planned,
    ingredients: ingredients.map(([ingredientId, massG]) => ({ ingredientId, massG })),
    portions: portions.map(([lotId, massG]) => ({ lotId, massG })),
    startC: outC,
    ...(waterC === null || startC === undefined ? {} : { waterC, iceG }),
  };
  const later = weighed.filter((one) => one.atMs > makeAtMs && 'ingredientId' in one.item.of);
  const felt = cards.flatMap(({ card }) => card.felt);
  const then = [
    ...later.map((one) => added(planned.lotId, one.atMs, idOf(one.item), one.massG, outC)),
    ...felt.map((one) =>
      added(planned.lotId, Math.max(one.atMs, makeAtMs + 1), one.ingredientId, one.massG, outC),
    ),
    ...cards.flatMap(({ items, marks }) => foldsOf(planned.lotId, items, marks)),
    ...cards.flatMap(({ card }) => looksOf(planned.lotId, card)),
  ]
    .filter((one) => one.atMs > makeAtMs)
    .sort((a, b) => a.atMs - b.atMs);
  const massG =
    weighed.reduce((sum, one) => sum + one.massG, 0) +
    felt.reduce((sum, one) => sum + one.massG, 0);
  return { make, makeAtMs, then, massG };
}

function weighedOf({
  items,
  marks,
}: {
  items: readonly CardItem[];
  marks: readonly Mark[];
}): Weighed[] {
  const byId = new Map(items.map((item) => [item.id, item]));
  return standingMarks(marks).flatMap(({ atMs, what }): Weighed[] => {
    if (what.kind !== 'weigh' || what.massG <= 0) return [];
    const item = byId.get(what.itemId);
    return item?.kind === 'weigh'
      ? [{ atMs, item, massG: what.massG, tempC: what.tempC ?? null }]
      : [];
  });
}

/** The instant at which flour and something wet are both in the bowl; null where they never are. */
function meetingMs(weighed: readonly Weighed[], pantry: Pantry): number | null {
  const isFlour = (one: Weighed) => pantry.get(idOf(one.item))?.kind === 'flour';
  const isWet = (one: Weighed) => {
    if ('lotId' in one.item.of) return true;
    const ingredient = pantry.get(idOf(one.item));
    return ingredient !== undefined && waterShareOf(ingredient) > 0.5;
  };
  const flour = weighed.find(isFlour);
  const wet = weighed.find(isWet);
  if (flour === undefined) return null;
  const together = wet === undefined ? flour.atMs : Math.max(flour.atMs, wet.atMs);
  // All flour of one go counts as there: flour in parts is no addition to a dough.
  return weighed.filter(isFlour).reduce((last, one) => Math.max(last, one.atMs), together);
}

const idOf = ({ of }: WeighItem) => ('lotId' in of ? of.lotId : of.ingredientId);

function sums(weighed: readonly Weighed[]): (readonly [string, number])[] {
  const byId = new Map<string, number>();
  for (const one of weighed) byId.set(idOf(one.item), (byId.get(idOf(one.item)) ?? 0) + one.massG);
  return [...byId];
}

const added = (
  ...[lotId, atMs, ingredientId, massG, startC]: [string, number, string, number, number]
) => ({
  atMs,
  act: { kind: 'add' as const, lotId, ingredients: [{ ingredientId, massG }], startC },
});

/** Bubbles that a fold leaves in a dough. Set. */
export const GAS_KEPT_FOLDING = 0.8;

function foldsOf(lotId: string, items: readonly CardItem[], marks: readonly Mark[]) {
  const folds = new Set(
    items.flatMap((item) => (item.kind === 'time' && item.what === 'fold' ? [item.id] : [])),
  );
  return standingMarks(marks).flatMap(({ atMs, what }) =>
    what.kind === 'done' && folds.has(what.itemId)
      ? [
          {
            atMs,
            act: { kind: 'work' as const, lotId, act: 'fold' as const, gasKept: GAS_KEPT_FOLDING },
          },
        ]
      : [],
  );
}

function looksOf(lotId: string, card: MixCard) {
  return card.looks.map(({ atMs, tempC, windowpane }) => ({
    atMs,
    act: {
      kind: 'look' as const,
      lotId,
      signs: {
        ...(tempC === undefined ? {} : { tempC }),
        ...(windowpane === undefined ? {} : { windowpane: windowpane as 'tears' }),
      },
    },
  }));
}
