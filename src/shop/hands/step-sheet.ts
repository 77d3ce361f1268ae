import type { CautionAt } from '@/core/cautions';
import type { WaterAnswer } from '@/core/thermal';
import { isAct, type Act } from '@/core/journal';
import type { Glyph, Moment } from './moment';

/** A step as its dialog shows it. */
export interface StepSheet {
  readonly stepId: string;
  readonly title: string;
  readonly glyph: Glyph;
  readonly atMs: number;
  readonly placeName: string;
  readonly lines: readonly {
    readonly id: string;
    readonly label: string;
    readonly massG: number;
  }[];
  readonly startC: number | null;
  /** Water that brings the mass to its temperature; null where none goes in. */
  readonly water: WaterAnswer | null;
  readonly count: number | null;
  /** Best of the leaven a mix takes; null for other steps. */
  readonly bestMs: number | null;
  readonly notes: readonly string[];
  /** Where the cautions of this step belong. */
  readonly caution: CautionAt | null;
}

/** What the sheet of a step needs beside the act. */
export interface SheetFacts {
  readonly moment: Moment;
  readonly placeName: string;
  readonly notes: readonly string[];
  /** Where the cautions of this step belong. */
  readonly caution: CautionAt | null;
  readonly water: WaterAnswer | null;
}

/** The sheet of a planned act: every gram that can be corrected by its id. */
export function stepSheet(act: Act, facts: SheetFacts): StepSheet {
  const { moment } = facts;
  const labels = moment.lines.map((line) => line.label);
  return {
    stepId: moment.ref,
    title: moment.title,
    glyph: moment.glyph,
    atMs: moment.atMs,
    placeName: facts.placeName,
    lines: linesOf(act).map((line, index) => ({ ...line, label: labels[index] ?? line.id })),
    water: facts.water,
    startC: isAct(act, 'make') ? act.startC : null,
    count: isAct(act, 'divide') || isAct(act, 'use') ? act.count : null,
    bestMs: moment.offPeakMinutes === null ? null : moment.atMs - moment.offPeakMinutes * 60_000,
    notes: facts.notes,
    caution: facts.caution,
  };
}

function linesOf(act: Act): { id: string; massG: number }[] {
  if (isAct(act, 'make')) {
    return [
      ...act.portions.map((line) => ({ id: line.lotId, massG: line.massG })),
      ...act.ingredients.map((line) => ({ id: line.ingredientId, massG: line.massG })),
    ];
  }
  return isAct(act, 'divide') ? [{ id: 'ball', massG: act.ballG }] : [];
}
