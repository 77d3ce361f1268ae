import {
  bakedWords,
  changeOneThing,
  explain,
  type BakedRun,
  type Change,
  type Explained,
  type PartedWords,
  type ThingKey,
  type ThingUnit,
} from '@/core/compare';
import type { LotForecast } from '@/core/forecast';
import type { ScoreBody } from '@/core/journal';
import { valueAtHour } from '@/core/ripeness';
import { hoursBetween, type ShopUnits, unitsOf } from '@/core/units';
import type { ShopContext } from '../context';
import { loadShop } from '../shop/load-shop';
import { bakedById, bakedShop, pastBakes, type PastBake } from './baked-shop';
import { methodOfBake } from './method-of-bake';
import { wantedWayOf } from './wanted-way';

/** A point of a level: hours from the mix, × the volume just mixed. */
export type LevelPoint = readonly [hour: number, rise: number];

/** One bake as it is laid beside others. */
export interface ComparedBake extends PastBake {
  readonly mixAtMs: number;
  /** First and last pizza, hours from the mix. */
  readonly servedH: readonly [number, number];
  readonly leaven: readonly LevelPoint[];
  readonly leavenLooks: readonly LevelPoint[];
  readonly dough: readonly LevelPoint[];
  readonly doughLooks: readonly LevelPoint[];
  /** Rises at which its last balls open and close; null where they do not. */
  readonly zone: readonly [opens: number, closes: number] | null;
  readonly standing: { readonly first: number; readonly last: number };
  readonly words: ScoreBody | null;
}

/** A thing that differed, or did not. */
export interface ComparedThing {
  readonly key: ThingKey;
  readonly name: string;
  readonly unit: ThingUnit;
  readonly values: readonly (number | null)[];
  readonly right: readonly [number, number] | null;
  readonly explains: number | null;
}

/** Two to four bakes side by side. */
export interface CompareView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly bakes: readonly ComparedBake[];
  readonly differed: readonly ComparedThing[];
  readonly same: readonly ComparedThing[];
  /** What is told in words: flours, places, hands. */
  readonly words: PartedWords;
  /** Changes of the bake that turned out worse, the surest first. */
  readonly changes: readonly Change[];
  /** The bake that they are of; null where none is proposed. */
  readonly changed: string | null;
  /** The version that a change would be put into. */
  readonly nextVersion: number | null;
  readonly placeNames: Readonly<Record<string, string>>;
  /** Bakes that can be laid beside them. */
  readonly others: readonly PastBake[];
}

const MOST = 4;
const STEP_H = 0.25;
const OTHERS = 60;

/** Bakes laid beside each other; those that can not be run again are left out. */
export function compareView(context: ShopContext, bakeIds: readonly string[]): CompareView {
  const state = loadShop(context);
  const { shop, nowMs } = state;
  const past = pastBakes(context, state);
  const found = [...new Set(bakeIds)].slice(0, MOST).flatMap((bakeId) => {
    const one = bakedById(context, bakeId);
    const about =
      one === null ? undefined : pastBakes(context, one.state).find((row) => row.bakeId === bakeId);
    return one === null || about === undefined ? [] : [{ ...one, about }];
  });
  const [first] = found;
  const explained: Explained =
    first === undefined || found.length < 2
      ? { differed: [], same: [], standings: [] }
      : explain(
          found.map((one) => one.run),
          first.shop,
        );
  const worse = worseOf(found.map(({ run, about }) => ({ run, about })));
  const mend = found.find((one) => one.about.bakeId === worse?.bakeId);
  const way = worse === null ? 0 : wantedWayOf(mend?.state ?? state, worse.bakeId);
  return {
    units: unitsOf(shop),
    nowMs,
    bakes: found.map((one, index) =>
      compared(one.run, one.about, explained.standings[index] ?? { first: 0, last: 0 }),
    ),
    differed: explained.differed.map(plain),
    same: explained.same.map(plain),
    words: bakedWords(
      found.map((one) => one.run),
      first?.shop ?? bakedShop(context, state),
    ),
    changes: mend === undefined ? [] : changeOneThing(mend.baked, mend.shop, way),
    changed: worse?.bakeId ?? null,
    nextVersion: mend === undefined ? null : methodOfBake(context, mend.bake).nextNumber,
    placeNames: Object.fromEntries(state.places.map((place) => [place.id, place.name])),
    others: past.filter((one) => !bakeIds.includes(one.bakeId)).slice(0, OTHERS),
  };
}

