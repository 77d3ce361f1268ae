import type { DrawnTruth, LotForecast } from '../../forecast';
import { WATER } from '../../formula';
import { lotsTouchedBy } from '../../journal';
import { MS_PER_MINUTE } from '../../units';
import type { BakeStep } from '../bake-step';
import { forecastActs, type ForecastShopFacts } from '../forecast-acts';
import { judgedHalfHours } from './demand';
import { type HandledTruth, drawnTruths } from './drawn-truths';

/** What a plan is to hold: leavens ripe at their mix, balls ready through their part of the service. */
export interface OddsQuestion {
  readonly steps: readonly BakeStep[];
  readonly leavens: readonly { readonly lotId: string; readonly mixedInto: string }[];
  readonly pieces: readonly {
    readonly lotId: string;
    readonly fromMs: number;
    readonly toMs: number;
  }[];
  readonly readyFromMs: number;
  readonly readyToMs: number;
  readonly draws: number;
  readonly inProgress?: DrawnTruth['inProgress'];
}

/** Chances, 0–1, from runs with drawn truths. */
export interface Odds {
  /** Every leaven inside its window when it is mixed. */
  readonly leaven: number;
  /** Balls ready through all of the service; never more than the worst half hour. */
  readonly service: number;
  /** Both. */
  readonly both: number;
  readonly halfHours: readonly {
    readonly fromMs: number;
    readonly toMs: number;
    readonly ready: number;
    /** Of what is not ready: too young or too tight, and too slack. */
    readonly young: number;
    readonly slack: number;
  }[];
  readonly draws: number;
}

const STEP_H = 0.1;

/** How one truth turns out. */
export interface Outturn {
  readonly leavenRipe: boolean;
  /** For each half hour: ready, too young, too slack. */
  readonly halfHours: readonly ('ready' | 'young' | 'slack')[];
}

/** Truths drawn for an odds that is told: every view draws the same ones, so that every view tells the same figure. */
export const ODDS_DRAWS = 60;

/** The chances of a plan, each truth run through the whole chain from leaven to ball. */
export function oddsOf(question: OddsQuestion, shop: ForecastShopFacts): Odds {
  const steps = oddsInSteps(question, shop);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
}

/** The same, one truth at a time, for who does other things in between. */
export function* oddsInSteps(
  question: OddsQuestion,
  shop: ForecastShopFacts,
): Generator<undefined, Odds> {
  const outturns: Outturn[] = [];
  for (const truth of drawnTruths(question.draws, question.inProgress)) {
    outturns.push(outturnOf(question, truth, shop));
    yield;
  }
  return countOutturns(question, outturns);
}

/** Lots that stand in the shop and that steps take from: in doubt as far as looks left them so. */
export function inProgressOf(
  lots: ReadonlyMap<string, LotForecast>,
  steps: readonly BakeStep[],
): NonNullable<OddsQuestion['inProgress']> {
  const touched = new Set(steps.flatMap(({ act }) => lotsTouchedBy(act)));
  return new Map(
    [...lots.values()]
      .filter((lot) => lot.story.tense === 'done' && touched.has(lot.story.lot.id))
      .map((lot) => [lot.story.lot.id, { speed: lot.speed, shrink: lot.shrink }]),
  );
}

/** Chances from how truths turned out. */
export function countOutturns(
  question: Pick<OddsQuestion, 'readyFromMs' | 'readyToMs' | 'pieces'>,
  outturns: readonly Outturn[],
): Odds {
  const draws = outturns.length;
  const share = (held: (one: Outturn) => boolean) => outturns.filter(held).length / draws;
  const whole = (one: Outturn) => one.halfHours.every((half) => half === 'ready');
  return {
    leaven: share((one) => one.leavenRipe),
    service: share(whole),
    both: share((one) => one.leavenRipe && whole(one)),
    halfHours: judgedHalfHours(question, question.pieces).map((half, i) => ({
      ...half,
      ready: share((one) => one.halfHours[i] === 'ready'),
      young: share((one) => one.halfHours[i] === 'young'),
      slack: share((one) => one.halfHours[i] === 'slack'),
    })),
    draws,
  };
}

/** What a plan comes to in one truth. */
export function outturnOf(
  question: OddsQuestion,
  handled: HandledTruth,
  shop: ForecastShopFacts,
): Outturn {
  const steps = question.steps.map((step) => asHandled(step, handled, shop));
  const lots = forecastActs(shop, steps, { stepH: STEP_H, drawn: handled.truth });
  return judged(question, lots);
}

function judged(question: OddsQuestion, lots: ReadonlyMap<string, LotForecast>): Outturn {
  const leavenRipe = question.leavens.every(({ lotId, mixedInto }) => {
    const atMs = lots.get(mixedInto)?.story.startMs;
    const window = lots.get(lotId)?.window;
    if (atMs === undefined || window === undefined || window.opensMs === null) return false;
    return window.opensMs <= atMs && (window.closesMs === null || window.closesMs >= atMs);
  });
  return {
    leavenRipe,
    halfHours: judgedHalfHours(question, question.pieces).map((half) => {
      const serving = question.pieces.filter(
        (one) => one.fromMs < half.toMs && half.fromMs < one.toMs,
      );
      const states = serving.map((piece) => readiness(lots.get(piece.lotId), piece, half));
      if (states.length === 0 || states.includes('young')) return 'young';
      return states.includes('slack') ? 'slack' : 'ready';
    }),
  };
}

/** How balls are in a half hour: as they are for the greater part of what they serve of it. */
function readiness(
  lot: LotForecast | undefined,
  piece: { readonly fromMs: number; readonly toMs: number },
  half: { readonly fromMs: number; readonly toMs: number },
): Outturn['halfHours'][number] {
  if (lot === undefined) return 'young';
  const { opensMs, closesMs, tightUntilMs } = lot.window;
  const middleMs = (Math.max(piece.fromMs, half.fromMs) + Math.min(piece.toMs, half.toMs)) / 2;
  if (opensMs === null || opensMs > middleMs) return 'young';
  if (tightUntilMs !== null && tightUntilMs > middleMs) return 'young';
  return closesMs !== null && closesMs < middleMs ? 'slack' : 'ready';
}

/** A step as the hands do it: a little late, its yeast weighed a little off. Services begin when they begin. */
function asHandled(
  { atMs, act }: BakeStep,
  { lateMin, doseFactor }: HandledTruth,
  shop: ForecastShopFacts,
): BakeStep {
  if (act.kind === 'use') return { atMs, act };
  if (act.kind === 'move') return { atMs: atMs + lateMin.move * MS_PER_MINUTE, act };
  if (act.kind !== 'make') return { atMs: atMs + lateMin.mix * MS_PER_MINUTE, act };
  const late = act.lotKind === 'dough' ? lateMin.mix : lateMin.leaven;
  const ingredients = misweighed(act.ingredients, doseFactor, shop);
  return { atMs: atMs + late * MS_PER_MINUTE, act: { ...act, ingredients } };
}

/** Yeast weighed a little off; the water makes up for it, so that the lot weighs what the next step takes of it. */
function misweighed(
  lines: readonly { readonly ingredientId: string; readonly massG: number }[],
  factor: number,
  shop: ForecastShopFacts,
) {
  let overG = 0;
  const weighed = lines.map((line) => {
    if (shop.pantry.get(line.ingredientId)?.kind !== 'yeast') return line;
    overG += line.massG * (factor - 1);
    return { ...line, massG: line.massG * factor };
  });
  return weighed.map((line) =>
    line.ingredientId === WATER ? { ...line, massG: line.massG - overG } : line,
  );
}
