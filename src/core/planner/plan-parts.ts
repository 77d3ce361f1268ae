import type { Stay } from '../methods';

/** The lot that a leaven is taken or seeded from; left out, one as it usually is stands in for it. */
export interface LeavenSource {
  readonly leavenId: string;
  readonly lotId: string;
  readonly cultureId: string | null;
  /** What may be taken of it, g; left out: enough. */
  readonly thereG?: number;
}

/** A part of the balls with its own stays, for its own part of the service. */
export interface Wave {
  readonly count: number;
  readonly stays: readonly Stay[];
  readonly fromMs: number;
  readonly toMs: number;
}
