import { mixCompositions, type Composition } from '../composition';
import { placeTempC, setTempC, type Places } from '../forecast';
import {
  SALT,
  USUAL_LEAVENS,
  WATER,
  yeastId,
  type DoughColumns,
  type LeavenColumn,
} from '../formula';
import type { ActOf } from '../journal';
import { addHours } from '../units';
import type { BakeStep } from './bake-step';
import type { MethodLots, MethodMoments } from './method-acts';
import type { LeavenSource } from './plan-parts';

/** More of an assumed source than a bake takes, so that it never runs out. */
const PLENTY = 1.5;
/** How old what is taken is assumed to be, h: yesterday’s dough, discard of two days, a jar just ripe. Set. */
const AGE_H = { 'carry-over': 24, discard: 48, starter: 0.2 } as const;
/** Yeast that yesterday’s dough is assumed to have been made with, fresh over flour. Set. */
const LEFTOVER_YEAST = 0.002;
const LEFTOVER_START_C = 22;

/**
 * Stand-ins for the lots that leavens are seeded or taken from: a mother ripe on its own cycle, yesterday’s dough from
 * the coldest place, discard of two days. The forecast of a method that is not planned yet rests on them.
 */
export function assumedSources(
  columns: Pick<DoughColumns, 'leavens'>,
  moments: MethodMoments,
  lots: MethodLots,
  shop: { readonly places: Places; readonly sources: readonly LeavenSource[] },
): BakeStep[] {
  return columns.leavens.flatMap((column): BakeStep[] => {
    const lotId = lots.sourceIds[column.leaven.id];
    // A lot that stands in the shop needs no stand-in.
    if (lotId === undefined || !lotId.startsWith('source:')) return [];
    const cultureId =
      shop.sources.find((one) => one.leavenId === column.leaven.id)?.cultureId ?? null;
    return [assumedSource(column, moments, { lotId, cultureId }, shop.places)];
  });
}

function assumedSource(
  column: LeavenColumn,
  moments: MethodMoments,
  as: { readonly lotId: string; readonly cultureId: string | null },
  places: Places,
): BakeStep {
  const { leaven } = column;
  const culture = as.cultureId === null ? {} : { cultureId: as.cultureId };
  const common = {
    kind: 'make' as const,
    lotId: as.lotId,
    name: leaven.name,
    portions: [],
    gasKept: 0,
  };
  if (leaven.made.by === 'seed') {
    const atMs = addHours(moments.leavenAtMs[leaven.id] ?? moments.mixAtMs, -0.05);
    const stiff = leaven.made.seedHydration < 0.7;
    const grams = halves(column.seedG * PLENTY, leaven.made.seedHydration, column.composition);
    const placeId = warmest(places, atMs);
    const act: ActOf<'make'> = {
      ...common,
      ...culture,
      lotKind: stiff ? 'stiff starter' : 'starter',
      ingredients: lines(grams),
      placeId,
      startC: Math.min(28, Math.max(18, placeTempC(places, placeId, atMs))),
    };
    return { atMs, act };
  }
  const kind = leaven.kind === 'discard' || leaven.kind === 'starter' ? leaven.kind : 'carry-over';
  const atMs = addHours(moments.mixAtMs, -AGE_H[kind]);
  const grams = mixCompositions([scaled(column.composition, PLENTY)]);
  const cold = kind !== 'starter';
  const placeId = cold ? coldest(places, atMs) : warmest(places, atMs);
  const flourG = flourOf(grams);
  return {
    atMs,
    act: {
      ...common,
      ...culture,
      lotKind: kind === 'carry-over' ? 'dough' : USUAL_LEAVENS.starter.lotKind,
      ingredients: [
        ...lines(grams),
        ...(kind === 'carry-over'
          ? [{ ingredientId: yeastId('fresh'), massG: LEFTOVER_YEAST * flourG }]
          : []),
      ],
      placeId,
      startC: LEFTOVER_START_C,
    },
  };
}

const lines = (grams: Composition) =>
  Object.entries(grams)
    .filter(([, massG]) => massG > 0)
    .map(([ingredientId, massG]) => ({ ingredientId, massG }));

const scaled = (grams: Composition, factor: number): Composition =>
  Object.fromEntries(Object.entries(grams).map(([id, massG]) => [id, massG * factor]));

const NO_FLOUR = new Set<string>([WATER, SALT, 'oil']);
const flourOf = (grams: Composition) =>
  Object.entries(grams).reduce((sum, [id, massG]) => (NO_FLOUR.has(id) ? sum : sum + massG), 0);

/** Flour and water of a seed, its flour being the first of the build’s. */
function halves(massG: number, hydration: number, build: Composition): Composition {
  const flourG = massG / (1 + hydration);
  const flourId = Object.keys(build).find((id) => !NO_FLOUR.has(id)) ?? WATER;
  return { [flourId]: flourG, [WATER]: massG - flourG };
}

function warmest(places: Places, atMs: number): string {
  const rooms = [...places.values()].filter((place) => setTempC(place, atMs) <= 26);
  const by = (rooms.length > 0 ? rooms : [...places.values()]).sort(
    (a, b) => setTempC(b, atMs) - setTempC(a, atMs),
  );
  return by[0]?.id ?? '';
}

function coldest(places: Places, atMs: number): string {
  const by = [...places.values()]
    .filter((place) => setTempC(place, atMs) > 0)
    .sort((a, b) => setTempC(a, atMs) - setTempC(b, atMs));
  return by[0]?.id ?? warmest(places, atMs);
}
