import { bareName } from '@/words/bare';
import { tr, trOf } from '@/words/tr';
import type { Bake } from '../kept/bake';
import type { Pantry } from '@/core/composition';
import type { LotForecast, ShopForecast } from '@/core/forecast';
import { isAct, type Act } from '@/core/journal';
import type { MixSpan } from '@/core/mixing';
import {
  handsMin,
  LIGHTING_MIN,
  litresOfStays,
  pizzasPerHour,
  togetherMin,
  type HandsNeed,
  type Needs,
} from '@/core/planner/week';
import { addHours, MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';

/** A shop with its forecast, as far as it takes hands, room and things. */
export interface ShopRun {
  readonly forecast: ShopForecast;
  readonly nowMs: number;
  readonly pantry: Pantry;
  readonly bakes: readonly Bake[];
  /** Bakes that have planned steps. */
  readonly live: ReadonlySet<string>;
  /** When the mix of a bake takes hands and mixer, minutes from its start, by bake. */
  readonly mixSpans: ReadonlyMap<string, readonly MixSpan[]>;
  /** Bakes that are left out. */
  readonly without: ReadonlySet<string>;
}

/** What is left standing in a place takes room for as long as plans are made for. */
const HORIZON_MS = 21 * 24 * MS_PER_HOUR;

/** Everything that the journal and the plan take of the shop from now on. */
export function needsOfShop(shop: ShopRun): Needs {
  const { forecast, bakes, live, nowMs, without } = shop;
  const planned = forecast.acts.filter(
    (one) => one.tense === 'planned' && !without.has(one.bakeId ?? ''),
  );
  const gone = new Set(
    forecast.acts
      .filter((one) => one.tense === 'planned' && without.has(one.bakeId ?? ''))
      .flatMap(({ act }) =>
        isAct(act, 'make') ? [act.lotId] : isAct(act, 'divide') ? [act.ballsLotId] : [],
      ),
  );
  const open = bakes.filter(
    (bake) => live.has(bake.id) && bake.readyToMs > nowMs && !without.has(bake.id),
  );
  // A look takes a moment and can wait for one.
  const hands = planned.filter(({ act }) => act.kind !== 'use' && act.kind !== 'look');
  return {
    hands: [
      ...together(hands).flatMap((group) => momentsOf(group, shop)),
      ...open.flatMap((bake) => servedBy(bake, forecast)),
    ],
    places: [...forecast.lots.values()]
      .filter((lot) => !gone.has(lot.story.lot.id))
      .flatMap((lot) => placesOf(lot, shop)),
    things: [
      ...planned.flatMap(({ act, atMs, bakeId }) => {
        if (isAct(act, 'make') && act.lotKind === 'dough' && act.mixedBy !== 'hand') {
          const demandId = `bake ${bakeId ?? ''}`;
          return spansOf(act, bakeId, shop).map((span) => ({
            thing: 'mixer' as const,
            fromMs: atMs + span.fromMin * MS_PER_MINUTE,
            toMs: atMs + span.toMin * MS_PER_MINUTE,
            amount: 1,
            demandId,
          }));
        }
        return [];
      }),
      ...boxesOf(shop, gone),
      ...open.flatMap((bake) => {
        const balls = wantedOf(bake, forecast);
        return pizzasPerHour({ ...bake, balls, perHour: null }).map((amount, hour) => ({
          thing: 'oven' as const,
          fromMs: addHours(bake.readyFromMs, hour),
          toMs: Math.min(bake.readyToMs, addHours(bake.readyFromMs, hour + 1)),
          amount,
          demandId: `bake ${bake.id}`,
        }));
      }),
    ],
    cultures: [],
  };
}

type ForecastAct = ShopForecast['acts'][number];

/** What one pair of hands does of a bake at one instant, and of one kind, together. */
function together(acts: readonly ForecastAct[]): ForecastAct[][] {
  const groups = new Map<string, ForecastAct[]>();
  for (const one of acts) {
    const key = `${one.bakeId ?? one.ref} ${one.atMs} ${one.act.kind} ${one.by ?? ''}`;
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [one]);
    else group.push(one);
  }
  return [...groups.values()];
}

