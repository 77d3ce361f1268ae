import { tr, trOf } from '@/words/tr';
import { totals, type Pantry } from '../../composition';
import type { LotForecast } from '../../forecast';
import type { Act } from '../../journal';
import { mixClock } from '../../mixing';
import { rowAtHour } from '../../ripeness';
import { addHours, hoursBetween, MS_PER_HOUR, MS_PER_MINUTE } from '../../units';
import type { BakeStep } from '../bake-step';
import type { MethodPlan, MethodRequest } from '../method-request';
import { pizzasPerHour, sittingsOf, type Demand } from './demand';
import { LIGHTING_MIN, togetherMin } from './hands-minutes';
import { litBeforeMin, type Kitchen } from './kitchen';
import type { CultureNeed, HandsNeed, Needs, PlaceNeed, ThingNeed } from './needs';

const ML_PER_LITRE = 1000;

/** Everything that a plan of a demand takes of the shop. */
export function needsOfPlan(
  plan: MethodPlan,
  demand: Demand,
  shop: { readonly kitchen: Kitchen; readonly request: MethodRequest },
): Needs {
  return {
    hands: handsOf(plan, demand, shop.kitchen),
    places: placesOf(plan, demand, shop.request.pantry),
    things: thingsOf(plan, demand, shop.kitchen),
    cultures: culturesOf(plan, demand, shop.request),
  };
}

function handsOf(plan: MethodPlan, demand: Demand, kitchen: Kitchen): HandsNeed[] {
  const need = (what: string, fromMs: number, minutes: number): HandsNeed => ({
    what,
    fromMs,
    toMs: fromMs + minutes * MS_PER_MINUTE,
    demandId: demand.id,
    who: null,
  });
  const steps = together(plan.steps).flatMap(({ atMs, acts }): HandsNeed[] => {
    const [act] = acts as [Act];
    if (act.kind === 'make' && act.lotKind === 'dough') {
      return mixClock(plan.method.mix, plan.batches).spans.map(({ fromMin, toMin }) => ({
        ...need(whatOf(act, demand), atMs + fromMin * MS_PER_MINUTE, toMin - fromMin),
        part: 'mix' as const,
      }));
    }
    const moment = need(whatOf(act, demand), atMs, togetherMin(acts));
    return [isBoxes(act, plan) ? { ...moment, part: 'boxes' as const } : moment];
  });
  const litMin = litBeforeMin(kitchen);
  const lit =
    litMin === null || demand.ovenOn === true
      ? []
      : [
          {
            ...need(tr`light the oven`, demand.readyFromMs - litMin * MS_PER_MINUTE, LIGHTING_MIN),
            part: 'oven' as const,
          },
        ];
  // Balls that are out all the time are somebody’s all the time; in waves a pause is free.
  const whole = [{ fromMs: demand.readyFromMs, toMs: demand.readyToMs }];
  const sittings = plan.waves === null ? whole : sittingsOf(demand);
  const served = sittings.map(({ fromMs, toMs }) => ({
    ...need(tr`${demand.name} service`, fromMs, (toMs - fromMs) / MS_PER_MINUTE),
    part: 'service' as const,
  }));
  return [...steps, ...lit, ...served];
}

const isBoxes = (act: Act, { ids }: MethodPlan) =>
  act.kind === 'move' && ids.pieceIds.includes(act.lotId);

function whatOf(act: Act, demand: Demand): string {
  if (act.kind === 'make') return act.lotKind === 'dough' ? tr`mix ${demand.name}` : act.name;
  if (act.kind === 'divide') return tr`ball ${demand.name}`;
  if (act.kind === 'do') return act.what;
  if (act.kind === 'soak') return tr`soak ${demand.name}`;
  return act.kind === 'move' ? tr`move ${demand.name}` : trOf(act.kind);
}

/** Acts of one instant and kind; services are told by their demand. */
function together(steps: readonly BakeStep[]): { atMs: number; acts: Act[] }[] {
  const groups = new Map<string, { atMs: number; acts: Act[] }>();
  for (const { atMs, act } of steps) {
    if (act.kind === 'use') continue;
    const key = `${atMs} ${act.kind}`;
    const group = groups.get(key) ?? { atMs, acts: [] };
    group.acts.push(act);
    groups.set(key, group);
  }
  return [...groups.values()];
}

