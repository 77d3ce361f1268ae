import type { SpeedBelief } from '../learning';
import type { RunLot } from './start-state';

/** How one lot's forecast fared: minutes between its best as its looks put it and as forecast before them. */
export interface LearnedFrom {
  readonly lotId: string;
  readonly atMs: number;
  readonly bookErrorMin: number | null;
  readonly learnedErrorMin: number | null;
  /**
   * How far its looks moved the forecast, in standard deviations of what they should move it by; more than 0: it was later.
   * Null where they could not move it.
   */
  readonly offSd: number | null;
}

/** A lot run at its culture's speed, and what its looks taught. */
export interface LotLesson {
  readonly runLot: RunLot;
  /** Null for a lot that nobody looked at. */
  readonly taught: { readonly belief: SpeedBelief; readonly from: LearnedFrom } | null;
}

interface Kept {
  readonly key: string;
  readonly stamp: number;
  readonly lesson: LotLesson;
}

/** Lessons of lots, kept from one learning to the next: only what changed, and what came after it, is learned anew. */
export class RememberedLessons {
  private kept = new Map<string, Kept>();
  private next = new Map<string, Kept>();
  private lastStamp = 0;

  /** A number that stands for the lesson of a lot in the learning under way; 0 for a lot it did not need. */
  stampOf(lotId: string): number {
    return this.next.get(lotId)?.stamp ?? 0;
  }

  /** The kept lesson of a lot where it rests on the same facts, else a new one. */
  lesson(lotId: string, key: string, make: () => LotLesson): LotLesson {
    const known = this.kept.get(lotId);
    if (known?.key === key) {
      this.next.set(lotId, known);
      return known.lesson;
    }
    this.lastStamp += 1;
    const lesson = make();
    this.next.set(lotId, { key, stamp: this.lastStamp, lesson });
    return lesson;
  }

  /** Ends one learning: what it did not ask for is forgotten. */
  turn(): void {
    this.kept = this.next;
    this.next = new Map();
  }
}
