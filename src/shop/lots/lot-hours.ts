import type { ShopState } from '../state';
import type { LotForecast } from '@/core/forecast';
import { hoursBetween } from '@/core/units';

/** One stage of a lot: a stretch in one place. */
export interface StageHours {
  readonly name: string;
  readonly fromMs: number;
  /** By what is done or planned; null while no end is planned. */
  readonly toMs: number | null;
  readonly goneH: number;
  /** Null where no end is planned. */
  readonly leftH: number | null;
}

/** Hours of a lot by stage and in all, from the mixing of the dough where it was divided from one. */
export interface LotHours {
  readonly stages: readonly StageHours[];
  readonly goneH: number;
  readonly leftH: number | null;
}

/** Elapsed and remaining hours of a lot. */
export function lotHours(
  lot: LotForecast,
  state: ShopState,
  lots: ReadonlyMap<string, LotForecast>,
): LotHours {
  const parent = lot.story.start.kind === 'divide' ? lots.get(lot.story.start.lotId) : undefined;
  const stages = [
    ...(parent === undefined ? [] : stagesOf(parent, state, 'bulk, ')),
    ...stagesOf(lot, state, parent === undefined ? '' : 'balls, '),
  ];
  const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);
  const lefts = stages.map((stage) => stage.leftH);
  return {
    stages,
    goneH: sum(stages.map((stage) => stage.goneH)),
    leftH: lefts.includes(null) ? null : sum(lefts.map((left) => left ?? 0)),
  };
}

function stagesOf({ story }: LotForecast, state: ShopState, prefix: string): StageHours[] {
  const { nowMs, placeMap } = state;
  return story.stays.map((stay) => {
    const toMs = stay.toMs;
    const goneUntilMs = Math.min(nowMs, toMs ?? nowMs);
    const leftFromMs = Math.max(nowMs, stay.fromMs);
    return {
      name: `${prefix}${placeMap.get(stay.placeId)?.name ?? stay.placeId}`,
      fromMs: stay.fromMs,
      toMs,
      goneH: Math.max(0, hoursBetween(stay.fromMs, goneUntilMs)),
      leftH: toMs === null ? null : Math.max(0, hoursBetween(leftFromMs, toMs)),
    };
  });
}
