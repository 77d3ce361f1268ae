/** A service that is wanted, once or every week. */
export interface DemandRow {
  readonly id: string;
  readonly name: string;
  readonly createdMs: number;
  readonly readyFromMs: number;
  readonly readyToMs: number;
  readonly balls: number;
  /** Pizzas in each hour; null: as many in every hour. */
  readonly perHour: readonly number[] | null;
  /** Ids of the methods that will do; none: any. */
  readonly methods: readonly string[];
  readonly weekly: boolean;
  readonly withdrawnMs: number | null;
  /** Days on which a weekly one is not held, "2026-12-04"; none where left out. */
  readonly skips?: readonly string[];
  /** Doughs that it is made of, each for its own stretch; 1 where left out. */
  readonly doughs?: number;
}