const plain = ({
  thing,
  values,
  right,
  explains,
}: Explained['differed'][number]): ComparedThing => ({
  key: thing.key,
  name: thing.name,
  unit: thing.unit,
  values,
  right,
  explains,
});

/** The bake that most wants mending: the one scored furthest from right, else none. */
function worseOf(
  all: readonly { readonly run: BakedRun; readonly about: PastBake }[],
): PastBake | null {
  const ranked = all
    .map(({ about }) => ({ about, bad: badness(about.score?.score ?? null) }))
    .filter(({ bad }) => bad > 0)
    .sort((a, b) => b.bad - a.bad);
  return ranked[0]?.about ?? null;
}

const BAD = { right: 0, 'springs back': 1, slack: 1, tears: 2 } as const;

function badness(score: ScoreBody | null): number {
  if (score?.opening === undefined) return 0;
  return BAD[score.opening.first] + BAD[score.opening.last];
}

function compared(
  run: BakedRun,
  about: PastBake,
  standing: ComparedBake['standing'],
): ComparedBake {
  const mixAtMs = run.dough.story.startMs;
  const [leaven] = run.leavens;
  const { baked, dough, last } = run;
  return {
    ...about,
    mixAtMs,
    servedH: [hoursBetween(mixAtMs, baked.servedFromMs), hoursBetween(mixAtMs, baked.servedToMs)],
    leaven: leaven === undefined ? [] : level(leaven, mixAtMs, mixAtMs),
    leavenLooks: leaven === undefined ? [] : looksOf(leaven, mixAtMs),
    dough: [
      ...level(dough, mixAtMs, last.story.startMs),
      ...level(last, mixAtMs, baked.servedToMs),
    ],
    doughLooks: [...looksOf(dough, mixAtMs), ...looksOf(last, mixAtMs)],
    zone: zoneOf(last),
    standing,
    words: about.score?.score ?? null,
  };
}

/** The level of a lot until an instant, in hours from the mix. */
function level(lot: LotForecast, mixAtMs: number, untilMs: number): LevelPoint[] {
  const { run, story } = lot;
  const fromH = hoursBetween(mixAtMs, story.startMs);
  const untilH = hoursBetween(story.startMs, untilMs);
  const points: LevelPoint[] = [];
  for (let hour = 0; hour < untilH; hour += STEP_H) points.push([fromH + hour, riseAt(lot, hour)]);
  if (untilH > 0 && run.length > 0) points.push([fromH + untilH, riseAt(lot, untilH)]);
  return points;
}

function riseAt({ run }: LotForecast, hour: number): number {
  return valueAtHour(
    { hours: run.hours, length: run.length, at: (row) => run.rises[row] ?? 1 },
    hour,
  );
}

function looksOf(lot: LotForecast, mixAtMs: number): LevelPoint[] {
  return lot.story.looks.flatMap(({ atMs, signs }): LevelPoint[] =>
    signs.rise === undefined ? [] : [[hoursBetween(mixAtMs, atMs), signs.rise]],
  );
}

function zoneOf(lot: LotForecast): readonly [number, number] | null {
  const { opensMs, closesMs } = lot.window;
  if (opensMs === null) return null;
  const opens = riseAt(lot, hoursBetween(lot.story.startMs, opensMs));
  const closes =
    closesMs === null
      ? lot.window.peakRise
      : riseAt(lot, hoursBetween(lot.story.startMs, closesMs));
  return [opens, Math.max(opens, closes)];
}
