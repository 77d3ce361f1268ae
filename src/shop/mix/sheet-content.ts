import { tr } from '@/words/tr';
import { sentenceInUnits } from '../sentence-in-units';
import type { MixView } from './view';
import { cautionText } from '@/core/cautions';
import { toLocalText } from '@/core/units';

/** A line of a mix sheet: a box to tick, what, how much, and what to mind. */
export interface SheetLine {
  readonly name: string;
  readonly amount: string;
  readonly share: string;
  readonly says: string;
}

/** A mix on paper: page and PDF say the same. */
export interface MixSheet {
  readonly title: string;
  readonly under: string;
  readonly lines: readonly SheetLine[];
  readonly notes: readonly string[];
}

const round = (value: number, digits: number) => String(Number(value.toFixed(digits)));
const gramsOf = (massG: number) => `${round(massG, massG < 10 ? 2 : massG < 100 ? 1 : 0)}\u00a0g`;

/** The sheet of one batch, as it is planned. */
export function mixSheet(view: MixView): MixSheet {
  const { sums, mix, water, batches } = view;
  const flourG = sums.flourG / batches;
  const at = toLocalText(view.atMs, view.units.timeZone);
  const lines = view.items.map((item): SheetLine => {
    if (item.kind === 'time') {
      return { name: item.name, amount: `${item.minutes} min`, share: '', says: item.says };
    }
    return {
      name: item.name,
      amount: sentenceInUnits(gramsOf(item.massG), view.units),
      share: `${round((100 * item.massG) / Math.max(1, flourG), 1)} %`,
      says: item.says,
    };
  });
  const inUnits = (sentence: string) => sentenceInUnits(sentence, view.units);
  return {
    title: view.title,
    under: tr`${at.slice(0, 10)} ${at.slice(11, 16)}, batch ${view.batchNumber} of ${batches}`,
    lines,
    notes: [
      tr`Water ${round((100 * sums.waterG) / Math.max(1, sums.flourG), 1)} %, salt ${round((100 * sums.saltG) / Math.max(1, sums.flourG), 2)} % of all flour (${gramsOf(flourG)} a batch). Dough ${gramsOf(sums.massG / batches)}.`,
      tr`Dough out of the bowl at ${mix.aimC} °C, pause the mixer at ${mix.limitC} °C.`,
      ...(water === null ? [] : [waterNote(water)]),
      ...view.notes,
      ...view.divides.map((one) => tr`${one.name}: ${one.count} of ${gramsOf(one.plannedG)}.`),
      tr`Contains ${view.allergens.join(', ') || tr`nothing that was noted`}.`,
      cautionText('mix'),
    ].map(inUnits),
  };
}

/** The water of a mix in one line: how warm, how much ice, what it comes to, and what would mend it. */
export function waterNote({ answer, remedies }: NonNullable<MixView['water']>): string {
  const ice = answer.iceG > 0 ? tr`, ${gramsOf(Math.round(answer.iceG))} of it ice` : '';
  const comes = answer.bound === null ? '' : tr`: comes to ${round(answer.doughC, 1)} °C`;
  const would = remedies.map((one) => {
    if (one.by === 'flour') return tr`flour at ${round(one.tempC, 0)} °C`;
    if (one.by === 'leaven') return tr`leaven at ${round(one.tempC, 0)} °C`;
    return one.by === 'stages'
      ? tr`mixing in stages with rests in the cold`
      : tr`mixing ${round(one.shareOfTime * 100, 0)} % as long`;
  });
  const mend = would.length === 0 ? '' : tr` It would with ${would.join(', or ')}.`;
  return tr`Water at ${round(answer.waterC, 0)} °C${ice}${comes}.${mend}`;
}
