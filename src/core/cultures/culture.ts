import type { FedAs } from './amounts';

/** Kinds of culture. */
export const CULTURE_KINDS = ['liquid starter', 'stiff starter', 'carry-over', 'discard'] as const;
export type CultureKind = (typeof CULTURE_KINDS)[number];

/** A line of lots that is kept alive, as the baker described it. */
export interface Culture extends FedAs {
  readonly id: string;
  readonly name: string;
  readonly kind: CultureKind;
  /** Salt over flour that a chain is held at; 0 for starters. */
  readonly saltShare: number;
  /** Mother that is never used up, g. */
  readonly keepG: number;
  /** Where it usually stands. */
  readonly placeId: string;
  readonly vesselTareG: number;
  readonly vesselMl: number;
  /** Usual hours between two feeds. */
  readonly everyH: number;
  /** Usual flour to a gram of mother, as in 1 : 5 : 5. */
  readonly usualRatio: number;
  /** The most of it. */
  readonly thinnestRatio: number;
  /** The jar that collects what is left of a fed one; null: thrown away. */
  readonly discardTo: string | null;
  /** Days until its end by age; null: no end of its own. */
  readonly keepsDays: number | null;
  /** Most that it holds, g; null: no limit of its own. */
  readonly limitG: number | null;
  /** When it was begun from flour and water; null for one that came alive. */
  readonly begunMs: number | null;
  readonly retiredMs: number | null;
}

/** True for a culture that is fed. */
export function isStarter(culture: Pick<Culture, 'kind'>): boolean {
  return culture.kind === 'liquid starter' || culture.kind === 'stiff starter';
}
