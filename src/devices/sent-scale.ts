import type { Scale, ScaleReading } from './scale';

/** A scale that has said nothing for so long is not connected, ms: one that shows a live weight speaks several times a second. */
const SILENT_MS = 4_000;

/** A real scale: whatever it is, what stands by it sends what it shows; Olvik tares by itself. */
export class SentScale implements Scale {
  private heard: ScaleReading | null = null;
  private tareG = 0;

  constructor(readonly name: string) {}

  /** Takes what it sent: all that lies on it, g. */
  hear(massG: number, stable: boolean, nowMs: number): void {
    this.heard = { atMs: nowMs, massG, stable };
  }

  /** How long it has been silent, ms; Infinity before its first word. */
  silentMs(nowMs: number): number {
    return this.heard === null ? Infinity : nowMs - this.heard.atMs;
  }

  tare(nowMs: number): void {
    if (this.read(nowMs) !== null) this.tareG = this.heard?.massG ?? 0;
  }

  read(nowMs: number): ScaleReading | null {
    if (this.heard === null || this.silentMs(nowMs) > SILENT_MS) return null;
    const massG = Math.round((this.heard.massG - this.tareG) * 100) / 100;
    return { ...this.heard, massG };
  }
}
