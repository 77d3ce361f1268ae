import type { LotForecast, Places, ShopForecast } from '@/core/forecast';
import {
  lineageActs,
  lotMadeBy,
  lotsTouchedBy,
  type DoneAct,
  type PlannedAct,
} from '@/core/journal';
import type { HoldQuestion } from '@/core/planner/hold';
import type { ShopUnits } from '@/core/units';
import { maybeOneBake, listPinned, type Bake } from '@/data';
import type { ShopContext } from '../context';
import { cultureSpeeds, forecastState, loadShop, type ShopState } from '../shop-state';
import { planningFacts } from '../new-bake';
import { riskKey } from './risk-key';
import { risksOf, type Risk } from './risks';
import { strandOf } from '../tide/strands';
import type { Strand } from '../tide/view';

/** A bake under way as the page asks about it; plain data. */
export interface HoldView {
  readonly bake: Pick<Bake, 'id' | 'name' | 'readyFromMs' | 'readyToMs'>;
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly placeNames: Readonly<Record<string, string>>;
  readonly facts: HoldFacts;
  /** The lot that is asked about as it stands, and as it was planned. */
  readonly strand: Strand | null;
  readonly placeName: string;
  readonly looks: readonly { readonly atMs: number; readonly rise: number }[];
  readonly mixAtMs: number | null;
  /** The notice that told it; null where it is at no risk. */
  readonly noticeId: string | null;
}

/** What the worker runs moves on. */
export type HoldFacts = Omit<HoldQuestion, 'places' | 'draws'> & {
  readonly places: Places;
};

/** The question of a bake; null where nothing of it is planned. */
export function holdFacts(context: ShopContext, state: ShopState, bake: Bake): HoldFacts | null {
  const plan: PlannedAct[] = state.folded.plan.filter((step) => step.bakeId === bake.id);
  if (!plan.some((step) => step.act.kind === 'use')) return null;
  const planned = new Set(plan.flatMap((step) => lotMadeBy(step.act) ?? []));
  const lotIds = [
    ...new Set(plan.flatMap((step) => lotsTouchedBy(step.act)).filter((id) => !planned.has(id))),
  ];
  const done: DoneAct[] = lineageActs(state.folded.done, lotIds);
  const facts = planningFacts(context, state);
  return {
    bakeId: bake.id,
    readyFromMs: bake.readyFromMs,
    readyToMs: bake.readyToMs,
    done,
    plan,
    nowMs: state.nowMs,
    places: new Map(facts.places.map((place) => [place.id, place])),
    pantry: facts.pantry,
    cultureSpeeds: cultureSpeeds(context, state),
    steps: { scaleStepG: facts.scaleStepG, fineStepG: facts.fineStepG },
    pinned: [...listPinned(context.db)],
  };
}

/** A bake under way, to hold or to hurry; null where there is none or nothing of it is planned. */
export function holdView(context: ShopContext, bakeId: string): HoldView | null {
  const state = loadShop(context);
  const bake = maybeOneBake(context.db, bakeId);
  if (bake === null) return null;
  const facts = holdFacts(context, state, bake);
  if (facts === null) return null;
  const forecast = forecastState(context, state);
  const mix = facts.plan.find((step) => step.act.kind === 'make' && step.act.lotKind === 'dough');
  const lot = standingLot(facts, forecast);
  const { shop } = state;
  return {
    bake: {
      id: bake.id,
      name: bake.name,
      readyFromMs: bake.readyFromMs,
      readyToMs: bake.readyToMs,
    },
    units: { timeZone: shop.timeZone, massUnit: shop.massUnit, tempUnit: shop.tempUnit },
    nowMs: state.nowMs,
    placeNames: Object.fromEntries(state.places.map((place) => [place.id, place.name])),
    facts,
    strand:
      lot === undefined
        ? null
        : strandOf(
            { ...lot, story: { ...lot.story, endMs: null } },
            state.nowMs + AHEAD_MS,
            new Set(),
          ),
    placeName: lot === undefined ? '' : placeOf(lot, state),
    looks: lot === undefined ? [] : looksOf(lot),
    mixAtMs: mix?.atMs ?? null,
    noticeId: noticeOf(risksOf(state, [bake], forecast)),
  };
}
const AHEAD_MS = 8 * 3_600_000;

const noticeOf = ([risk]: readonly Risk[]) => (risk === undefined ? null : riskKey(risk));

/** The lot of a bake that was made last and that the plan still takes from. */
function standingLot(facts: HoldFacts, forecast: ShopForecast): LotForecast | undefined {
  const standing = [...forecast.lots.values()].filter(
    (lot) =>
      lot.story.tense === 'done' &&
      facts.plan.some((step) => lotsTouchedBy(step.act).includes(lot.story.lot.id)),
  );
  return standing.sort((a, b) => b.story.startMs - a.story.startMs)[0];
}

const placeOf = ({ story }: LotForecast, state: ShopState) =>
  state.placeMap.get(story.stays.at(-1)?.placeId ?? '')?.name ?? '';

function looksOf({ story }: LotForecast): HoldView['looks'] {
  return story.looks.flatMap(({ atMs, signs }) =>
    signs.rise === undefined ? [] : [{ atMs, rise: signs.rise }],
  );
}
