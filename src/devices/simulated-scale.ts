import type { Scale, ScaleReading } from './scale';

/** How the simulated scale behaves. Set. */
const NATURE = {
  /** A pour moves so many grams a second. */
  pourGPerS: 220,
  /** After a pour the pan swings so long, ms, and so far at first, g. */
  settlesMs: 900,
  swingG: 4,
  stepG: 1,
} as const;

/**
 * A scale that ships with Olvik: a hand pours onto it, it swings, settles, and is tared. What it shows follows from
 * what was done to it and from the clock alone.
 */
export class SimulatedScale implements Scale {
  readonly name = 'Simulated scale';
  private connected = true;
  private tareG = 0;
  private fromG = 0;
  private toG = 0;
  private pouredFromMs = -Infinity;

  /** Pours so much onto it, or takes it off with less than nothing. */
  pour(massG: number, nowMs: number): void {
    this.fromG = this.loadG(nowMs);
    this.toG = Math.max(0, this.toG + massG);
    this.pouredFromMs = nowMs;
  }

  /** Takes everything off it. */
  clear(): void {
    this.fromG = 0;
    this.toG = 0;
    this.tareG = 0;
    this.pouredFromMs = -Infinity;
  }

  /** Lets it lose its connection, or find it again. */
  connect(connected: boolean): void {
    this.connected = connected;
  }

  tare(nowMs: number): void {
    this.tareG = this.loadG(nowMs);
  }

  read(nowMs: number): ScaleReading | null {
    if (!this.connected) return null;
    const sinceMs = nowMs - this.settledFromMs();
    const swings = sinceMs < NATURE.settlesMs;
    const swingG = swings
      ? NATURE.swingG * (1 - Math.max(0, sinceMs) / NATURE.settlesMs) * Math.sin(sinceMs / 70)
      : 0;
    const shownG = this.loadG(nowMs) - this.tareG + (sinceMs < 0 ? 0 : swingG);
    return {
      atMs: nowMs,
      massG: Math.round(shownG / NATURE.stepG) * NATURE.stepG,
      stable: !swings,
    };
  }

  /** What lies on it, bowl and all, g. */
  private loadG(nowMs: number): number {
    const seconds = (nowMs - this.pouredFromMs) / 1000;
    if (!(seconds < 1e9)) return this.toG;
    const movedG = Math.min(
      Math.abs(this.toG - this.fromG),
      NATURE.pourGPerS * Math.max(0, seconds),
    );
    return this.fromG + Math.sign(this.toG - this.fromG) * movedG;
  }

  private settledFromMs(): number {
    const pourMs = (1000 * Math.abs(this.toG - this.fromG)) / NATURE.pourGPerS;
    return this.pouredFromMs + pourMs;
  }
}
