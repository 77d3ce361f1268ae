import { recipe, type FeedCycle } from '../../kinetics';
import type { MassRequest, Seed } from '../mass-request';

/** A mother at the peak of her steady 1:5:5 cycle at 25 °C. */
const STEADY: FeedCycle = { ratio: [1, 5, 5], tempC: 25, motherHydration: 1 };

const stand = (placeC: number, hours: number) => [{ placeC, hours }];

/** A mass raised by baker's yeast alone. Shares of flour; defaults are a plain poolish of half a kilo. */
export function yeasted(fields: {
  readonly kind: MassRequest['kind'];
  readonly freshPct: number;
  readonly startC: number;
  readonly placeC?: number;
  readonly hydration?: number;
  readonly saltPct?: number;
  readonly massKg?: number;
  readonly strengthW?: number;
  readonly hours?: number;
}): MassRequest {
  return {
    kind: fields.kind,
    recipe: recipe({
      hydration: fields.hydration ?? 1,
      massG: (fields.massKg ?? 0.5) * 1000,
      saltShare: (fields.saltPct ?? 0) / 100,
      ...(fields.strengthW === undefined ? {} : { strengthW: fields.strengthW }),
    }),
    startC: fields.startC,
    freshShare: fields.freshPct / 100,
    seeds: [],
    stays: stand(fields.placeC ?? fields.startC, fields.hours ?? 60),
  };
}

/** A feeding mother : flour : water, of a liquid mother unless said otherwise. */
export function fed(fields: {
  readonly kind: MassRequest['kind'];
  readonly ratio: readonly [number, number, number];
  readonly placeC: number;
  readonly massKg?: number;
  readonly motherHydration?: number;
  readonly afterFeeds?: readonly FeedCycle[];
}): MassRequest {
  const [mother, flourG, waterG] = fields.ratio;
  const hydration = fields.motherHydration ?? 1;
  const motherFlourG = mother / (1 + hydration);
  const allFlourG = motherFlourG + flourG;
  return {
    kind: fields.kind,
    recipe: recipe({
      hydration: (mother - motherFlourG + waterG) / allFlourG,
      massG: (fields.massKg ?? 0.25) * 1000,
    }),
    startC: fields.placeC,
    freshShare: 0,
    seeds: [
      {
        flourShare: motherFlourG / allFlourG,
        source: {
          cycle: STEADY,
          ...(fields.afterFeeds === undefined ? {} : { afterFeeds: fields.afterFeeds }),
        },
      },
    ],
    stays: stand(fields.placeC, 60),
  };
}

/** A dough with a living part that holds a share of its flour. */
export function raised(fields: {
  readonly kind: MassRequest['kind'];
  readonly seed: Seed;
  readonly startC: number;
  readonly massKg: number;
  readonly freshPct?: number;
  readonly hydration?: number;
  readonly saltPct?: number;
}): MassRequest {
  return {
    ...yeasted({
      kind: fields.kind,
      freshPct: fields.freshPct ?? 0,
      startC: fields.startC,
      hydration: fields.hydration ?? 0.62,
      saltPct: fields.saltPct ?? 2.5,
      massKg: fields.massKg,
      hours: 40,
    }),
    seeds: [fields.seed],
  };
}

/** The steady liquid mother as a part of a dough. */
export function levainPart(flourShare: number): Seed {
  return { flourShare, source: { cycle: STEADY } };
}

/** A plain dough: 62 % water, 2.5 % salt. */
export const plainDough = (freshPct: number, startC: number, massKg: number): MassRequest =>
  yeasted({ kind: 'dough', freshPct, startC, hydration: 0.62, saltPct: 2.5, massKg });

/** Yesterday's dough, kept cold for two days and warmed again. */
export const KEPT_DOUGH: MassRequest = {
  ...plainDough(0.25, 24, 0.28),
  stays: [
    { placeC: 24, hours: 4 },
    { placeC: 4.5, hours: 48 },
    { placeC: 23, hours: 5 },
  ],
};

/** The stiff cycle 1:2:1 that turns a liquid mother stiff. */
export const STIFF_FEED: FeedCycle = { ratio: [1, 2, 1], tempC: 25, motherHydration: 1 };
