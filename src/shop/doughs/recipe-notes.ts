import { inSentence, tr } from '@/words/tr';
import type { RecipeAsDough, RecipeStage, RecipeStages } from '@/core/formula/check';
import { tempAt } from '@/core/forecast';
import type { Leaven } from '@/core/formula';
import type { Method, Stay } from '@/core/methods';
import type { DoughFacts } from './facts';
import { WHERE_C } from './stay-of-recipe';

/** A stage of a method made of a recipe, and whether the recipe says it. */
export interface KeptStage {
  readonly name: string;
  readonly says: string;
  readonly said: boolean;
}

/** A place so much warmer or colder than what a recipe asks for is another stage, °C. Set. */
const FAR_C = 4;

const span = ({ leastH, mostH, hours }: Stay) =>
  leastH === mostH ? hoursText(hours) : `${hoursText(leastH)}–${hoursText(mostH)}`;
const hoursText = (hours: number) => String(Number(hours.toFixed(2)));

/** What of a recipe’s stages its method keeps, in the order of the work. */
export function keptStages(method: Method, stages: RecipeStages, facts: DoughFacts): KeptStage[] {
  const { places } = facts;
  const placeName = (placeId: string) =>
    places.find(({ id }) => id === placeId)?.name ?? tr`no place`;
  const placed = (stays: readonly Stay[]) =>
    stays
      .map((stay) => {
        return `${span(stay)} h, ${placeName(stay.placeId)}`;
      })
      .join(' · ');
  const { autolyse, steps, folds } = method.mix;
  const kept = (name: string, says: string, said: boolean): KeptStage[] =>
    says === '' ? [] : [{ name, says, said }];
  return [
    ...method.dough.leavens.flatMap(({ id, name }, index) =>
      kept(name, placed(method.leavenStays[id] ?? []), (stages.leavens[index] ?? []).length > 0),
    ),
    ...kept(
      tr`Rest of flour and water`,
      autolyse === null ? '' : `${restText(autolyse.minutes)}, ${placeName(autolyse.placeId)}`,
      true,
    ),
    ...kept(
      tr`Mixing`,
      steps.map(({ name, minutes }) => `${inSentence(name)} ${minutes} min`).join(', '),
      stages.mix.length > 0,
    ),
    ...kept(
      tr`Folds`,
      folds.count === 0 ? '' : tr`${folds.count}, every ${folds.everyMin} min`,
      stages.folds !== null,
    ),
    ...kept(tr`In bulk`, placed(method.bulk), stages.bulk.length > 0),
    ...kept(
      tr`In balls`,
      `${placed(method.balls)}${method.reball ? tr`, balled again` : ''}`,
      stages.balls.length > 0,
    ),
    ...method.moments.flatMap(({ name, afterMin }) =>
      kept(name, tr`${Math.abs(afterMin)} min before`, true),
    ),
  ];
}

/** What of a recipe its method does not keep as it is written, in sentences. */
export function notKept(
  method: Method,
  made: RecipeAsDough,
  stages: RecipeStages,
  facts: DoughFacts,
): string[] {
  const all = [...stages.leavens.flat(), ...stages.bulk, ...stages.balls];
  return [
    ...made.notKept,
    ...made.dough.leavens.flatMap((leaven) => builtOf(leaven, method, facts)),
    ...all.flatMap((stage) => farPlace(stage, facts)),
    ...stages.notKept.map((line) => tr`“${line}”: no stage of a method`),
  ];
}

/** That a leaven is built of a starter because the jar has not enough of it. */
function builtOf({ id, name, kind }: Leaven, method: Method, facts: DoughFacts): string[] {
  const now = method.dough.leavens.find((one) => one.id === id);
  if (now === undefined || now.kind === kind) return [];
  const source = facts.sources.find(
    ({ cultureId }) => now.made.by === 'seed' && cultureId === now.made.cultureId,
  );
  return [
    tr`“${name}”: there is not enough of it, so a levain is built of ${source?.name ?? tr`the starter`} before the mix`,
  ];
}

/** That no place of the shop is as warm or cold as a stage asks for. */
function farPlace({ where, from }: RecipeStage, { places, nowMs }: DoughFacts): string[] {
  const wantedC = WHERE_C[where];
  const apart = places.map((place) => ({
    place,
    apartC: Math.abs(tempAt(place, nowMs) - wantedC),
  }));
  const [nearest] = apart.sort((a, b) => a.apartC - b.apartC);
  if (nearest === undefined || nearest.apartC <= FAR_C) return [];
  return [tr`“${from}”: the shop has no such place, ${nearest.place.name} stands for it`];
}

/** Minutes as a baker says them: hours from two on. */
const restText = (minutes: number) =>
  minutes >= 120 ? `${Number((minutes / 60).toFixed(1))} h` : `${minutes} min`;
