/** A service of the coming days that no plan was taken for. */
export interface Unplanned {
  /** Its demand with its date. */
  readonly key: string;
  readonly name: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly balls: number;
  /** By when to plan it so that its longest method that still fits can begin; null where none fits as it usually is. */
  readonly planBy: { readonly atMs: number; readonly method: string } | null;
}
