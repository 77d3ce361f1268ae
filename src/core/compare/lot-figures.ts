import { word } from '@/words/tr';
import { totals, type Pantry } from '../composition';
import { placeTempC, stateAt, type LotForecast, type Places } from '../forecast';
import { isAct } from '../journal';
import { acidToPh, X } from '../kinetics';
import { hoursBetween } from '../units';
import { meanPlaceC } from './place-mean';
import type { ThingUnit } from './things';

/** One figure of a lot: how it is worked out, and from how far apart on two differ. */
export interface FigureRule {
  readonly name: string;
  readonly unit: ThingUnit;
  /** Differences up to this are none: so much, or such a share of the larger one. */
  readonly within: number;
  readonly ofLarger?: boolean;
  readonly of: (run: ComparedRun, shop: LotShop) => number | null;
}

/** What is done to a lot, in the order of the work. */
export const DONE: readonly FigureRule[] = [
  {
    name: word('Fresh yeast, of flour'),
    unit: 'dose',
    within: 0.03,
    ofLarger: true,
    of: yeastShare,
  },
  {
    name: word('Flour that came ripe'),
    unit: 'share',
    within: 0.004,
    of: seedShare,
  },
  {
    name: word('Water on flour'),
    unit: 'share',
    within: 0.004,
    of: (run, shop) => shareOfFlour(run, shop, (sum) => sum.waterG),
  },
  {
    name: word('Salt on flour'),
    unit: 'share',
    within: 0.0008,
    of: (run, shop) => shareOfFlour(run, shop, (sum) => sum.saltG),
  },
  {
    name: word('Whole grain in the flour'),
    unit: 'share',
    within: 0.01,
    of: ({ lot }, { pantry }) => totals(lot.story.lot.composition, pantry).wholegrainShare,
  },
  {
    name: word('Strength of the flour, W'),
    unit: 'strength',
    within: 4,
    of: ({ lot }, { pantry }) => totals(lot.story.lot.composition, pantry).strengthW,
  },
  {
    name: word('Just mixed'),
    unit: 'degrees',
    within: 0.4,
    of: startC,
  },
  {
    name: word('Where it stood, on average'),
    unit: 'degrees',
    within: 0.4,
    of: ({ lot, untilMs }, { places }) =>
      meanPlaceC(lot, places, untilMs ?? lot.window.closesMs ?? lot.window.bestMs),
  },
  {
    name: word('Hours it stood'),
    unit: 'hours',
    within: 0.2,
    of: ({ lot, untilMs }) => (untilMs === null ? null : hoursBetween(lot.story.startMs, untilMs)),
  },
];

/** How a lot came out. */
export const CAME_OUT: readonly FigureRule[] = [
  {
    name: word('Hours to its best'),
    unit: 'hours',
    within: 0,
    of: ({ lot }) =>
      lot.window.bestMs === null ? null : hoursBetween(lot.story.startMs, lot.window.bestMs),
  },
  {
    name: word('Used, from its best'),
    unit: 'minutes',
    within: 0,
    of: ({ lot, untilMs }) =>
      lot.window.bestMs === null || untilMs === null
        ? null
        : hoursBetween(lot.window.bestMs, untilMs) * 60,
  },
  {
    name: word('Highest level'),
    unit: 'times',
    within: 0,
    of: ({ lot }) => lot.window.peakRise,
  },
  {
    name: word('Acid when used, pH'),
    unit: 'ph',
    within: 0,
    of: phAt,
  },
  {
    name: word('Strength left when used'),
    unit: 'share',
    within: 0,
    of: ({ lot, untilMs }) =>
      untilMs === null ? null : (stateAt(lot.run, lot.story.startMs, untilMs)[X.gluten] ?? null),
  },
  {
    name: word('Speed, against the book'),
    unit: 'share',
    within: 0,
    of: ({ lot }) => lot.runSpeed,
  },
];

function shareOfFlour(
  { lot }: ComparedRun,
  { pantry }: LotShop,
  of: (sum: ReturnType<typeof totals>) => number,
): number | null {
  const sum = totals(lot.story.lot.composition, pantry);
  return sum.flourG > 0 ? of(sum) / sum.flourG : null;
}

/** Yeast weighed into it over all its flour; what its leavens brought has grown since and is not counted. */
function yeastShare({ lot }: ComparedRun, { pantry }: LotShop): number | null {
  const { start, lot: made } = lot.story;
  const sum = totals(made.composition, pantry);
  if (!isAct(start, 'make') || sum.flourG <= 0) return null;
  const own = totals(weighed(start.ingredients), pantry);
  return own.freshYeastG / sum.flourG;
}

/** Flour that came with portions of other lots, over all its flour. */
function seedShare({ lot }: ComparedRun, { pantry }: LotShop): number | null {
  const { start, lot: made } = lot.story;
  const sum = totals(made.composition, pantry);
  if (!isAct(start, 'make') || sum.flourG <= 0) return null;
  return Math.max(0, 1 - totals(weighed(start.ingredients), pantry).flourG / sum.flourG);
}

const weighed = (lines: readonly { readonly ingredientId: string; readonly massG: number }[]) =>
  Object.fromEntries(lines.map((line) => [line.ingredientId, line.massG]));

function startC({ lot }: ComparedRun, { places }: LotShop): number | null {
  const { start, startMs } = lot.story;
  if (isAct(start, 'make')) return start.startC;
  const [first] = lot.story.stays;
  return first === undefined ? null : placeTempC(places, first.placeId, startMs);
}

function phAt({ lot, untilMs }: ComparedRun): number | null {
  if (untilMs === null) return null;
  const acid = stateAt(lot.run, lot.story.startMs, untilMs)[X.acid];
  const { wholegrainShare, model } = lot.run.constants;
  return acid === undefined ? null : acidToPh(acid, wholegrainShare, model);
}

/** The shop that lots stood in. */
export interface LotShop {
  readonly places: Places;
  readonly pantry: Pantry;
}

/** A lot as it is laid beside others. */
export interface ComparedRun {
  readonly lot: LotForecast;
  /** When it was, or is to be, used up; null where it stands and nothing is to take it. */
  readonly untilMs: number | null;
  /** Who made it; null where nobody signed. */
  readonly madeBy: string | null;
}
