import { nothingYet } from '../forecast/stories';
import { lotMade } from '../journal/stock';
import { massOf, mixCompositions, totals, type Composition, type Pantry } from '../composition';
import {
  forecastLot,
  NO_DOUBT,
  runLot,
  stateAt,
  type CultureSpeed,
  type LotForecast,
  type LotStory,
  type RunLot,
  type Surroundings,
} from '../forecast';
import type { ActOf, Lot } from '../journal';
import { MS_PER_HOUR } from '../units';

/** A jar as it stands at an instant, to be taken from. Plain data: it can be posted to a worker. */
export interface Jar {
  /** The lot with what is left of it. */
  readonly lot: Lot;
  /** Its living state at `fromMs`. */
  readonly state: readonly number[];
  readonly fromMs: number;
  /** Where it stands from then on. */
  readonly placeId: string;
  /** Speed that this jar runs at: its culture’s times its own. */
  readonly runSpeed: number;
  /** Speed of its culture, for what is made from it. */
  readonly culture: CultureSpeed;
}

/** A story that begins with its lot as it stands: a part of itself. */
export const asItStands = (lot: Lot, massG: number, placeId: string): ActOf<'split'> => ({
  kind: 'split',
  lotId: lot.id,
  partLotId: lot.id,
  name: lot.name,
  lotKind: lot.kind,
  massG,
  placeId,
});

/** The jar left standing where it is until an instant. */
export function standing(jar: Jar, untilMs: number, around: Surroundings): RunLot {
  const { lot, fromMs, placeId } = jar;
  const story: LotStory = {
    ...nothingYet(),
    lot,
    tense: 'done',
    startMs: fromMs,
    start: asItStands(lot, massOf(lot.composition), placeId),
    stays: [{ placeId, fromMs, toMs: null }],
  };
  const run = runLot(
    {
      story,
      state: Float64Array.from(jar.state),
      speed: jar.runSpeed,
      untilMs: Math.max(untilMs, fromMs + STANDS_AT_LEAST_MS),
      stepH: 0.05,
    },
    around,
    NO_DOUBT,
  );
  return { story, unknown: null, run };
}

/** A run needs a stretch to run. */
const STANDS_AT_LEAST_MS = MS_PER_HOUR / 10;

/** A making that takes from a jar, and when it is done. */
export interface Draft {
  readonly act: ActOf<'make'>;
  readonly atMs: number;
}

/**
 * The forecast of what a draft makes, by the same forecast that the journal gets once it is written.
 * @param from.mothers the jars left standing past the draft’s hour, see {@link standing}
 */
export function forecastDraft(
  { act, atMs }: Draft,
  from: { readonly mothers: readonly RunLot[]; readonly culture: CultureSpeed },
  around: Surroundings,
  options: { readonly withBand: boolean; readonly stepH?: number },
): LotForecast {
  const { mothers, culture } = from;
  const story: LotStory = {
    ...nothingYet(),
    lot: lotMade(act, atMs, madeOf(act, mothers)),
    tense: 'planned',
    startMs: atMs,
    start: act,
    stays: [{ placeId: act.placeId, fromMs: atMs, toMs: null }],
  };
  return forecastLot(story, {
    runs: new Map(mothers.map((one) => [one.story.lot.id, one])),
    around,
    culture,
    nowMs: atMs,
    withBand: options.withBand,
    ...(options.stepH === undefined ? {} : { stepH: options.stepH }),
  });
}

/** What a draft makes, from what it weighs in and takes. */
function madeOf(act: ActOf<'make'>, mothers: readonly RunLot[]): Composition {
  const weighed = act.ingredients.map((line) => ({ [line.ingredientId]: line.massG }));
  const taken = act.portions.map((line) => {
    const from =
      mothers.find((one) => one.story.lot.id === line.lotId)?.story.lot.composition ?? {};
    const share = line.massG / Math.max(1e-9, massOf(from));
    return Object.fromEntries(Object.entries(from).map(([id, massG]) => [id, massG * share]));
  });
  return mixCompositions([...weighed, ...taken]);
}

/** A jar that a forecast lot becomes: the next draft takes from it. */
export function jarOf(lot: LotForecast, fromMs: number, culture: CultureSpeed): Jar {
  const { story, run } = lot;
  return {
    lot: story.lot,
    state: Array.from(stateAt(run, story.startMs, fromMs)),
    fromMs,
    placeId: story.stays.at(-1)?.placeId ?? story.lot.placeId,
    runSpeed: lot.runSpeed,
    culture,
  };
}

/** Water over flour of a mass; null where it has no flour. */
export function hydrationOf(composition: Composition, pantry: Pantry): number | null {
  const sum = totals(composition, pantry);
  return sum.flourG > 0 ? sum.waterG / sum.flourG : null;
}
