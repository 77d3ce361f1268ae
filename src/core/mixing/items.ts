import { tr, trOf } from '@/words/tr';
import type { Pantry } from '../composition';
import type { ActOf } from '../journal';
import { additionOrder, soakOf, type Added, type Addition, type Method } from '../methods';
import { SALT, WATER } from '../formula';
import { roundToStep } from '../units';

/** Something to weigh in. */
export interface WeighItem {
  readonly kind: 'weigh';
  readonly id: string;
  /** An ingredient of the pantry, or a lot. */
  readonly of: { readonly ingredientId: string } | { readonly lotId: string };
  readonly name: string;
  readonly massG: number;
  readonly says: string;
  /** Within so many grams it is right. */
  readonly toleranceG: number;
  /** Ice, which is water weighed frozen. */
  readonly ice: boolean;
  /** Held back: goes in by portions, and some of it may stay. */
  readonly heldBack: boolean;
}

/** Something that takes time. */
export interface TimeItem {
  readonly kind: 'time';
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  readonly says: string;
  readonly what: 'mix' | 'rest' | 'fold';
}

/** A line of the mix card, in the order of the hands. */
export type CardItem = WeighItem | TimeItem;

/** What a card is made of. */
export interface CardQuestion {
  /** The planned mix; of one batch its share. */
  readonly act: ActOf<'make'>;
  readonly batches: number;
  readonly mix: Method['mix'];
  readonly schools: Method['schools'];
  readonly pantry: Pantry;
  /** Names of the lots that go in. */
  readonly lotNames: Readonly<Record<string, string>>;
  readonly iceG: number;
  readonly stepG: number;
  readonly fineStepG: number;
}

/** Within half a per cent, and never finer than the scale; salt and yeast within two per cent. Set. */
const TOLERANCE = { plain: 0.005, strong: 0.02 } as const;

/** The lines of one batch in the method’s order of adding, folds last. */
export function cardItems(question: CardQuestion): CardItem[] {
  const { mix, schools } = question;
  const lines = linesOf(question);
  const rests = restOf(mix) !== null;
  const order = additionOrder({ mix: { ...mix, rests }, schools });
  return [
    ...order.flatMap((key) => itemsOf(key, question, lines)),
    ...Array.from({ length: mix.folds.count }, (_, index) => ({
      kind: 'time' as const,
      id: `fold-${index + 1}`,
      name: tr`Fold ${index + 1} of ${mix.folds.count}`,
      minutes: mix.folds.everyMin,
      says: tr`rest first, then fold from four sides`,
      what: 'fold' as const,
    })),
  ];
}

/** A rest in the bowl; a soak of hours stands before the mix, by itself. */
const restOf = (mix: Method['mix']) => (soakOf(mix) === null ? mix.autolyse : null);

/** What one place in the order holds. */
function itemsOf(key: Addition, { mix }: CardQuestion, lines: readonly Placed[]): CardItem[] {
  if (key === 'rest') {
    const rest = restOf(mix);
    return rest === null ? [] : [restItem(rest.minutes)];
  }
  const step = key.startsWith('mix-') ? mix.steps[Number(key.slice(4)) - 1] : undefined;
  if (step !== undefined) return [timeOf(key, step)];
  return lines.filter(({ place }) => place === key).map(({ item }) => item);
}

const restItem = (minutes: number): TimeItem => ({
  kind: 'time',
  id: 'rest',
  name: tr`Rest`,
  minutes,
  says: tr`covered; the flour drinks`,
  what: 'rest',
});

function timeOf(id: string, step: Method['mix']['steps'][number]): TimeItem {
  const says = step.speed === 'rest' ? 'covered' : step.speed === 'hand' ? tr`by hand` : step.speed;
  return {
    kind: 'time',
    id,
    name: step.name,
    minutes: step.minutes,
    says,
    what: step.speed === 'rest' ? 'rest' : 'mix',
  };
}

interface Placed {
  readonly place: Added;
  readonly item: WeighItem;
}

