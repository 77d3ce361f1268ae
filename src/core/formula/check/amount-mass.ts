import { tr } from '@/words/tr';
import type { WrittenAmount } from './quantity';
import type { RecipeUnit } from './units';
import type { RecipeThing } from './words';

/** Grams with the range that its measure carries. */
export interface MassRange {
  readonly massG: number;
  readonly lowG: number;
  readonly highG: number;
}

/** Grams of an amount, and how they were reckoned. */
export interface WeighedAmount {
  readonly mass: MassRange;
  readonly how: string;
}

/** Grams of amounts that belong together; a sentence where one of them is none. */
export function groupMass(
  group: readonly WrittenAmount[],
  thing: RecipeThing,
): WeighedAmount | string {
  let sum: MassRange = { massG: 0, lowG: 0, highG: 0 };
  let how = '';
  for (const amount of group) {
    const one = amountMass(amount, thing);
    if (typeof one === 'string') return one;
    sum = {
      massG: sum.massG + one.mass.massG,
      lowG: sum.lowG + one.mass.lowG,
      highG: sum.highG + one.mass.highG,
    };
    how = one.how;
  }
  return { mass: sum, how };
}

function amountMass(amount: WrittenAmount, thing: RecipeThing): WeighedAmount | string {
  const { unit } = amount;
  if (unit === null) return counted(amount, thing);
  if (unit.of === 'count') return packed(amount, thing, unit);
  if (unit.id === 'pinch') return pinched(amount, thing, unit);
  if (unit.of !== 'weight') return measured(amount, thing, unit);
  return unit.id === 'mg'
    ? tr`${thing.name}: mg is not a baker’s unit. Are grams meant?`
    : ranged(amount, unit.factor, 0, '');
}

/** A bare number: pieces of what comes in pieces, a question for everything else. */
function counted(amount: WrittenAmount, { name, kind, eachG }: RecipeThing) {
  return kind === 'liquid' && eachG !== undefined
    ? ranged(amount, eachG, 0.12, tr`, ${eachG} g each`)
    : tr`${name}: ${round((amount.low + amount.high) / 2)} of what? No unit is given.`;
}

function packed(amount: WrittenAmount, { name, kind, eachG }: RecipeThing, unit: RecipeUnit) {
  return kind === 'yeast' && eachG !== undefined
    ? ranged(amount, eachG, unit.doubt, tr`, ${eachG} g a ${unit.name}`)
    : tr`${name}: a ${unit.name} of it is no amount.`;
}

function pinched(amount: WrittenAmount, { name, pinches }: RecipeThing, unit: RecipeUnit) {
  return pinches === true
    ? ranged(amount, unit.factor, unit.doubt, tr`, about ${unit.factor} g a pinch`)
    : tr`${name}: a pinch of it is no amount.`;
}

/** A volume or a measure: by the density of what is in it. */
function measured(amount: WrittenAmount, thing: RecipeThing, unit: RecipeUnit): WeighedAmount {
  const each = unit.factor * thing.density;
  const per =
    unit.of === 'measure'
      ? tr`, ${round(each)} g a ${unit.name}`
      : tr`, ${round(thing.density)} g/ml`;
  return ranged(amount, each, Math.hypot(unit.doubt, thing.densityDoubt), per);
}

function ranged(
  { low, high }: WrittenAmount,
  each: number,
  doubt: number,
  how: string,
): WeighedAmount {
  return {
    mass: {
      massG: ((low + high) / 2) * each,
      lowG: low * each * (1 - doubt),
      highG: high * each * (1 + doubt),
    },
    how,
  };
}

const round = (value: number) => Number(value.toPrecision(3));
