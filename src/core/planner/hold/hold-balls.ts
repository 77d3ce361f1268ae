import { placeTempC } from '../../forecast';
import { isAct, type ActOf, type PlannedAct } from '../../journal';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../../units';
import type { HoldStage } from './hold-stage';
import type { HoldChange, HoldQuestion, Sketch } from './hold-types';

/** Hands are there so soon. */
export const SOON_MS = 5 * MS_PER_MINUTE;
/** Boxes come out so much earlier or later. */
const OUT_BY_MS = [-90, -45, 45, 90].map((minutes) => minutes * MS_PER_MINUTE);
/** A move of less changes nothing that anyone would see. */
const NEAR_MS = 8 * MS_PER_MINUTE;
/** Places nearer to each other are as good as one. */
const OTHER_C = 2.5;
/** Balls from the cold are no warmer place’s than this long before they are used. */
const LEAST_WARM_MS = 20 * MS_PER_MINUTE;

/** A service is cut into two turns where it is at least this long, h. */
export const LEAST_SERVICE_H = 1;
const EARLIER_MS = 30 * MS_PER_MINUTE;
const SHORTER_MS = [30, 60].map((minutes) => minutes * MS_PER_MINUTE);

type Out = PlannedAct & { readonly act: ActOf<'move'> };

/** Planned moves that bring balls of the bake from a colder place into a warmer one. */
export function outsOf({ plan, places }: HoldQuestion, stage: HoldStage): Out[] {
  const tempOf = (id: string, atMs: number) => placeTempC(places, id, atMs);
  const pieces = new Set(stage.uses.map(({ act }) => act.lotId));
  return plan.filter((step): step is Out => {
    const { act, atMs } = step;
    if (!isAct(act, 'move') || !pieces.has(act.lotId)) return false;
    const from = stage.lots.get(act.lotId)?.story.stays.findLast((one) => one.fromMs < atMs);
    return from !== undefined && tempOf(from.placeId, atMs) < tempOf(act.placeId, atMs) - OTHER_C;
  });
}

/** Boxes out of the cold earlier, later, or into a place between the two. */
export function boxesOut(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const outs = outsOf(question, stage);
  const [first] = outs;
  if (first === undefined) return [];
  return [...outAtOtherHours(question, stage, outs), ...outElsewhere(question, stage, outs)];
}

function outAtOtherHours(question: HoldQuestion, stage: HoldStage, outs: readonly Out[]): Sketch[] {
  const [first] = outs;
  if (first === undefined) return [];
  const atOnceMs = firstOutMs(question, stage, first) - first.atMs;
  const shifts = [...OUT_BY_MS.filter((byMs) => byMs > atOnceMs + NEAR_MS), atOnceMs];
  return shifts
    .filter((byMs) => Math.abs(byMs) >= NEAR_MS)
    .flatMap((byMs): Sketch[] => {
      const changes = outsBy(outs, byMs);
      const fits = outs.every((one) => {
        const atMs = one.atMs + byMs;
        return atMs >= firstOutMs(question, stage, one) && atMs <= lastOutMs(stage, one);
      });
      return fits ? [{ kind: 'boxes out', byMs, outAtMs: changes[0]?.atMs ?? null, changes }] : [];
    });
}

const outsBy = (outs: readonly Out[], byMs: number): HoldChange[] =>
  outs.map((one) => ({ stepId: one.stepId, atMs: one.atMs + byMs, act: one.act }));

/** Earliest that boxes come out: as hands are there, and once they are balls. */
function firstOutMs({ nowMs }: HoldQuestion, { divides }: HoldStage, out: Out): number {
  const ball = divides.find(({ act }) => act.ballsLotId === out.act.lotId);
  return Math.max(nowMs + SOON_MS, ball === undefined ? 0 : ball.atMs + SOON_MS);
}

/** Balled at once, and never into the cold: what is late needs every warm hour. */
export function ballAndOut(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const outs = outsOf(question, stage);
  const atMs = question.nowMs + SOON_MS;
  if (outs.length === 0 || stage.divides.length === 0 || stage.at !== 'in bulk') return [];
  const divided = stage.divides.map((one): HoldChange => ({
    stepId: one.stepId,
    atMs,
    act: one.act,
  }));
  const out = outs.map((one): HoldChange => ({
    stepId: one.stepId,
    atMs: atMs + SOON_MS,
    act: one.act,
  }));
  return [{ kind: 'ball now', outAtMs: atMs + SOON_MS, changes: [...divided, ...out] }];
}

/** Latest that boxes still warm before their turn. */
const lastOutMs = ({ uses }: HoldStage, { act: { lotId } }: Out): number =>
  Math.min(...uses.filter(({ act }) => act.lotId === lotId).map(({ atMs }) => atMs)) -
  LEAST_WARM_MS;

function outElsewhere({ places }: HoldQuestion, stage: HoldStage, outs: readonly Out[]): Sketch[] {
  const [first] = outs;
  if (first === undefined) return [];
  const { atMs, act } = first;
  const tempOf = (id: string) => placeTempC(places, id, atMs);
  const stays = stage.lots.get(act.lotId)?.story.stays ?? [];
  const from = stays.findLast((one) => one.fromMs < atMs)?.placeId;
  if (from === undefined) return [];
  const now = tempOf(act.placeId);
  const others = [...places.keys()].filter(
    (id) =>
      id !== act.placeId &&
      tempOf(id) > tempOf(from) + OTHER_C &&
      Math.abs(tempOf(id) - now) > OTHER_C,
  );
  return others.map((placeId): Sketch => ({
    kind: 'boxes out',
    placeId,
    outAtMs: atMs,
    changes: outs.map((one) => ({
      stepId: one.stepId,
      atMs: one.atMs,
      act: { ...one.act, placeId },
    })),
  }));
}

/** The service begins earlier, and what waits in the cold comes out with it. */
export function serviceEarlier(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const { uses, divides } = stage;
  const outs = outsOf(question, stage);
  const last = Math.max(question.nowMs, ...[...divides, ...outs].map(({ atMs }) => atMs));
  const earliest = Math.min(...uses.map(({ atMs }) => atMs)) - EARLIER_MS;
  if (earliest < last + LEAST_WARM_MS) return [];
  return [
    {
      kind: 'service earlier',
      serviceLaterMs: -EARLIER_MS,
      changes: uses.map(({ stepId, atMs, act }) => ({
        stepId,
        atMs: atMs - EARLIER_MS,
        act: { ...act, untilMs: act.untilMs - EARLIER_MS },
      })),
    },
  ];
}

/** The service ends earlier, and as many pizzas fewer are promised. */
export function fewer({ readyToMs }: HoldQuestion, { uses }: HoldStage): Sketch[] {
  const last = uses.at(-1);
  if (last === undefined || last.act.untilMs < readyToMs - MS_PER_MINUTE) return [];
  const lengthMs = last.act.untilMs - last.atMs;
  return SHORTER_MS.flatMap((byMs): Sketch[] => {
    if (lengthMs - byMs < LEAST_SERVICE_H * MS_PER_HOUR) return [];
    const count = Math.floor((last.act.count * (lengthMs - byMs)) / lengthMs);
    if (count < 1) return [];
    const act = { ...last.act, count, untilMs: last.act.untilMs - byMs };
    return [
      {
        kind: 'fewer',
        count: last.act.count - count,
        serviceEndsEarlierMs: byMs,
        changes: [{ stepId: last.stepId, atMs: last.atMs, act }],
      },
    ];
  });
}