function linesOf(question: CardQuestion): Placed[] {
  const { act, pantry, lotNames } = question;
  return [
    ...act.ingredients.flatMap((line) =>
      line.ingredientId === WATER
        ? waterLines(question, line.massG)
        : [ingredientLine(question, line, pantry)],
    ),
    ...act.portions.map((line): Placed => {
      const name = lotNames[line.lotId] ?? line.lotId;
      const of = { lotId: line.lotId };
      return {
        place: 'leaven',
        item: weigh(question, { of, name, massG: line.massG, says: tr`loosen it in the water` }),
      };
    }),
  ];
}

const PLACE_OF = {
  flour: 'flour',
  salt: 'salt',
  oil: 'oil',
  sugar: 'liquid',
  liquid: 'liquid',
  extra: 'extra',
  yeast: 'yeast',
  water: 'water',
} as const;

function ingredientLine(
  question: CardQuestion,
  line: { ingredientId: string; massG: number },
  pantry: Pantry,
): Placed {
  const ingredient = pantry.get(line.ingredientId);
  const place = PLACE_OF[ingredient?.kind ?? 'extra'];
  const name = ingredient?.name ?? line.ingredientId;
  const says = saysOf(place, question);
  const of = { ingredientId: line.ingredientId };
  return { place, item: weigh(question, { of, name, massG: line.massG, says }) };
}

/** Said of flour and water that are together since hours before. */
const soaked = () => tr`soaked already: no more of it`;

/** Said of yeast that stands in its warm water when the mix begins. */
const bloomed = () => tr`bloomed 10 min before, in some of the water`;

function saysOf(place: Added, { schools, act }: CardQuestion): string {
  if (place === 'flour') return act.soaked === undefined ? tr`in parts, slow` : soaked();
  if (place === 'yeast') return act.bloomed === true ? bloomed() : trOf(schools.yeast);
  if (place === 'salt') return trOf(schools.salt);
  if (place === 'oil') return tr`last, in a thin stream`;
  return '';
}

/** Water: what goes in at once, ice, and what is held back, which together are all of it. */
function waterLines(question: CardQuestion, massG: number): Placed[] {
  const { mix, batches, stepG } = question;
  const flourG = flourOf(question);
  const each = massG / batches;
  const heldG = roundToStep(Math.min(each / 2, mix.heldBackShare * flourG), stepG);
  const iceG = roundToStep(Math.min(each - heldG, question.iceG / batches), stepG);
  const plainG = each - heldG - iceG;
  const of = { ingredientId: WATER };
  const line = (place: Added, name: string, lineG: number, says: string): Placed[] =>
    lineG <= 0
      ? []
      : [
          {
            place,
            item: {
              ...weigh(question, { of, name, massG: lineG * batches, says }),
              id: place.replace(' ', '-'),
              ice: place === 'ice',
              heldBack: place === 'held back',
            },
          },
        ];
  return [
    ...line('water', tr`Water`, plainG, question.act.soaked === undefined ? '' : soaked()),
    ...line('ice', tr`Ice`, iceG, tr`crushed, counted as water`),
    ...line('held back', tr`Held-back water`, heldG, tr`by portions, as the dough takes it`),
  ];
}

function flourOf({ act, batches, pantry }: CardQuestion): number {
  const all = act.ingredients.reduce(
    (sum, line) => sum + (pantry.get(line.ingredientId)?.kind === 'flour' ? line.massG : 0),
    0,
  );
  return all / batches;
}

function weigh(
  question: CardQuestion,
  line: {
    readonly of: WeighItem['of'];
    readonly name: string;
    /** Of all batches. */
    readonly massG: number;
    readonly says: string;
  },
): WeighItem {
  const { batches, stepG, fineStepG, pantry } = question;
  const id = 'lotId' in line.of ? `lot:${line.of.lotId}` : line.of.ingredientId;
  const kind = 'lotId' in line.of ? 'lot' : pantry.get(id)?.kind;
  const strong = id === SALT || kind === 'yeast';
  const each = line.massG / batches;
  const step = each < 20 * stepG ? fineStepG : stepG;
  const massG = roundToStep(each, step);
  const toleranceG = Math.max(step, massG * (strong ? TOLERANCE.strong : TOLERANCE.plain));
  return {
    kind: 'weigh',
    id,
    of: line.of,
    name: line.name,
    massG,
    says: line.says,
    toleranceG,
    ice: false,
    heldBack: false,
  };
}
