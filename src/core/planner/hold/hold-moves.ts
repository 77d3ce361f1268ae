import { placeTempC, type LotForecast } from '../../forecast';
import { totals } from '../../composition';
import { WATER } from '../../formula';
import type { PlannedAct } from '../../journal';
import { addHours, MS_PER_HOUR, MS_PER_MINUTE, roundToStep } from '../../units';
import { forecastActs } from '../forecast-acts';
import { ballAndOut, boxesOut, fewer, serviceEarlier } from './hold-balls';
import { partInTheCold } from './part-in-the-cold';
import { boosts } from './hold-doses';
import { inWaves } from './hold-waves';
import { changedSteps, holdShop, type HoldStage } from './hold-stage';
import type { HoldChange, HoldQuestion, Sketch } from './hold-types';

/** Hands are there so soon. */
const SOON_MS = 5 * MS_PER_MINUTE;
const FIVE_MS = 5 * MS_PER_MINUTE;
/** A move of less changes nothing that anyone would see. */
const LEAST_SHIFT_MS = 8 * MS_PER_MINUTE;
const MOST_SHIFT_MS = 8 * MS_PER_HOUR;
const WARMER_C = 3;
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
  const all = [
    ...own,
    ...boxesOut(question, stage),
    ...inWaves(question, stage),
    ...serviceEarlier(question, stage),
    ...serviceLater(stage),
    ...fewer(question, stage),
  ];
  return all.filter(({ changes }) => !changes.some((one) => isPinned(question, one)));
}

const isPinned = ({ pinned }: HoldQuestion, { stepId }: HoldChange) =>
  stepId !== null && pinned.includes(stepId);

function beforeTheMix(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const leaven = stage.lots.get(stage.lotId);
  const { mix } = stage;
  if (leaven === undefined || mix === null) return [];
  const best = ripeMs(leaven);
  const sketches: Sketch[] = otherPlaces(question, stage, (move) => {
    const moved = forecastActs(holdShop(question), changedSteps(question, [move])).get(stage.lotId);
    // What is still ripe at the mix that was planned waits for it there; what is not is mixed at its best.
    if (moved === undefined || isRipeAt(moved, mix.atMs)) return [];
    return mixAt(question, stage, moved.window.bestMs ?? mix.atMs);
  });
  const atBest = best === null ? null : mixAt(question, stage, best);
  if (atBest !== null && atBest.length > 0) sketches.push({ kind: 'mix at best', changes: atBest });
  sketches.push(...mixMoved(question, stage, best));
  sketches.push(...boosts(question, stage), ...waters(stage), ...bulks(question, stage));
  if (best !== null && best < question.nowMs) sketches.push(...feedAgain(question, stage, leaven));
  return sketches;
}

/** The mix earlier or later by itself, away from what the leaven would have it: for a dough that is too fast or too slow. */
function mixMoved(question: HoldQuestion, stage: HoldStage, best: number | null): Sketch[] {
  const { mix } = stage;
  if (mix === null) return [];
  return MIX_BY_MS.flatMap((byMs): Sketch[] => {
    const toMs = mix.atMs + byMs;
    if (toMs < question.nowMs + SOON_MS) return [];
    if (best !== null && Math.abs(toMs - best) < MIX_APART_MS) return [];
    const changes = mixAt(question, stage, toMs);
    return changes === null || changes.length === 0 ? [] : [{ kind: 'mix moved', changes }];
  });
}
const MIX_BY_MS = [-60, -30, 30, 60].map((minutes) => minutes * MS_PER_MINUTE);
/** Nearer to the leaven’s best it is that move. */
const MIX_APART_MS = 15 * MS_PER_MINUTE;

/** True for a lot that is as ripe as it was asked for at an instant. */
const isRipeAt = ({ window }: LotForecast, atMs: number): boolean =>
  window.opensMs !== null &&
  window.opensMs <= atMs &&
  (window.closesMs === null || window.closesMs >= atMs);

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
  const outMs = Math.max(SOON_MS, (question.outMin ?? 0) * MS_PER_MINUTE);
  const from = Math.max(question.nowMs, mix === null ? question.nowMs + SOON_MS : mix.atMs + outMs);
  return [-BULK_SHIFT_MS, BULK_SHIFT_MS].flatMap((byMs): Sketch[] => {
    const toMs = first.atMs + byMs;
    if (toMs < from || toMs >= question.readyFromMs) return [];
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
  return [
    ...otherPlaces(question, stage, () => []),
    ...ballNow,
    ...ballAndOut(question, stage),
    ...bulks(question, stage),
  ];
}

/** Balls elsewhere from now until their turn, all of them together. */
function inBalls(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const pieceIds = [...new Set(stage.uses.map((one) => one.act.lotId))];
  const moved = otherPlaces(question, stage, () => []).map((sketch) => ({
    ...sketch,
    changes: pieceIds.map((lotId): HoldChange => ({
      stepId: null,
      atMs: question.nowMs + SOON_MS,
      act: { kind: 'move', lotId, placeId: sketch.placeId ?? '' },
    })),
  }));
  return [...moved, ...partInTheCold(question, stage)];
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
