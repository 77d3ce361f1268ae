import { type HoldFacts } from '@/shop/hold/facts';
import { type Risk } from '@/shop/tide/risk';
import { type ShopState } from '@/shop/state';
import { type Bake } from '@/shop/kept/bake';
import type { LotForecast, ShopForecast } from '@/core/forecast';
import { lotsTouchedBy } from '@/core/journal';
import { MS_PER_HOUR, unitsOf, type ShopUnits } from '@/core/units';
import { maybeOneBake } from '@/data';
import type { ShopContext } from '../context';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { holdFacts } from '../odds/hold-facts';
import { riskKey } from '@/shop/hold/risk-key';
import { risksOf } from '../odds/risks';
import { strandOf } from '@/shop/tide/strands';
import type { Strand } from '@/shop/tide/view';

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
    units: unitsOf(shop),
    nowMs: state.nowMs,
    placeNames: Object.fromEntries(state.places.map((place) => [place.id, place.name])),
    facts,
    strand:
      lot === undefined
        ? null
        : strandOf(
            { ...lot, story: { ...lot.story, endMs: null } },
            shownUntilMs(bake, state.nowMs),
            new Set(),
          ),
    placeName: lot === undefined ? '' : placeOf(lot, state),
    looks: lot === undefined ? [] : looksOf(lot),
    mixAtMs: mix?.atMs ?? null,
    noticeId: noticeOf(risksOf(context, state, [bake], forecast)),
  };
}
/** What stands is drawn on to the service, but no less than some hours and no more than a day. */
const LEAST_AHEAD_MS = 8 * MS_PER_HOUR;
const MOST_AHEAD_MS = 24 * MS_PER_HOUR;
const shownUntilMs = ({ readyFromMs }: Bake, nowMs: number) =>
  Math.min(nowMs + MOST_AHEAD_MS, Math.max(nowMs + LEAST_AHEAD_MS, readyFromMs));

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
