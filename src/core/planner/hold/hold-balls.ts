import { placeTempC } from '../../forecast';
import { isAct, type ActOf, type Lot, type PlannedAct } from '../../journal';
import { addHours, MS_PER_HOUR, MS_PER_MINUTE } from '../../units';
import type { HoldStage } from './hold-stage';
import type { HoldChange, HoldQuestion, Sketch } from './hold-types';

/** Hands are there so soon. */
const SOON_MS = 5 * MS_PER_MINUTE;
/** Boxes come out so much earlier or later. */
const OUT_BY_MS = [-90, -45, 45, 90].map((minutes) => minutes * MS_PER_MINUTE);
/** A move of less changes nothing that anyone would see. */
const NEAR_MS = 8 * MS_PER_MINUTE;
/** Places nearer to each other are as good as one. */
const OTHER_C = 2.5;
/** Balls from the cold are no warmer place’s than this long before they are used. */
const LEAST_WARM_MS = 20 * MS_PER_MINUTE;
/** A part that waits in the cold comes out so long before its turn, h. */
const PART_WARM_H = [0.5, 1.5];
/** A service is cut into two turns where it is at least this long, h. */
const LEAST_SERVICE_H = 1;
const EARLIER_MS = 30 * MS_PER_MINUTE;
const SHORTER_MS = [30, 60].map((minutes) => minutes * MS_PER_MINUTE);

type Out = PlannedAct & { readonly act: ActOf<'move'> };

/** Planned moves that bring balls of the bake from a colder place into a warmer one. */
function outsOf({ plan, places }: HoldQuestion, stage: HoldStage): Out[] {
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

/** What can be parted: balls on their own in a warm place, with their one use. */
interface Parted {
  readonly lot: Lot & { readonly ballG: number };
  readonly use: HoldStage['uses'][number];
  readonly cold: string;
  /** Half of them. */
  readonly count: number;
}

function partedOf(question: HoldQuestion, stage: HoldStage): Parted | null {
  const [use] = stage.uses;
  const cold = coldPlace(question);
  const lot = use === undefined ? undefined : stage.lots.get(use.act.lotId)?.story.lot;
  if (use === undefined || lot === undefined || cold === null || stage.uses.length !== 1)
    return null;
  const { ballG } = lot;
  if (ballG === null || lot.placeId === cold || outsOf(question, stage).length > 0) return null;
  const count = Math.floor(Math.min(use.act.count, lot.balls ?? 0) / 2);
  return count < 1 ? null : { lot: { ...lot, ballG }, use, cold, count };
}

/** A half of the balls into the cold now, out again for the second half of the service. */
export function partInTheCold(question: HoldQuestion, stage: HoldStage): Sketch[] {
  const parted = partedOf(question, stage);
  if (parted === null) return [];
  const atMs = question.nowMs + SOON_MS;
  const fromMs = Math.max(parted.use.atMs, atMs);
  const serviceMs = parted.use.act.untilMs - fromMs;
  if (serviceMs < LEAST_SERVICE_H * MS_PER_HOUR) return [];
  const turnMs = fromMs + serviceMs / 2;
  return PART_WARM_H.map((warmH) => addHours(turnMs, -warmH))
    .filter((outMs) => outMs >= atMs + 4 * SOON_MS)
    .map((outMs): Sketch => ({
      kind: 'part in the cold',
      placeId: parted.cold,
      count: parted.count,
      outAtMs: outMs,
      changes: partChanges(parted, { atMs, outMs, turnMs }),
    }));
}

function partChanges(
  { lot, use, cold, count }: Parted,
  at: { readonly atMs: number; readonly outMs: number; readonly turnMs: number },
): HoldChange[] {
  const partLotId = `${lot.id}.c${Math.round(at.atMs / MS_PER_MINUTE).toString(36)}`;
  const split: ActOf<'split'> = {
    kind: 'split',
    lotId: lot.id,
    partLotId,
    name: `${lot.name} 2`.slice(0, 60),
    lotKind: 'balls',
    massG: count * lot.ballG,
    count,
    placeId: cold,
  };
  const { act } = use;
  return [
    { stepId: null, atMs: at.atMs, act: split },
    {
      stepId: null,
      atMs: at.outMs,
      act: { kind: 'move', lotId: partLotId, placeId: lot.placeId },
    },
    {
      stepId: use.stepId,
      atMs: use.atMs,
      act: { ...act, count: act.count - count, untilMs: at.turnMs },
    },
    {
      stepId: null,
      atMs: at.turnMs,
      act: { kind: 'use', lotId: partLotId, count, untilMs: act.untilMs },
    },
  ];
}

/** The coldest place that does not freeze; null where the shop has none. */
function coldPlace({ places, nowMs }: HoldQuestion): string | null {
  const tempOf = (id: string) => placeTempC(places, id, nowMs);
  const cold = [...places.keys()].filter((id) => tempOf(id) > 0 && tempOf(id) < COLD_C);
  return cold.sort((a, b) => tempOf(a) - tempOf(b))[0] ?? null;
}
const COLD_C = 9;

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
