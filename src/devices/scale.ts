/** What a scale shows. */
export interface ScaleReading {
  readonly atMs: number;
  /** Net of the tare, g. */
  readonly massG: number;
  /** False while the load still moves. */
  readonly stable: boolean;
}

/** A scale under the bowl. */
export interface Scale {
  readonly name: string;
  /** Reads it; null while it is not connected. */
  read: (nowMs: number) => ScaleReading | null;
  /** Takes what is on it as nothing. */
  tare: (nowMs: number) => void;
}
