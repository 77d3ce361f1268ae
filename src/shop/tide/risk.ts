/** A bake whose mix or service may not be met. */
export interface Risk {
  readonly bakeId: string;
  readonly name: string;
  readonly lotId: string | null;
  /** By how much the leaven’s best comes after the mix, min; below 0: before; null where it is the balls. */
  readonly behindMin: number | null;
  /** Chance of what is at risk, 0–1. */
  readonly chance: number;
}