function placesOf(plan: MethodPlan, demand: Demand, pantry: Pantry): PlaceNeed[] {
  const own = new Set<string>(
    plan.steps.flatMap(({ act }) =>
      act.kind === 'make' ? [act.lotId] : act.kind === 'divide' ? [act.ballsLotId] : [],
    ),
  );
  return [...plan.lots]
    .filter(([lotId]) => own.has(lotId))
    .flatMap(([, lot]) => {
      const span = { fromMs: -Infinity, toMs: demand.readyToMs };
      return litresOfStays(lot, span, pantry).map((one) => ({ ...one, demandId: demand.id }));
    });
}

/** Stays of a lot between two instants with the litres that they take: the most that it rises to in each. */
export function litresOfStays(
  lot: LotForecast,
  span: { readonly fromMs: number; readonly toMs: number },
  pantry: Pantry,
): Omit<PlaceNeed, 'demandId'>[] {
  const { story } = lot;
  const denseMl = totals(story.lot.composition, pantry).flourG * lot.run.constants.denseVolume;
  const endMs = Math.min(story.endMs ?? span.toMs, span.toMs);
  return story.stays.flatMap((stay) => {
    const fromMs = Math.max(stay.fromMs, span.fromMs);
    const toMs = Math.min(stay.toMs ?? endMs, endMs);
    if (toMs <= fromMs) return [];
    // A jar that stands for weeks is looked at for the days that it is run.
    const rise = highestRise(lot, fromMs, Math.min(toMs, fromMs + LOOK_MS));
    const litres = (denseMl * rise) / ML_PER_LITRE;
    return [{ placeId: stay.placeId, what: story.lot.name, fromMs, toMs, litres }];
  });
}
const LOOK_MS = 72 * MS_PER_HOUR;

/** The highest rise of a lot between two instants, × its volume without gas. */
function highestRise({ run, story }: LotForecast, fromMs: number, toMs: number): number {
  const first = rowAtHour(run.hours, run.length, hoursBetween(story.startMs, fromMs));
  const last = rowAtHour(run.hours, run.length, hoursBetween(story.startMs, toMs));
  let highest = 1;
  for (let row = first; row <= last; row += 1) highest = Math.max(highest, run.rises[row] ?? 1);
  return highest;
}

function thingsOf(plan: MethodPlan, demand: Demand, kitchen: Kitchen): ThingNeed[] {
  const { id: demandId, readyFromMs, readyToMs } = demand;
  const things: ThingNeed[] = [];
  if (plan.method.mix.by === 'mixer' && kitchen.mixers.length > 0) {
    for (const { fromMin, toMin } of mixClock(plan.method.mix, plan.batches).spans) {
      const fromMs = plan.mixAtMs + fromMin * MS_PER_MINUTE;
      const toMs = plan.mixAtMs + toMin * MS_PER_MINUTE;
      things.push({ thing: 'mixer', fromMs, toMs, amount: 1, demandId });
    }
  }
  for (const { atMs, act } of plan.steps) {
    if (act.kind !== 'divide') continue;
    const use = plan.steps.find(
      (one) => one.act.kind === 'use' && one.act.lotId === act.ballsLotId,
    );
    const toMs = use?.act.kind === 'use' ? use.act.untilMs : readyToMs;
    things.push({ thing: 'boxes', fromMs: atMs, toMs, amount: act.count, demandId });
  }
  pizzasPerHour(demand).forEach((amount, hour) => {
    const fromMs = addHours(readyFromMs, hour);
    const toMs = Math.min(readyToMs, fromMs + MS_PER_HOUR);
    const share = Math.max(hoursBetween(fromMs, toMs), 1e-9);
    things.push({ thing: 'oven', fromMs, toMs, amount: amount / share, demandId });
  });
  return things;
}

function culturesOf(plan: MethodPlan, demand: Demand, request: MethodRequest): CultureNeed[] {
  return plan.columns.leavens.flatMap(({ leaven, seedG, totalG }): CultureNeed[] => {
    const source = request.sources.find((one) => one.leavenId === leaven.id);
    if (source?.thereG === undefined) return [];
    const first = plan.refreshments.find((one) => one.leavenId === leaven.id && one.number === 1);
    const massG = leaven.made.by === 'taken' ? totalG : (first?.motherG ?? seedG);
    const { lotId: jarId, thereG } = source;
    return [{ jarId, name: leaven.name, massG, thereG, demandId: demand.id }];
  });
}
