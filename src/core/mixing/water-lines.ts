import { tr } from '@/words/tr';
import type { Added } from '../methods';
import { SALT, WATER } from '../formula';
import { roundToStep } from '../units';
import { type WeighItem, type CardQuestion, TOLERANCE } from './card-item';

/** A line of a make with its place on the card. */
export interface Placed {
  readonly place: Added;
  readonly item: WeighItem;
}

/** Said of flour and water that are together since hours before. */
export const soaked = () => tr`soaked already: no more of it`;

/** Water: what goes in at once, ice, and what is held back, which together are all of it. */
export function waterLines(question: CardQuestion, massG: number): Placed[] {
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

/** A line of a make as it is weighed on the card. */
export function weigh(
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
