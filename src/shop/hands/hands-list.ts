import type { ShopUnits } from '@/core/units';
import type { MomentLine } from './moment';
/** A moment of hands on the list. */
export interface HandsMoment {
  readonly stepId: string;
  readonly atMs: number;
  readonly toMs: number;
  readonly title: string;
  readonly who: string | null;
  /** True for a step that somebody can be given to. */
  readonly assignable: boolean;
  readonly bake: string;
  readonly place: string;
  readonly lines: readonly MomentLine[];
  readonly foot: string;
}

/** What the hands do next, day by day, person by person. */
export interface HandsList {
  readonly shopName: string;
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly people: readonly string[];
  readonly moments: readonly HandsMoment[];
}
