/** Air out of doors at an instant. */
export interface OutdoorPoint {
  readonly atMs: number;
  readonly tempC: number;
}

/** Anything that can say how warm it is out of doors, was and will be. */
export interface Weather {
  /** Hours of a span, ascending. */
  readonly hours: (fromMs: number, toMs: number) => readonly OutdoorPoint[];
}
