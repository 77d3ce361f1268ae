import type { WaterAnswer } from '@/core/thermal';

/** The glyph of a moment. */
export type Glyph = 'feed' | 'mix' | 'ball' | 'move' | 'bake' | 'look';

/** A line of a hands card: what, and how much. */
export interface MomentLine {
  readonly label: string;
  readonly massG?: number;
  readonly text?: string;
}

/** Something the hands did or will do. */
export interface Moment {
  /** Step id when planned, entry id when done. */
  readonly ref: string;
  readonly tense: 'done' | 'planned';
  readonly glyph: Glyph;
  readonly atMs: number;
  readonly plannedMs: number;
  readonly title: string;
  readonly by: string | null;
  readonly lines: readonly MomentLine[];
  readonly foot: string;
  /** In what it is done, of what the shop has; null where that is not known, or it is done. */
  readonly vessel: string | null;
  /** Water that brings a mass to its temperature; null where none goes in, or it is made. */
  readonly water: WaterAnswer | null;
  /** The lot whose strand carries the disc. */
  readonly lotId: string;
  readonly placeId: string | null;
  /** Minutes from the leaven’s best to a mix; null for other moments. */
  readonly offPeakMinutes: number | null;
  /** True when the leaven’s window is open at a mix. */
  readonly withinWindow: boolean | null;
  readonly bakeId: string | null;
  readonly batch: string | null;
}
