import { placeTempC, solveHours, type LotForecast } from '../../forecast';
import { massOf, totals } from '../../composition';
import { WATER, yeastId } from '../../formula';
import type { ActOf, PlannedAct } from '../../journal';
import { addHours, hoursBetween, MS_PER_HOUR, MS_PER_MINUTE, roundToStep } from '../../units';
import { forecastActs } from '../forecast-acts';
import { changedSteps, holdShop, type HoldStage } from './hold-stage';
import type { HoldChange, HoldKind, HoldQuestion } from './hold-types';

/** A move before its odds are run. */
export interface Sketch {
  readonly kind: HoldKind;
  readonly placeId?: string;
  readonly changes: readonly HoldChange[];
  readonly yeastG?: number;
  readonly flourG?: number;
  readonly leftLeavenG?: number;
  readonly startC?: number;
  readonly serviceLaterMs?: number;
}

/** Hands are there so soon. */
const SOON_MS = 5 * MS_PER_MINUTE;
const FIVE_MS = 5 * MS_PER_MINUTE;
/** A move of less changes nothing that anyone would see. */
const LEAST_SHIFT_MS = 8 * MS_PER_MINUTE;
const MOST_SHIFT_MS = 8 * MS_PER_HOUR;
const WARMER_C = 3;
const SMALLER_SHARE = 0.65;
/** Fresh yeast over all flour that a boost may have. Source: the trade’s 0.1–2 %, the upper half left out. */
const BOOST = { least: 0.0001, most: 0.01, linear: false } as const;
/** Balls open so long before the service, h. */
const EARLY_H = 0.5;
const BULK_SHIFT_MS = 45 * MS_PER_MINUTE;
const WATER_SHIFT_C = 4;
const DOUGH_C = { least: 18, most: 28 } as const;
const FEED_SHARE = 0.5;
const LATER_MS = [30, 60].map((minutes) => minutes * MS_PER_MINUTE);

/** Everything that can be tried where a bake stands. */
export function sketchesOf(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const own =
    stage.at === 'before the mix'
      ? beforeTheMix(question, stage)
      : stage.at === 'in bulk'
        ? inBulk(question, stage)
        : inBalls(question, stage);
  return [...own, ...serviceLater(stage)];
}

function beforeTheMix(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const leaven = stage.lots.get(stage.lotId);
  const { mix } = stage;
  if (leaven === undefined || mix === null) return [];
  const best = ripeMs(leaven);
  const sketches: Sketch[] = otherPlaces(question, stage, (move) => {
    const moved = forecastActs(holdShop(question), changedSteps(question, [move])).get(stage.lotId);
    const bestMs = moved === undefined ? null : ripeMs(moved);
    return bestMs === null ? null : mixAt(question, stage, bestMs);
  });
  const atBest = best === null ? null : mixAt(question, stage, best);
  if (atBest !== null && atBest.length > 0) sketches.push({ kind: 'mix at best', changes: atBest });
  sketches.push(...boosts(question, stage), ...waters(stage), ...bulks(question, stage));
  if (best !== null && best < question.nowMs) sketches.push(...feedAgain(question, stage, leaven));
  return sketches;
}

const ripeMs = ({ window }: LotForecast) => window.bestMs ?? window.opensMs;

/** The lot in another place from now on, with what follows from it. */
function otherPlaces(
  question: HoldQuestion,
  stage: HoldStage,
  follow: (move: HoldChange) => readonly HoldChange[] | null,
): Sketch[] {
  const lot = stage.lots.get(stage.lotId);
  const here = lot?.story.stays.findLast((stay) => stay.fromMs <= question.nowMs)?.placeId;
  if (lot === undefined || here === undefined) return [];
  const atMs = question.nowMs + SOON_MS;
  const hereC = placeTempC(question.places, here, atMs);
  return [...question.places.keys()].flatMap((placeId): Sketch[] => {
    const tempC = placeTempC(question.places, placeId, atMs);
    if (placeId === here || tempC < 0 || Math.abs(tempC - hereC) < WARMER_C) return [];
    const move: HoldChange = {
      stepId: null,
      atMs,
      act: { kind: 'move', lotId: stage.lotId, placeId },
    };
    const followed = follow(move);
    return followed === null
      ? []
      : [{ kind: 'other place', placeId, changes: [move, ...followed] }];
  });
}

/** The mix at another hour; dividing goes along, what waits in the cold takes up the difference. Null where it can not be. */
function mixAt(question: HoldQuestion, stage: HoldStage, atMs: number): HoldChange[] | null {
  const { mix, divides } = stage;
  if (mix === null) return null;
  const toMs = Math.max(question.nowMs, Math.round(atMs / FIVE_MS) * FIVE_MS);
  const byMs = toMs - mix.atMs;
  if (Math.abs(byMs) < LEAST_SHIFT_MS) return [];
  const lastMs = Math.max(toMs, ...divides.map((one) => one.atMs + byMs));
  if (Math.abs(byMs) > MOST_SHIFT_MS || lastMs >= question.readyFromMs) return null;
  const pieceIds = new Set(divides.map((one) => one.act.ballsLotId));
  const along = question.plan.filter((one) => goesAlong(one, stage, pieceIds, lastMs));
  return [mix, ...along].map((one) => ({
    stepId: one.stepId,
    atMs: one.atMs + byMs,
    act: one.act,
  }));
}

