import { trOf } from '@/words/tr';
import { partedWords, type PartedWords } from './in-words';
import type { ThingUnit } from './things';
import { type FigureRule, DONE, CAME_OUT, type LotShop, type ComparedRun } from './lot-figures';

/** A thing in figures. */
export interface LotFigure {
  readonly name: string;
  /** Null where it is not known of one. */
  readonly values: readonly (number | null)[];
  readonly unit: ThingUnit;
}

/** Lots beside each other: what was done to them differently, what was the same, and how they came out. */
export interface ComparedLots {
  readonly differed: readonly LotFigure[];
  readonly same: readonly LotFigure[];
  readonly words: PartedWords;
  readonly outcome: readonly LotFigure[];
}

/** Lays lots beside each other. Values are in the order of the lots. */
export function compareLots(runs: readonly ComparedRun[], shop: LotShop): ComparedLots {
  const figures = (rules: readonly FigureRule[]) =>
    rules
      .map((rule) => ({ rule, values: runs.map((run) => rule.of(run, shop)) }))
      .filter(({ values }) => values.some((one) => one !== null && one !== 0));
  const done = figures(DONE);
  const plain = ({ rule, values }: (typeof done)[number]): LotFigure => ({
    name: trOf(rule.name),
    unit: rule.unit,
    values,
  });
  const words = partedWords(
    runs.map(({ lot, madeBy }) => ({ lots: [lot], hands: [madeBy] })),
    shop,
  );
  return {
    differed: done.filter((one) => isApart(one)).map(plain),
    same: done.filter((one) => !isApart(one)).map(plain),
    words,
    outcome: figures(CAME_OUT).map(plain),
  };
}

function isApart({ rule, values }: { rule: FigureRule; values: readonly (number | null)[] }) {
  const known = values.filter((one) => one !== null);
  if (known.length < 2) return false;
  const most = Math.max(...known);
  return most - Math.min(...known) > rule.within * (rule.ofLarger === true ? most : 1);
}
