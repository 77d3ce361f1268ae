import { type FlourRow } from '../kept/flour';
import type { LoneLeaven } from '@/core/cultures';
import type { TakenWater } from '@/core/flour';
import type { Box, LeavenKind, Tub } from '@/core/formula';
import type { ShopFacts } from '../facts';
/** A lot that a leaven can be seeded from or taken from. */
export interface SourceFact {
  readonly kind: LeavenKind;
  /** True where this is what the culture is first of all for: a stiff one for stiff levains. */
  readonly own: boolean;
  /** Its culture; for a leaven that belongs to none, its own name among cultures. */
  readonly cultureId: string;
  readonly name: string;
  readonly lotId: string;
  /** What may be taken of it, g: what is to be kept stays. */
  readonly thereG: number;
  /** For a jar that a planned feed gives: from when it is there; left out for one that stands. */
  readonly fromMs?: number;
  /** When the next planned feed uses it up; left out where none is planned. */
  readonly untilMs?: number;
  /** For a leaven without a culture: what it is made of. It is taken where it is named, never by itself. */
  readonly lone?: Pick<LoneLeaven, 'hydration' | 'flours'>;
}

/** What a dough of the shop rests on; plain data, so that the page can work by itself. */
export interface DoughFacts extends ShopFacts {
  readonly flours: readonly FlourRow[];
  readonly boxes: readonly Box[];
  readonly tubs: readonly Tub[];
  readonly sources: readonly SourceFact[];
  readonly lastMixes: readonly TakenWater[];
  readonly roomC: number;
  readonly mixerHeatC: number;
  readonly lossShare: number;
}

/** What stands for each leaven that needs a source: the culture it names, or the first that suits it best. */
export function sourceFor(
  leaven: {
    readonly kind: LeavenKind;
    readonly made: { readonly by: string; readonly cultureId?: string | null };
  },
  sources: readonly SourceFact[],
): SourceFact | null {
  if (leaven.made.by === 'yeast') return null;
  const standing = sources.filter((one) => one.fromMs === undefined && one.lone === undefined);
  const isNamed = (one: SourceFact) => one.cultureId === leaven.made.cultureId;
  const named =
    standing.find(isNamed) ?? sources.find((one) => one.lone !== undefined && isNamed(one));
  if (named !== undefined) return named;
  const suited = standing.filter((one) => one.kind === leaven.kind);
  const byOwn = [...suited].sort((a, b) => Number(b.own) - Number(a.own));
  return byOwn.find((one) => one.thereG > 0) ?? byOwn[0] ?? null;
}
