import type { LotForecast } from '../../forecast';
import { isAct } from '../../journal';
import { hoursBetween, MS_PER_MINUTE } from '../../units';
import type { BakeStep } from '../bake-step';
import { forecastActs } from '../forecast-acts';
import { handsMin } from '../week/hands-minutes';
import { oddsOf, type OddsQuestion } from '../week/odds';
import { standing } from './standing';
import { sketchesOf } from './hold-moves';
import { changedSteps, holdShop, holdStage, type HoldStage } from './hold-stage';
import type { HoldMove, HoldQuestion, Sketch } from './hold-types';
import { pastFacts, type PastFacts } from './past-facts';

/** What is known of a bake that may slip, and the moves run so far, the best at the service first. */
export interface HoldAnswer {
  readonly lotId: string;
  readonly at: HoldStage['at'];
  /** By how much the leaven’s best comes after the mix, min; below 0: before it; null where it has none. */
  readonly behindMin: number | null;
  readonly stands: HoldMove;
  readonly moves: readonly HoldMove[];
  /** Of a leaven past its window. */
  readonly past: PastFacts | null;
  readonly share: number;
}

/** Moves with odds so near to the best are as good as it. */
const AS_GOOD = 0.02;

/**
 * What can still be done for a bake: every move is run from the state of now through to the service, in drawn truths, and
 * ranked by the odds of a ripe leaven and of its balls there. Null where nothing of it is planned any more.
 */
export function* holdOrHurry(question: HoldQuestion): Generator<HoldAnswer, HoldAnswer | null> {
  const stage = holdStage(question);
  if (stage === null) return null;
  const stands = run(question, stage, { kind: 'as it stands', changes: [] });
  const sketches = sketchesOf(question, stage);
  const moves: HoldMove[] = [];
  const answer = (): HoldAnswer => ({
    lotId: stage.lotId,
    at: stage.at,
    behindMin: behindMin(stage),
    stands,
    moves: ranked(moves),
    past: pastFacts(stage.lots.get(stage.lotId), question.nowMs),
    share: sketches.length === 0 ? 1 : moves.length / sketches.length,
  });
  yield answer();
  for (const sketch of sketches) {
    moves.push(run(question, stage, sketch));
    yield answer();
  }
  return answer();
}

/**
 * What a promise to guests that is not kept costs, as a chance: what the bakery can do by itself comes before it unless that is
 * so much worse. Set.
 */
const PROMISE: Partial<Record<HoldMove['kind'], number>> = {
  'service later': 0.2,
  'service earlier': 0.1,
  fewer: 0.15,
};

/** A move’s odds of leaven and service together, less what it breaks of a promise. */
export const worthOf = ({ kind, odds }: Pick<HoldMove, 'kind' | 'odds'>): number =>
  odds.both - (PROMISE[kind] ?? 0);

/** By what they are worth; among those as good as each other the one that costs least. */
function ranked(moves: readonly HoldMove[]): HoldMove[] {
  const step = (move: HoldMove) => Math.round(worthOf(move) / AS_GOOD);
  const cost = (move: HoldMove) =>
    move.handsMin + 5 * move.moves + Math.abs(move.laterMin) / 20 + (move.yeastG > 0 ? 5 : 0);
  const evenness = (move: HoldMove) => {
    const { halfHours } = move.odds;
    const ready = halfHours.reduce((sum, half) => sum + half.ready, 0) / halfHours.length;
    return Math.round(ready / AS_GOOD);
  };
  return [...moves].sort(
    (a, b) => step(b) - step(a) || evenness(b) - evenness(a) || cost(a) - cost(b),
  );
}

function behindMin({ lots, lotId, mix }: HoldStage): number | null {
  const bestMs = lots.get(lotId)?.window.bestMs ?? null;
  if (bestMs === null || mix === null) return null;
  return Math.round((bestMs - mix.atMs) / MS_PER_MINUTE);
}

function run(question: HoldQuestion, stage: HoldStage, sketch: Sketch): HoldMove {
  const shop = holdShop(question);
  const steps = changedSteps(question, sketch.changes);
  const lots = forecastActs({ ...shop, stepH: STEP_H }, steps);
  const laterMs = sketch.serviceLaterMs ?? 0;
  const serviceFromMs = question.readyFromMs + laterMs;
  const serviceToMs = question.readyToMs + laterMs - (sketch.serviceEndsEarlierMs ?? 0);
  const asked: OddsQuestion = {
    ...standing(question, steps, stage.lots),
    leavens: stage.mix === null ? [] : [{ lotId: stage.lotId, mixedInto: stage.doughId }],
    readyFromMs: serviceFromMs,
    readyToMs: serviceToMs,
  };
  return {
    ...told(sketch, stage, steps),
    bestMs: lots.get(stage.lotId)?.window.bestMs ?? null,
    serviceFromMs,
    serviceToMs,
    odds: oddsOf(asked, shop),
    lots: shownLots(stage, lots),
  };
}

function costOf(sketch: Sketch) {
  const { kind, placeId, yeastG, flourG, leftLeavenG, startC, outAtMs, count, changes } = sketch;
  return {
    kind,
    outAtMs: outAtMs ?? null,
    count: count ?? 0,
    placeId: placeId ?? null,
    yeastG: yeastG ?? 0,
    flourG: flourG ?? 0,
    leftLeavenG: leftLeavenG ?? 0,
    startC: startC ?? null,
    changes,
  };
}

/** What a move is and costs, in figures. */
function told(
  sketch: Sketch,
  stage: HoldStage,
  steps: readonly BakeStep[],
): Omit<HoldMove, 'bestMs' | 'serviceFromMs' | 'serviceToMs' | 'odds' | 'lots'> {
  const mix = steps.find(({ act }) => isAct(act, 'make') && act.lotKind === 'dough');
  const ball = steps.find(({ act }) => isAct(act, 'divide'));
  // Balls divided in more parts are no more balls.
  const fresh = sketch.changes.filter(
    (one) => one.stepId === null && one.act.kind !== 'divide' && one.act.kind !== 'use',
  );
  return {
    ...costOf(sketch),
    mixAtMs: mix?.atMs ?? null,
    ballAtMs: ball?.atMs ?? null,
    laterMin:
      sketch.byMs !== undefined
        ? Math.round(sketch.byMs / MS_PER_MINUTE)
        : laterMin(stage, { mixAtMs: mix?.atMs, ballAtMs: ball?.atMs }),
    moves: fresh.filter((one) => one.act.kind === 'move').length,
    handsMin: fresh.reduce((sum, one) => sum + handsMin(one.act), 0),
  };
}
const STEP_H = 0.1;

function laterMin(
  { mix, divides }: HoldStage,
  at: { readonly mixAtMs: number | undefined; readonly ballAtMs: number | undefined },
): number {
  if (mix !== null && at.mixAtMs !== undefined && at.mixAtMs !== mix.atMs) {
    return Math.round(hoursBetween(mix.atMs, at.mixAtMs) * 60);
  }
  const [first] = divides;
  if (first === undefined || at.ballAtMs === undefined) return 0;
  return Math.round(hoursBetween(first.atMs, at.ballAtMs) * 60);
}

function shownLots(stage: HoldStage, lots: ReadonlyMap<string, LotForecast>): LotForecast[] {
  const ids = [...new Set([stage.lotId, stage.doughId, stage.uses[0]?.act.lotId ?? ''])];
  return ids.flatMap((id) => lots.get(id) ?? []);
}
