import { solveHours, type LotForecast } from '../../forecast';
import { massOf, totals } from '../../composition';
import { WATER, yeastId } from '../../formula';
import type { ActOf } from '../../journal';
import { hoursBetween, roundToStep } from '../../units';
import { forecastActs } from '../forecast-acts';
import { changedSteps, holdShop, type HoldStage } from './hold-stage';
import type { HoldQuestion, Sketch } from './hold-types';

/** Share of its leaven that a mix with less of it takes. Set. */
const SMALLER_SHARE = 0.65;
/** Fresh yeast over all flour that a boost may have. Source: the trade’s 0.1–2 %, the upper half left out. */
const BOOST = { least: 0.0001, most: 0.01, linear: false } as const;
/** Balls open so long before the service, h. */
const EARLY_H = 0.5;

/** More yeast at the mix, with all of the leaven or with a part of it, found so that the balls open for the service. */
export function boosts(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const { mix, divides } = stage;
  const leaven = stage.lots.get(stage.lotId);
  const pieceId = divides[0]?.act.ballsLotId;
  if (mix === null || leaven === undefined || pieceId === undefined) return [];
  const wantedH = hoursBetween(mix.atMs, question.readyFromMs) - EARLY_H;
  if (wantedH <= 1) return [];
  return [1, SMALLER_SHARE].flatMap((share): Sketch[] => {
    const smaller = withShare(question, mix.act, leaven, share);
    const flourG = flourOf(question, smaller.act, leaven, share);
    const boosted = (dose: number) => withYeast(question, smaller.act, dose * flourG);
    const hours = (dose: number) => {
      const change = { stepId: mix.stepId, atMs: mix.atMs, act: boosted(dose) };
      const lots = forecastActs(
        { ...holdShop(question), stepH: STEP_H },
        changedSteps(question, [change]),
      );
      const opensMs = lots.get(pieceId)?.window.opensMs ?? null;
      return opensMs === null ? null : hoursBetween(mix.atMs, opensMs);
    };
    const found = solveHours(hours, BOOST, wantedH);
    const dose = found.kind === 'found' ? found.value : 0;
    const yeastG = roundToStep(dose * flourG, question.steps.fineStepG);
    if (yeastG <= 0 && share === 1) return [];
    const act = withYeast(question, smaller.act, yeastG);
    return [
      {
        kind: share === 1 ? 'boost' : 'smaller share',
        changes: [{ stepId: mix.stepId, atMs: mix.atMs, act }],
        yeastG,
        flourG: smaller.flourG,
        leftLeavenG: smaller.leftG,
      },
    ];
  });
}
const STEP_H = 0.1;

/** A mix that takes a part of its leaven; flour and water make up for the rest. */
function withShare(
  question: HoldQuestion,
  act: ActOf<'make'>,
  leaven: LotForecast,
  share: number,
): { act: ActOf<'make'>; flourG: number; leftG: number } {
  if (share === 1) return { act, flourG: 0, leftG: 0 };
  const lotId = leaven.story.lot.id;
  const step = question.steps.scaleStepG;
  const taken = act.portions.find((line) => line.lotId === lotId)?.massG ?? 0;
  const leftG = roundToStep(taken * (1 - share), step);
  const sum = totals(leaven.story.lot.composition, question.pantry);
  const flourG = roundToStep((leftG * sum.flourG) / massOf(leaven.story.lot.composition), step);
  const flourId = act.ingredients.find(
    (line) => question.pantry.get(line.ingredientId)?.kind === 'flour',
  )?.ingredientId;
  const more = new Map([
    [flourId ?? '', flourG],
    [WATER, leftG - flourG],
  ]);
  return {
    act: {
      ...act,
      portions: act.portions.map((line) =>
        line.lotId === lotId ? { ...line, massG: taken - leftG } : line,
      ),
      ingredients: act.ingredients.map((line) => ({
        ...line,
        massG: line.massG + (more.get(line.ingredientId) ?? 0),
      })),
    },
    flourG,
    leftG,
  };
}

function flourOf(
  { pantry }: HoldQuestion,
  act: ActOf<'make'>,
  leaven: LotForecast,
  share: number,
): number {
  const own = act.ingredients.reduce(
    (sum, line) => (pantry.get(line.ingredientId)?.kind === 'flour' ? sum + line.massG : sum),
    0,
  );
  return own + share * totals(leaven.story.lot.composition, pantry).flourG;
}

/** A mix with so much more yeast, of the kind that it has already, else fresh. */
function withYeast({ pantry }: HoldQuestion, act: ActOf<'make'>, moreG: number): ActOf<'make'> {
  if (moreG <= 0) return act;
  const has = act.ingredients.find((line) => pantry.get(line.ingredientId)?.kind === 'yeast');
  if (has !== undefined) {
    const ingredients = act.ingredients.map((line) =>
      line === has ? { ...line, massG: line.massG + moreG } : line,
    );
    return { ...act, ingredients };
  }
  const fresh = { ingredientId: yeastId('fresh'), massG: moreG };
  return { ...act, ingredients: [...act.ingredients, fresh] };
}
