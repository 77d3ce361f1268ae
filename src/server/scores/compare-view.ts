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
import type { ScoreBody } from '@/core/journal';
import { type ShopUnits, unitsOf } from '@/core/units';
import type { ShopContext } from '../context';
import { loadShop } from '../shop/load-shop';
import { bakedById, bakedShop, pastBakes, type PastBake } from './baked-shop';
import { methodOfBake } from './method-of-bake';
import { wantedWayOf } from './wanted-way';
import { type ComparedBake, compared } from './compared-bake';

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
