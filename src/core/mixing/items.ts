import { tr, trOf } from '@/words/tr';
import type { Pantry } from '../composition';
import { additionOrder, soakOf, type Added, type Addition, type Method } from '../methods';
import { WATER } from '../formula';
import type { TimeItem, CardItem, CardQuestion } from './card-item';
import { type Placed, soaked, waterLines, weigh } from './water-lines';

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

/** Said of yeast that stands in its warm water when the mix begins. */
const bloomed = () => tr`bloomed 10 min before, in some of the water`;

function saysOf(place: Added, { schools, act }: CardQuestion): string {
  if (place === 'flour') return act.soaked === undefined ? tr`in parts, slow` : soaked();
  if (place === 'yeast') return act.bloomed === true ? bloomed() : trOf(schools.yeast);
  if (place === 'salt') return trOf(schools.salt);
  if (place === 'oil') return tr`last, in a thin stream`;
  return '';
}
