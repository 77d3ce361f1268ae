/** The scales that weigh it, g a step. */
export interface ScaleSteps {
  /** Flour, water, salt, oil, dough. */
  readonly scaleStepG: number;
  /** Yeast. */
  readonly fineStepG: number;
}
