/** The odds of a planned service, as far as they are worked out. */
export interface ServiceOdds {
  /** Chance that balls are ready in every half hour of it, 0–1; null where it is not worked out yet, or can not be. */
  readonly chance: number | null;
  /** The same of its worst half hour. */
  readonly worst: number | null;
  /** False while it is being worked out anew: the figure is that of before, or none. */
  readonly settled: boolean;
  /** From this chance on it counts as covered, 0–1: the shop’s own. */
  readonly sureFrom: number;
}