function momentsOf(group: readonly ForecastAct[], shop: ShopRun): HandsNeed[] {
  const [{ act, atMs, by, bakeId }] = group as [ForecastAct];
  const spans =
    group.length === 1
      ? spansOf(act, bakeId, shop)
      : [{ fromMin: 0, toMin: togetherMin(group.map((one) => one.act)) }];
  return spans.map(({ fromMin, toMin }) => ({
    what: nameOf(act, shop.forecast),
    fromMs: atMs + fromMin * MS_PER_MINUTE,
    toMs: atMs + toMin * MS_PER_MINUTE,
    demandId: `bake ${bakeId ?? ''}`,
    who: by,
    ...(isBoxes(act, shop.forecast) ? { part: 'boxes' as const } : {}),
  }));
}

const isBoxes = (act: Act, { lots }: ShopForecast) =>
  isAct(act, 'move') && typeof lots.get(act.lotId)?.story.lot.balls === 'number';

/** The hands of a bake’s service: while its balls are used, a pause between sittings left out. */
function servedBy(bake: Bake, { acts }: ShopForecast): HandsNeed[] {
  const turns = acts
    .flatMap(({ act, atMs, bakeId }) =>
      bakeId === bake.id && isAct(act, 'use') ? [{ fromMs: atMs, toMs: act.untilMs }] : [],
    )
    .sort((a, b) => a.fromMs - b.fromMs);
  const spans: { fromMs: number; toMs: number }[] = [];
  for (const turn of turns) {
    const last = spans.at(-1);
    if (last === undefined || last.toMs < turn.fromMs) spans.push({ ...turn });
    else last.toMs = Math.max(last.toMs, turn.toMs);
  }
  if (spans.length === 0) spans.push({ fromMs: bake.readyFromMs, toMs: bake.readyToMs });
  return spans.map((span) => ({
    ...span,
    what: tr`${bake.name} service`,
    demandId: `bake ${bake.id}`,
    who: null,
    part: 'service',
  }));
}

function nameOf(act: ShopForecast['acts'][number]['act'], forecast: ShopForecast): string {
  if (isAct(act, 'make')) return act.name;
  if (isAct(act, 'light')) return tr`light ${act.oven}`;
  if (isAct(act, 'do')) return act.what;
  if (isAct(act, 'soak')) return tr`soak ${act.name}`;
  const lot = forecast.lots.get(act.lotId)?.story.lot.name ?? act.lotId;
  return isAct(act, 'divide') ? tr`ball ${bareName(lot, 'dough')}` : `${trOf(act.kind)} ${lot}`;
}

/** When an act takes hands, minutes from its start. */
function spansOf(
  act: ForecastAct['act'],
  bakeId: string | null,
  { mixSpans }: Pick<ShopRun, 'mixSpans'>,
): readonly MixSpan[] {
  if (isAct(act, 'light')) return [{ fromMin: 0, toMin: LIGHTING_MIN }];
  const known = mixSpans.get(bakeId ?? '');
  if (isAct(act, 'make') && act.lotKind === 'dough' && known !== undefined) return known;
  return [{ fromMin: 0, toMin: handsMin(act) }];
}

function placesOf(lot: LotForecast, { nowMs, pantry }: ShopRun): Needs['places'] {
  const span = { fromMs: nowMs, toMs: nowMs + HORIZON_MS };
  const { id } = lot.story.lot;
  return litresOfStays(lot, span, pantry).map((one) => ({ ...one, demandId: `lot ${id}` }));
}

function boxesOf({ forecast, nowMs }: ShopRun, gone: ReadonlySet<string>): Needs['things'] {
  return [...forecast.lots.values()].flatMap(({ story }) => {
    const { balls, id } = story.lot;
    const endMs = story.endMs ?? nowMs + HORIZON_MS;
    if (balls === null || story.lot.part || endMs <= nowMs || gone.has(id)) return [];
    return [
      {
        thing: 'boxes' as const,
        fromMs: Math.max(nowMs, story.startMs),
        toMs: endMs,
        amount: balls,
        demandId: `lot ${id}`,
      },
    ];
  });
}

/** Balls that a bake wants. */
export function wantedOf(bake: Bake, forecast: ShopForecast): number {
  return forecast.acts.reduce(
    (sum, { act, bakeId }) => (bakeId === bake.id && isAct(act, 'use') ? sum + act.count : sum),
    0,
  );
}
