/** What time it is, and how the page may go on counting by itself. */
export interface ClockReading {
  readonly nowMs: number;
  /** Shop seconds for each real second; 0 when the clock is fixed. */
  readonly rate: number;
  /** True for the demo shop, whose rate can be changed. */
  readonly demo: boolean;
}
