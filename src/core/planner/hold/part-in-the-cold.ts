import { placeTempC } from '../../forecast';
import type { ActOf, Lot } from '../../journal';
import { addHours, MS_PER_HOUR, MS_PER_MINUTE } from '../../units';
import type { HoldStage } from './hold-stage';
import type { HoldChange, HoldQuestion, Sketch } from './hold-types';
import { SOON_MS, LEAST_SERVICE_H, outsOf } from './hold-balls';

/** A part that waits in the cold comes out so long before its turn, h. */
const PART_WARM_H = [0.5, 1.5];

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