function goesAlong(
  { act, atMs }: PlannedAct,
  stage: HoldStage,
  pieceIds: ReadonlySet<string>,
  lastMs: number,
): boolean {
  if (act.kind === 'divide') return true;
  if (act.kind !== 'move' && act.kind !== 'work') return false;
  return act.lotId === stage.doughId || (pieceIds.has(act.lotId) && atMs <= lastMs);
}

/** More yeast at the mix, with all of the leaven or with a part of it, found so that the balls open for the service. */
function boosts(question: HoldQuestion, stage: HoldStage): Sketch[] {
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

/** The dough colder or warmer out of the bowl, by its water. */
function waters({ mix }: HoldStage): Sketch[] {
  if (mix === null) return [];
  return [-WATER_SHIFT_C, WATER_SHIFT_C].flatMap((byC): Sketch[] => {
    const startC = mix.act.startC + byC;
    if (startC < DOUGH_C.least || startC > DOUGH_C.most) return [];
    const act = { ...mix.act, startC };
    return [{ kind: 'water', startC, changes: [{ stepId: mix.stepId, atMs: mix.atMs, act }] }];
  });
}

/** Balled earlier or later. */
function bulks(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const { divides, mix } = stage;
  const [first] = divides;
  if (first === undefined) return [];
  const from = Math.max(question.nowMs, (mix?.atMs ?? question.nowMs) + SOON_MS);
  return [-BULK_SHIFT_MS, BULK_SHIFT_MS].flatMap((byMs): Sketch[] => {
    const toMs = first.atMs + byMs;
    if (toMs <= from || toMs >= question.readyFromMs) return [];
    return [{ kind: 'bulk', changes: dividedAt(stage, toMs) }];
  });
}

const dividedAt = ({ divides }: HoldStage, atMs: number): HoldChange[] =>
  divides.map((one) => ({ stepId: one.stepId, atMs, act: one.act }));

/** Flour and water into a leaven past its best: it eats again, and is mixed when it is ripe again. */
function feedAgain(question: HoldQuestion, stage: HoldStage, leaven: LotForecast): Sketch[] {
  const { lot } = leaven.story;
  const sum = totals(lot.composition, question.pantry);
  const flourId = Object.keys(lot.composition).find(
    (id) => question.pantry.get(id)?.kind === 'flour',
  );
  if (flourId === undefined) return [];
  const flourG = roundToStep(sum.flourG * FEED_SHARE, question.steps.scaleStepG);
  const waterG = roundToStep(sum.waterG * FEED_SHARE, question.steps.scaleStepG);
  const feed: HoldChange = {
    stepId: null,
    atMs: question.nowMs + SOON_MS,
    act: {
      kind: 'add',
      lotId: lot.id,
      ingredients: [
        { ingredientId: flourId, massG: flourG },
        { ingredientId: WATER, massG: waterG },
      ],
      startC: 22,
    },
  };
  const fed = forecastActs(holdShop(question), changedSteps(question, [feed])).get(lot.id);
  const bestMs = fed === undefined ? null : ripeMs(fed);
  const mixed = bestMs === null ? null : mixAt(question, stage, bestMs);
  return mixed === null ? [] : [{ kind: 'feed again', flourG, changes: [feed, ...mixed] }];
}

function inBulk(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const now = question.nowMs + SOON_MS;
  const [first] = stage.divides;
  const ballNow: Sketch[] =
    first === undefined || first.atMs - now < LEAST_SHIFT_MS
      ? []
      : [{ kind: 'ball now', changes: dividedAt(stage, now) }];
  return [...otherPlaces(question, stage, () => []), ...ballNow, ...bulks(question, stage)];
}

/** Balls elsewhere from now until their turn, all of them together. */
function inBalls(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const pieceIds = [...new Set(stage.uses.map((one) => one.act.lotId))];
  return otherPlaces(question, stage, () => []).map((sketch) => ({
    ...sketch,
    changes: pieceIds.map((lotId): HoldChange => ({
      stepId: null,
      atMs: question.nowMs + SOON_MS,
      act: { kind: 'move', lotId, placeId: sketch.placeId ?? '' },
    })),
  }));
}

/** The service begins later; everything else stays. */
function serviceLater({ uses }: HoldStage): Sketch[] {
  return LATER_MS.map((laterMs): Sketch => ({
    kind: 'service later',
    serviceLaterMs: laterMs,
    changes: uses.map((one) => ({
      stepId: one.stepId,
      atMs: addHours(one.atMs, laterMs / MS_PER_HOUR),
      act: { ...one.act, untilMs: one.act.untilMs + laterMs },
    })),
  }));
}
