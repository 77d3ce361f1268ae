import type { Tenses } from '../journal';
import { MS_PER_HOUR } from '../units';
import { bookSpeed } from './book-speed';
import { effectiveActs, type ForecastAct } from './effective-plan';
import { seedCultureOf } from './culture-of';
import type { CultureSpeed } from './culture-speed';
import type { DrawnTruth } from './drawn-truth';
import { LEAVENED_DOUGHS } from './leavened-doughs';
import type { LotForecast } from './lot-told';
import { forecastLot, type Look, type LotContext } from './lot-forecast';
import type { Surroundings } from './lot-run';
import { surroundingsMet } from './met';
import type { RunLot } from './start-state';
import type { RememberedLots } from './remembered';
import { tellStories, type Conflict, type LotStory } from './stories';

/** What a forecast of a whole shop is asked for. */
export interface ForecastRequest extends Surroundings {
  readonly folded: Tenses;
  readonly nowMs: number;
  /** How long the hour stays that overdue steps are taken to happen at, ms; a minute where left out. */
  readonly turnMs?: number;
  /** Lots that ended before this are left out, but for those that later ones descend from. */
  readonly visibleFromMs: number;
  /** Learned speed of each culture, see {@link seedCultureOf}, and of {@link LEAVENED_DOUGHS}; the book’s where absent. */
  readonly cultureSpeeds?: ReadonlyMap<string, CultureSpeed>;
  /** Forecasts of before, and the name of what else they rest on beside their places (flours); left out, everything is run. */
  readonly remembered?: { readonly lots: RememberedLots; readonly facts: string };
  /** Bands cost 17 runs a lot; leave them out where only curves are wanted. */
  readonly withBands: boolean;
  /** Step of the runs, h, where a picture that follows the finger does with a coarser one. */
  readonly stepH?: number;
  /** How planned lots are run where only what a search for a plan asks is wanted. */
  readonly look?: Look;
  /** A truth drawn for the whole shop, to see what a plan comes to in it. */
  readonly drawn?: DrawnTruth;
}

/** The shop’s lots, past and to come. */
export interface ShopForecast {
  readonly acts: readonly ForecastAct[];
  readonly lots: ReadonlyMap<string, LotForecast>;
  readonly conflicts: readonly Conflict[];
}

/** Generations back that a visible lot is followed; older cultures are taken as steady. */
const GENERATIONS = 4;

/** Runs the journal on through the plan: every visible lot with its curve, window and band. */
export function forecastShop(request: ForecastRequest): ShopForecast {
  const acts = effectiveActs(request.folded, request.nowMs, request.turnMs);
  const stories = tellStories(acts);
  const wanted = wantedLots(stories.byLot, request.visibleFromMs);
  const lots = new Map<string, LotForecast>();
  const lotOf = (lotId: string) => stories.byLot.get(lotId)?.lot;
  const inOrder = [...stories.byLot.values()].sort((a, b) => a.startMs - b.startMs);
  const shared = sharedContext(request, lots);
  for (const story of inOrder) {
    const visible = wanted.get(story.lot.id);
    if (visible === undefined) continue;
    const context: LotContext = {
      ...shared,
      culture: speedOf(request, seedCultureOf(story.lot, lotOf)),
      ...(isDrawn(story, request.drawn) ? { drawn: request.drawn } : {}),
      ...(request.look === undefined || story.tense !== 'planned' ? {} : { look: request.look }),
      withBand: request.withBands && visible && endsAfter(story, request.nowMs),
    };
    const lot = context.drawn === undefined ? rememberedLot : forecastLot;
    lots.set(story.lot.id, lot(story, context, request));
  }
  request.remembered?.lots.turn();
  return { acts, lots, conflicts: stories.conflicts };
}

/** The speed of a culture as learned, or as the book has it. */
const speedOf = ({ cultureSpeeds }: ForecastRequest, culture: string | null): CultureSpeed =>
  cultureSpeeds?.get(culture ?? '') ?? bookSpeed(culture);

/** What all lots of one forecast depend on. */
function sharedContext(
  request: ForecastRequest,
  runs: ReadonlyMap<string, RunLot>,
): Pick<LotContext, 'runs' | 'around' | 'nowMs' | 'doughs' | 'stepH'> {
  const doughs = request.cultureSpeeds?.get(LEAVENED_DOUGHS);
  return {
    runs,
    around: request,
    nowMs: request.nowMs,
    ...(doughs === undefined ? {} : { doughs }),
    ...(request.stepH === undefined ? {} : { stepH: request.stepH }),
  };
}

/** What stands in the shop is as it is, but for what is still in progress; what is planned is in doubt. */
function isDrawn(story: LotStory, drawn: DrawnTruth | undefined): drawn is DrawnTruth {
  if (drawn === undefined) return false;
  return story.tense === 'planned' || drawn.inProgress?.has(story.lot.id) === true;
}

/** A lot's forecast, from before where its story, its parents, its culture and its surroundings are the same. */
function rememberedLot(
  story: LotStory,
  context: LotContext,
  { remembered }: ForecastRequest,
): LotForecast {
  if (remembered === undefined) return forecastLot(story, context);
  const { lots, facts } = remembered;
  const parents = story.lot.madeFrom.map((id) =>
    lots.stampOf(context.runs.get(id) as LotForecast | undefined),
  );
  const openEnded = story.endMs === null ? Math.floor(context.nowMs / MS_PER_HOUR) : null;
  const met = surroundingsMet(story, context.around.places, context.nowMs);
  const told = { ...story, becomes: null, endedBy: null };
  const key = JSON.stringify([
    told,
    parents,
    context.culture,
    context.doughs,
    context.withBand,
    openEnded,
    met,
    facts,
    context.look,
  ]);
  const lot = lots.lot(story.lot.id, key, () => forecastLot(story, context));
  // What it became, and by what it ended, does not touch its runs but belongs to its story.
  return lot.story === story ? lot : lots.again(story.lot.id, { ...lot, story });
}

/** The stories of all lots of a shop, done and planned, without running any of them. */
export function shopStories(folded: Tenses, nowMs: number): ReadonlyMap<string, LotStory> {
  return tellStories(effectiveActs(folded, nowMs)).byLot;
}

function endsAfter(story: LotStory, atMs: number): boolean {
  return story.endMs === null || story.endMs > atMs - MS_PER_HOUR;
}

/** Visible lots (true) and their forebears (false). */
function wantedLots(byLot: ReadonlyMap<string, LotStory>, fromMs: number): Map<string, boolean> {
  const wanted = new Map<string, boolean>();
  for (const story of byLot.values()) {
    if (story.endMs === null || story.endMs >= fromMs) wanted.set(story.lot.id, true);
  }
  for (const id of [...wanted.keys()]) addForebears(byLot, id, GENERATIONS, wanted);
  return wanted;
}

function addForebears(
  byLot: ReadonlyMap<string, LotStory>,
  lotId: string,
  generations: number,
  wanted: Map<string, boolean>,
): void {
  if (generations === 0) return;
  for (const parent of byLot.get(lotId)?.lot.madeFrom ?? []) {
    if (!wanted.has(parent)) wanted.set(parent, false);
    addForebears(byLot, parent, generations - 1, wanted);
  }
}
