import { placeTempC } from '../../forecast';
import { addHours, hoursBetween } from '../../units';
import { forecastActs } from '../forecast-acts';
import {
  colderPlaces,
  inFives,
  LEAST_WARM_H,
  MOST_WAVES,
  turnsIn,
  WAVE_TURNS,
  waveHours,
} from '../wave-rules';
import { changedSteps, holdShop, type HoldStage } from './hold-stage';
import type { HoldChange, HoldQuestion, Sketch } from './hold-types';

const EARLY_H = 0.4;

/** A part of the balls with its turn, and how long before it comes out of the cold. */
interface Turn {
  readonly lotId: string;
  readonly count: number;
  readonly fromMs: number;
  readonly toMs: number;
  readonly warmH: number;
}

/** The balls in waves: all but the first wait in the cold and come out so that each opens for its own part of the service. */
export function inWaves(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const [divide] = stage.divides;
  const [use] = stage.uses;
  if (divide === undefined || use === undefined || stage.divides.length > 1) return [];
  const pieceId = divide.act.ballsLotId;
  const moved = question.plan.some(({ act }) => act.kind === 'move' && act.lotId === pieceId);
  const coldId = coldest(question, divide.act.placeId);
  if (moved || coldId === null) return [];
  let turns = turnsOf(question, stage);
  if (turns.length < 2) return [];
  for (let turn = 0; turn < WAVE_TURNS; turn += 1) {
    const lots = forecastActs(
      { ...holdShop(question), stepH: STEP_H },
      changedSteps(question, changesOf(stage, turns, coldId)),
    );
    turns = turns.map((one, index) => {
      const opensMs = lots.get(one.lotId)?.window.opensMs ?? null;
      if (index === 0) return one;
      const mostH = hoursBetween(divide.atMs, one.fromMs);
      const lateH =
        opensMs === null ? mostH : hoursBetween(addHours(one.fromMs, -EARLY_H), opensMs);
      const warmH = inFives(one.warmH + lateH);
      return { ...one, warmH: Math.min(mostH, Math.max(LEAST_WARM_H, warmH)) };
    });
  }
  return [{ kind: 'waves', placeId: coldId, changes: changesOf(stage, turns, coldId) }];
}
const STEP_H = 0.1;

function coldest({ places, nowMs }: HoldQuestion, warmId: string): string | null {
  const tempOf = (id: string) => placeTempC(places, id, nowMs);
  return colderPlaces(places.keys(), tempOf, tempOf(warmId))[0] ?? null;
}

function turnsOf({ readyFromMs, readyToMs }: HoldQuestion, stage: HoldStage): Turn[] {
  const [divide] = stage.divides;
  if (divide === undefined) return [];
  const { ballsLotId, count: balls } = divide.act;
  const window = stage.lots.get(ballsLotId)?.window;
  const opensMs = window?.opensMs ?? null;
  const closesMs = window?.closesMs ?? null;
  if (opensMs === null || closesMs === null) return [];
  const service = { fromMs: readyFromMs, toMs: readyToMs };
  const turns = turnsIn(service, waveHours({ opensMs, closesMs }), Math.min(MOST_WAVES, balls));
  const until = (turn: number) => Math.round((balls / turns.length) * turn);
  return turns.map((turn, i): Turn => ({
    ...turn,
    lotId: i === 0 ? ballsLotId : `${ballsLotId}.${i + 1}`,
    count: until(i + 1) - until(i),
    warmH: 1,
  }));
}

function changesOf(stage: HoldStage, turns: readonly Turn[], coldId: string): HoldChange[] {
  const [divide] = stage.divides;
  const [use] = stage.uses;
  if (divide === undefined || use === undefined) return [];
  const { act } = divide;
  return turns.flatMap((turn, index): HoldChange[] => {
    const { lotId, count } = turn;
    const first = index === 0;
    const name = first ? act.name : `${act.name} ${index + 1}`;
    const placeId = first ? act.placeId : coldId;
    const divided = { ...act, ballsLotId: lotId, count, name, placeId };
    const used = { ...use.act, lotId, count, untilMs: turn.toMs };
    const out = Math.max(divide.atMs + MINUTE_MS, addHours(turn.fromMs, -turn.warmH));
    return [
      { stepId: first ? divide.stepId : null, atMs: divide.atMs, act: divided },
      ...(first
        ? []
        : [
            {
              stepId: null,
              atMs: out,
              act: { kind: 'move', lotId, placeId: act.placeId } as const,
            },
          ]),
      { stepId: first ? use.stepId : null, atMs: turn.fromMs, act: used },
    ];
  });
}
const MINUTE_MS = 60_000;
